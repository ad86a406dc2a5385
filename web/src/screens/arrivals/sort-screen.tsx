import './sort.css';
import {
  DndContext,
  DragOverlay,
  MouseSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import {
  type REGROUP_ROLES,
  joinArrivals,
  regroupFile,
  type Arrival,
  type ArrivalFile,
  type Find,
} from '@haveld/contract/api/arrivals';
import { DomainError } from '@haveld/contract/error';
import { call } from '../../api/client';
import { arrivalQuery, arrivalsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatBytes, formatCount } from '../../parts/format';
import { Failure, Loading, Notice } from '../../parts/notice';
import { roleWords } from '../../parts/role-words';

const LINE_PX = 34;
const NEW = 'new';
const EXCLUDED = 'excluded';

/** One arrival sorted by hand: a file is dragged onto the find it belongs to, or sent there by its menu. */
export function SortScreen() {
  const { id = '' } = useParams();
  const arrival = useQuery({ ...arrivalQuery(id), retry: false });
  const arrivals = useQuery(arrivalsQuery);
  if (arrival.isPending) return <Loading />;
  if (arrival.error instanceof DomainError && arrival.error.code === 'not-found')
    return (
      <Notice title="This arrival is not here any more">It may have been joined with another, or given up.</Notice>
    );
  if (arrival.isLoadingError) return <Failure error={arrival.error} onRetry={() => void arrival.refetch()} />;
  const others = (arrivals.data ?? []).filter(
    (one) => one.id !== id && one.state === 'ready' && one.counts.taken === 0,
  );
  return <SortView arrival={arrival.data} others={others} />;
}

interface Move {
  fileId: number;
  to: string;
  role?: (typeof REGROUP_ROLES)[number];
}

function SortView({ arrival, others }: { arrival: Arrival; others: readonly Arrival[] }) {
  const move = useChange(({ fileId, ...body }: Move) => call(regroupFile, { params: { id: fileId }, body }));
  const [dragged, setDragged] = useState<ArrivalFile | null>(null);
  const sensors = useSensors(useSensor(MouseSensor, { activationConstraint: { distance: 4 } }));
  const files = arrival.files.filter((file) => file.kind !== 'archive');
  const end = ({ active, over }: DragEndEvent): void => {
    setDragged(null);
    if (over) move.mutate({ fileId: Number(active.id), to: String(over.id) });
  };
  return (
    <DndContext
      sensors={sensors}
      onDragStart={({ active }) => setDragged(files.find(({ id }) => id === Number(active.id)) ?? null)}
      onDragEnd={end}
      onDragCancel={() => setDragged(null)}
    >
      <div className="screen">
        <div className="screen-head">
          <h1>Sort by hand</h1>
          <span className="quiet">
            “{arrival.name}”, {formatCount(files.length, 'file')} in {formatCount(arrival.finds.length, 'find')}
          </span>
          <span className="grow" />
          {arrival.counts.taken === 0 && <JoinWith arrival={arrival} others={others} />}
          <Button component={Link} to="/arrivals">
            Back to the arrivals
          </Button>
        </div>
        <p className="sort-hint quiet small">
          Drag a file onto a find, or press <kbd>Enter</kbd> on it and say where it belongs. What you change is
          remembered as a habit of this source; on the bench nothing changes any more.
        </p>
        <div className="sort-columns">
          <FileColumn files={files} arrival={arrival} onMove={(given) => move.mutate(given)} />
          <FindColumn arrival={arrival} isMoving={move.isPending} />
        </div>
      </div>
      <DragOverlay>{dragged && <div className="sort-dragged mono">{baseName(dragged.path)}</div>}</DragOverlay>
    </DndContext>
  );
}

/** One model in several downloads: any other arrival that is not on the bench yet can be joined to this one. */
function JoinWith({ arrival, others }: { arrival: Arrival; others: readonly Arrival[] }) {
  const navigate = useNavigate();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const join = useChange((otherId: string) => call(joinArrivals, { params: { id: arrival.id }, body: { otherId } }), {
    onDone: () => void navigate('/arrivals'),
  });
  return (
    <>
      <Button
        variant="outlined"
        disabled={others.length === 0}
        loading={join.isPending}
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-haspopup="menu"
      >
        Join with another arrival
      </Button>
      <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
        {others.map((other) => (
          <MenuItem
            key={other.id}
            onClick={() => {
              setAnchor(null);
              join.mutate(other.id);
            }}
          >
            {other.name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

const baseName = (path: string): string => path.slice(path.lastIndexOf('/') + 1);

function FileColumn({
  files,
  arrival,
  onMove,
}: {
  files: readonly ArrivalFile[];
  arrival: Arrival;
  onMove: (move: Move) => void;
}) {
  const scroller = useRef<HTMLDivElement>(null);
  const list = useVirtualizer({
    count: files.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => LINE_PX,
    overscan: 12,
  });
  return (
    <div className="sort-files" ref={scroller} role="list" aria-label="Files as received" tabIndex={-1}>
      <div style={{ height: list.getTotalSize(), position: 'relative' }}>
        {list.getVirtualItems().map((item) => (
          <div
            key={files[item.index].id}
            className="sort-line-place"
            style={{ transform: `translateY(${item.start}px)`, height: item.size }}
          >
            <FileLine file={files[item.index]} arrival={arrival} onMove={onMove} />
          </div>
        ))}
      </div>
    </div>
  );
}

function FileLine({ file, arrival, onMove }: { file: ArrivalFile; arrival: Arrival; onMove: (move: Move) => void }) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: file.id });
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const go = (to: string, role?: Move['role']): void => {
    setAnchor(null);
    onMove({ fileId: file.id, to, role });
  };
  const path = file.path.startsWith(`${arrival.name}/`) ? file.path.slice(arrival.name.length + 1) : file.path;
  const own = arrival.finds.find((find) => file.uses.some(({ findId }) => findId === find.id));
  return (
    <div role="listitem" className={`sort-line ${isDragging ? 'dragging' : ''} ${file.excludedReason ? 'quiet' : ''}`}>
      <button
        type="button"
        ref={setNodeRef}
        {...listeners}
        className="sort-file"
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-haspopup="menu"
        title="Say where it belongs"
      >
        <span className="mono sort-path">{path}</span>
        <span className="small quiet">{file.excludedReason ?? describeUse(file, own)}</span>
        <span className="mono quiet">{formatBytes(file.sizeBytes)}</span>
      </button>
      <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
        {arrival.finds.map((find) => (
          <MenuItem key={find.id} disabled={find.asset !== null} onClick={() => go(find.id)}>
            With “{find.name}”
          </MenuItem>
        ))}
        {file.kind === 'model' && own && own.modelPath !== file.path && (
          <MenuItem onClick={() => go(own.id, 'model')}>The model of “{own.name}”</MenuItem>
        )}
        {file.kind === 'model' && own && own.modelPath !== file.path && (
          <MenuItem onClick={() => go(own.id, 'lod')}>A level of detail of “{own.name}”</MenuItem>
        )}
        {file.kind === 'model' && <MenuItem onClick={() => go(NEW)}>A find of its own</MenuItem>}
        {file.kind === 'picture' && own && (
          <MenuItem onClick={() => go(own.id, 'preview')}>Shows “{own.name}”, no map</MenuItem>
        )}
        <MenuItem onClick={() => go(EXCLUDED)}>Excluded, in no find</MenuItem>
      </Menu>
    </div>
  );
}

function describeUse(file: ArrivalFile, own: Find | undefined): string {
  const role = file.uses[0]?.role ?? '';
  const words = roleWords(role);
  return file.uses.length > 1 ? `${words} of ${file.uses.length} finds` : own ? `${words} · ${own.name}` : words;
}

function FindColumn({ arrival, isMoving }: { arrival: Arrival; isMoving: boolean }) {
  return (
    <div className="sort-finds" aria-busy={isMoving}>
      {arrival.finds.map((find) => (
        <FindPlace
          key={find.id}
          find={find}
          files={arrival.files.filter(({ uses }) => uses.some(({ findId }) => findId === find.id))}
        />
      ))}
      <EmptyPlace id={NEW} label="A find of its own" />
      <EmptyPlace id={EXCLUDED} label="Excluded, in no find" />
    </div>
  );
}

function FindPlace({ find, files }: { find: Find; files: readonly ArrivalFile[] }) {
  const { setNodeRef, isOver } = useDroppable({ id: find.id, disabled: find.asset !== null });
  return (
    <article ref={setNodeRef} className={`sheet sort-find ${isOver ? 'over' : ''}`} aria-label={find.name}>
      <h2>{find.name}</h2>
      <p className="quiet small">
        {find.asset
          ? 'on the bench, its files stay as they are'
          : find.state === 'waiting'
            ? 'reading it …'
            : formatCount(files.length, 'file')}
      </p>
      <ul className="small">
        {files.slice(0, 6).map((file) => (
          <li key={file.id}>
            <span className="mono">{baseName(file.path)}</span>{' '}
            <span className="quiet">{roleWords(file.uses.find(({ findId }) => findId === find.id)!.role)}</span>
          </li>
        ))}
        {files.length > 6 && <li className="quiet">{files.length - 6} more</li>}
      </ul>
    </article>
  );
}

function EmptyPlace({ id, label }: { id: string; label: string }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <div ref={setNodeRef} className={`sort-empty ${isOver ? 'over' : ''}`}>
      {label}
    </div>
  );
}
