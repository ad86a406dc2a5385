import './arrivals.css';
import './arrivals-screen.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useSnackbar } from 'notistack';
import { useRef } from 'react';
import { useDropzone } from 'react-dropzone';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useNavigate } from 'react-router';
import type { Arrival } from '@haveld/contract/api/arrivals';
import { lineUp } from '@haveld/contract/api/line-up';
import { call } from '../../api/client';
import { arrivalsQuery, meQuery } from '../../api/queries';
import { bringIn, toDropped, type Dropped } from '../../api/uploads';
import { useChange } from '../../api/use-change';
import { formatBytes, formatCount } from '../../parts/format';
import { Failure, Loading, Notice } from '../../parts/notice';
import { ArrivalRow } from './arrival-row';
import { isOpen, orderArrivals } from './order-arrivals';

/** Height of the headings above the list. */
const HEADS_PX = 34;

/** What came in, joined by lines to what it is. The whole screen takes a drop. */
export function ArrivalsScreen() {
  const arrivals = useQuery(arrivalsQuery);
  const { enqueueSnackbar } = useSnackbar();
  const folder = useRef<HTMLInputElement>(null);
  const body = useRef<HTMLDivElement>(null);
  const me = useQuery(meQuery);
  const bring = useChange((dropped: readonly Dropped[]) => bringIn(dropped, me.data?.id ?? ''), {
    onDone: ({ refused }) =>
      refused.forEach((sentence) => enqueueSnackbar(`Refused: ${sentence}`, { variant: 'warning' })),
  });
  const drop = useDropzone({
    noClick: true,
    noKeyboard: true,
    // the plain file dialog: it also works where the page is not served securely
    useFsAccessApi: false,
    onDrop: (files) => bring.mutate(files.map(toDropped)),
  });
  return (
    <div className="screen arrivals" {...drop.getRootProps()}>
      <input {...drop.getInputProps()} aria-label="Files to bring in" />
      <input
        ref={folder}
        type="file"
        hidden
        multiple
        aria-label="A folder to bring in"
        {...{ webkitdirectory: '' }}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          if (files.length > 0)
            bring.mutate(files.map((file) => ({ file, path: file.webkitRelativePath || file.name })));
          event.target.value = '';
        }}
      />
      <div className="screen-head">
        <h1>Arrivals</h1>
        {arrivals.data && arrivals.data.length > 0 && <Totals arrivals={arrivals.data} />}
        <span className="grow" />
        {arrivals.data && <LineThemUp arrivals={arrivals.data} />}
        <Button component={Link} to="/line-up">
          The line-up
        </Button>
        <Button component={Link} to="/arrivals/habits">
          Naming habits
        </Button>
        <Button component={Link} to="/arrivals/sources" variant="outlined">
          From a source
        </Button>
        <Button variant="outlined" sx={{ borderStyle: 'dashed' }} onClick={drop.open}>
          Drop files anywhere
        </Button>
        <Button variant="outlined" onClick={() => folder.current?.click()}>
          Pick a folder
        </Button>
      </div>
      <div className="screen-body" ref={body}>
        {arrivals.isPending && <Loading />}
        {arrivals.error && <Failure error={arrivals.error} onRetry={() => void arrivals.refetch()} />}
        {arrivals.data?.length === 0 && (
          <Notice
            title="Nothing has arrived yet"
            action={
              <Button variant="contained" onClick={drop.open}>
                Pick files
              </Button>
            }
          >
            Drop downloads here: archives, loose files, or a whole folder. Each model in it is found, read and looked
            over; nothing that arrives is ever changed.
          </Notice>
        )}
        {arrivals.data && arrivals.data.length > 0 && <ArrivalList arrivals={arrivals.data} scroller={body} />}
      </div>
      {drop.isDragActive && <div className="arrivals-veil">Let go: everything in it is kept and looked through.</div>}
    </div>
  );
}

function Totals({ arrivals }: { arrivals: Arrival[] }) {
  const sum = (of: (arrival: Arrival) => number): number => arrivals.reduce((total, arrival) => total + of(arrival), 0);
  return (
    <span className="quiet">
      {formatCount(arrivals.length, 'arrival')},{' '}
      {formatCount(
        sum(({ fileCount }) => fileCount),
        'file',
      )}
      , {formatBytes(sum(({ keptBytes }) => keptBytes))} kept
    </span>
  );
}

/** Everything that waits goes into the line-up in one action, questions and all; what is still read follows by itself. */
function LineThemUp({ arrivals }: { arrivals: Arrival[] }) {
  const navigate = useNavigate();
  const ready = arrivals.reduce((sum, { counts }) => sum + counts.ready, 0);
  const open = arrivals.filter((arrival) => arrival.counts.ready > 0 || (!arrival.linedUp && isOpen(arrival)));
  const line = useChange((arrivalIds: string[]) => call(lineUp, { body: { arrivalIds } }), {
    onDone: () => void navigate('/line-up'),
  });
  const lineUpOpen = (): void => line.mutate(open.slice(0, 500).map(({ id }) => id));
  useHotkeys('l', lineUpOpen, { enabled: open.length > 0 && !line.isPending });
  if (open.length === 0) return null;
  return (
    <Button variant="contained" loading={line.isPending} onClick={lineUpOpen} aria-keyshortcuts="l">
      {ready === 0 ? 'Line them up' : `Line up ${formatCount(ready, 'model')}`}
    </Button>
  );
}

/** Only the arrivals in sight are drawn, however many there are. */
function ArrivalList({
  arrivals,
  scroller,
}: {
  arrivals: Arrival[];
  scroller: React.RefObject<HTMLDivElement | null>;
}) {
  const ordered = orderArrivals(arrivals);
  const list = useVirtualizer({
    count: ordered.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 220,
    overscan: 3,
    scrollMargin: HEADS_PX,
    getItemKey: (i) => ordered[i].id,
  });
  const finds = arrivals.reduce((sum, arrival) => sum + arrival.counts.finds, 0);
  const decisions = arrivals.reduce((sum, arrival) => sum + arrival.counts.decisions, 0);
  return (
    <>
      <div className="arrivals-heads">
        <h2>What came in</h2>
        <span className="quiet small">by content, not by name</span>
        <h2>What it is</h2>
        <span className="quiet small">
          {formatCount(finds, 'find')}
          {decisions > 0 && `, ${formatCount(decisions, 'decision')} first`}
        </span>
      </div>
      <div className="arrivals-list" style={{ height: list.getTotalSize() }}>
        {list.getVirtualItems().map((item) => (
          <div
            key={item.key}
            ref={list.measureElement}
            data-index={item.index}
            className="arrivals-item"
            style={{ transform: `translateY(${item.start - HEADS_PX}px)` }}
          >
            <ArrivalRow arrival={ordered[item.index]} />
          </div>
        ))}
      </div>
    </>
  );
}
