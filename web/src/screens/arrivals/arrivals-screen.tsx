import './arrivals.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useRef, useState } from 'react';
import { useDropzone, type FileWithPath } from 'react-dropzone';
import type { Arrival } from '@haveld/contract/arrivals';
import { arrivalsQuery } from '../../api/queries';
import { bringIn } from '../../api/uploads';
import { useChange } from '../../api/use-change';
import { formatBytes, formatCount } from '../../parts/format';
import { Failure, Loading, Notice } from '../../parts/notice';
import { ArrivalRow } from './arrival-row';

const SHOWN_AT_FIRST = 12;

/** What came in, joined by lines to what it is. The whole screen takes a drop. */
export function ArrivalsScreen() {
  const arrivals = useQuery(arrivalsQuery);
  const { enqueueSnackbar } = useSnackbar();
  const folder = useRef<HTMLInputElement>(null);
  const bring = useChange(bringIn, {
    onDone: ({ refused }) =>
      refused.forEach((sentence) => enqueueSnackbar(`Refused: ${sentence}`, { variant: 'warning' })),
  });
  const drop = useDropzone({
    noClick: true,
    noKeyboard: true,
    // the plain file dialog: it also works where the page is not served securely
    useFsAccessApi: false,
    onDrop: (files) => bring.mutate(files.map((file) => ({ file, path: pathOf(file) }))),
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
        <Button variant="outlined" sx={{ borderStyle: 'dashed' }} onClick={drop.open}>
          Drop archives, files or a folder anywhere
        </Button>
        <Button variant="outlined" onClick={() => folder.current?.click()}>
          Pick a folder
        </Button>
      </div>
      <div className="screen-body">
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
            Drop a download here: a zip, loose files, or a whole folder. Each model in it is found, read and looked
            over; nothing that arrives is ever changed.
          </Notice>
        )}
        {arrivals.data && arrivals.data.length > 0 && <ArrivalList arrivals={arrivals.data} />}
      </div>
      {drop.isDragActive && <div className="arrivals-veil">Let go: everything in it is kept and looked through.</div>}
    </div>
  );
}

const pathOf = (file: File & { path?: string }): string =>
  ((file as FileWithPath).path ?? file.name).replace(/^\.?\//, '');

function Totals({ arrivals }: { arrivals: Arrival[] }) {
  const files = arrivals.reduce((sum, arrival) => sum + arrival.files.length, 0);
  const packed = arrivals.reduce((sum, arrival) => sum + arrival.packedBytes, 0);
  const kept = arrivals.reduce((sum, arrival) => sum + arrival.keptBytes, 0);
  return (
    <span className="quiet">
      {formatCount(arrivals.length, 'arrival')}, {formatCount(files, 'file')}, {formatBytes(packed)} packed →{' '}
      {formatBytes(kept)} kept
    </span>
  );
}

/** Those with something to decide come first, the newest of each first. */
function ArrivalList({ arrivals }: { arrivals: Arrival[] }) {
  const [all, setAll] = useState(false);
  const isOpen = (arrival: Arrival): boolean =>
    arrival.state !== 'ready' || arrival.finds.some((find) => find.state !== 'on-bench' && find.state !== 'set-aside');
  const ordered = [...arrivals.filter(isOpen), ...arrivals.filter((arrival) => !isOpen(arrival))];
  const shown = all ? ordered : ordered.slice(0, SHOWN_AT_FIRST);
  const finds = arrivals.reduce((sum, arrival) => sum + arrival.finds.length, 0);
  return (
    <>
      <div className="arrivals-heads">
        <h2>What came in</h2>
        <span className="quiet small">by content, not by name</span>
        <h2>What it is</h2>
        <span className="quiet small">{formatCount(finds, 'find')}</span>
      </div>
      {shown.map((arrival) => (
        <ArrivalRow key={arrival.id} arrival={arrival} />
      ))}
      {shown.length < ordered.length && (
        <p className="arrivals-more">
          <Button onClick={() => setAll(true)}>{ordered.length - shown.length} older arrivals</Button>
        </p>
      )}
    </>
  );
}
