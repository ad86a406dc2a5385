import './kit.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useParams } from 'react-router';
import { drawKit, takePieces, type Kit, type Piece } from '@haveld/contract/api/kits';
import { cancelJob } from '@haveld/contract/api/progress';
import { formatLength } from '@haveld/core/placement/units';
import { bytesUrl, call } from '../../api/client';
import { kitQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount, formatThousands } from '../../parts/format';
import { Failure, Loading } from '../../parts/notice';
import { layContactSheet, type Place } from './lay-contact-sheet';

/** A kit as a contact sheet at one scale: looked over, picked from, taken in one action. */
export function KitScreen() {
  const { id = '' } = useParams();
  const kit = useQuery(kitQuery(id));
  if (kit.isPending) return <Loading />;
  if (kit.isLoadingError) return <Failure error={kit.error} onRetry={() => void kit.refetch()} />;
  return <KitView key={id} kit={kit.data} />;
}

const isFree = ({ state }: Piece): boolean => state === 'seen' || state === 'failed' || state === 'set-aside';

function KitView({ kit }: { kit: Kit }) {
  const [picked, setPicked] = useState<ReadonlySet<number>>(new Set());
  const [words, setWords] = useState('');
  const [atOneScale, setAtOneScale] = useState(true);
  const take = useChange((ordinals: number[]) => call(takePieces, { params: { id: kit.id }, body: { ordinals } }), {
    onDone: () => setPicked(new Set()),
  });
  const draw = useChange(() => call(drawKit, { params: { id: kit.id } }));
  const shown = kit.pieces.filter(({ name }) => name.toLowerCase().includes(words.trim().toLowerCase()));
  const free = shown.filter(isFree);
  const sheet = layContactSheet(shown, atOneScale);
  const toggle = (ordinal: number): void =>
    setPicked((now) =>
      now.has(ordinal) ? new Set([...now].filter((one) => one !== ordinal)) : new Set([...now, ordinal]),
    );
  useHotkeys('mod+a', (event) => {
    event.preventDefault();
    setPicked(new Set(free.map(({ ordinal }) => ordinal)));
  });
  const taken = kit.pieces.filter(({ assetId }) => assetId !== null).length;
  return (
    <div className="screen">
      <div className="screen-head">
        <h1>{kit.name}</h1>
        <span className="quiet">
          a kit of {kit.pieces.length}, from “{kit.arrivalName}” · {kit.reason}
        </span>
        <span className="grow" />
        {taken > 0 && (
          <Button component={Link} to={`/bench/kits/${kit.id}`}>
            {formatCount(taken, 'piece')} on the bench
          </Button>
        )}
        <Button component={Link} to="/arrivals">
          Back to the arrivals
        </Button>
      </div>
      <div className="kit-bar">
        <TextField
          size="small"
          placeholder="Name holds …"
          value={words}
          onChange={(event) => setWords(event.target.value)}
          slotProps={{ htmlInput: { 'aria-label': 'Name holds' } }}
        />
        <Button onClick={() => setAtOneScale((now) => !now)} aria-pressed={atOneScale}>
          {atOneScale ? 'Each in its own frame' : 'All at one scale'}
        </Button>
        {atOneScale && <ScaleBar metres={kit.metres} pxPerUnit={sheet.scale} />}
        <span className="grow" />
        {kit.progress && <Progress progress={kit.progress} />}
        {!kit.progress && kit.undrawn > 0 && (
          <Button loading={draw.isPending} onClick={() => draw.mutate(undefined)}>
            Draw the other {kit.undrawn}
          </Button>
        )}
        <Button
          onClick={() => setPicked(new Set(picked.size === free.length ? [] : free.map(({ ordinal }) => ordinal)))}
          disabled={free.length === 0}
        >
          {picked.size === free.length && free.length > 0 ? 'Pick none' : `Pick all ${free.length}`}
        </Button>
        <Button
          variant="contained"
          disabled={picked.size === 0}
          loading={take.isPending}
          onClick={() => take.mutate([...picked])}
        >
          {picked.size === 0 ? 'Pick pieces first' : `${formatCount(picked.size, 'piece')} to the bench`}
        </Button>
      </div>
      <div className="screen-body kit-sheet" role="list" aria-label="Pieces">
        {sheet.places.map((place) => (
          <PieceTile
            key={place.piece.ordinal}
            place={place}
            isPicked={picked.has(place.piece.ordinal)}
            onToggle={toggle}
          />
        ))}
      </div>
    </div>
  );
}

function Progress({ progress: { jobId, label, done, total } }: { progress: NonNullable<Kit['progress']> }) {
  const stop = useChange(() => call(cancelJob, { params: { id: jobId } }));
  return (
    <span className="kit-progress small" role="status">
      <span className="bar">
        <span style={{ width: `${total > 0 ? (done / total) * 100 : 4}%` }} />
      </span>
      {label}: piece {done} of {total || '…'}
      <Button size="small" loading={stop.isPending} onClick={() => stop.mutate(undefined)}>
        Stop
      </Button>
    </span>
  );
}

/** A ruled bar: its true length, or in the file's own unit where none is declared. */
function ScaleBar({ metres, pxPerUnit }: { metres: number | null; pxPerUnit: number }) {
  const length = roundLength(90 / pxPerUnit);
  return (
    <span className="kit-scale small">
      <span className="kit-scale-bar" style={{ width: length * pxPerUnit }} />
      {metres === null ? `${length} in the file’s own unit` : formatLength(length * metres)}
    </span>
  );
}

/** The largest of 1, 2 or 5 times a power of ten that is not longer. */
function roundLength(length: number): number {
  const power = 10 ** Math.floor(Math.log10(length));
  return Number((([5, 2, 1].find((step) => step * power <= length) ?? 1) * power).toPrecision(1));
}

const STATE_WORDS: Record<Piece['state'], string> = {
  seen: '',
  taking: 'being taken …',
  failed: 'could not be taken',
  'set-aside': 'set aside',
  'on-bench': 'on the bench',
  catalogued: 'catalogued',
};

function PieceTile({
  place,
  isPicked,
  onToggle,
}: {
  place: Place;
  isPicked: boolean;
  onToggle: (ordinal: number) => void;
}) {
  const { piece, widthPx, heightPx } = place;
  const words = STATE_WORDS[piece.state];
  return (
    <div role="listitem" className={`piece ${isPicked ? 'picked' : ''}`} style={{ width: place.columnPx }}>
      <button
        type="button"
        className="piece-button"
        disabled={!isFree(piece)}
        aria-pressed={isPicked}
        onClick={() => onToggle(piece.ordinal)}
      >
        <span className="piece-ground" style={{ height: place.rowPx }}>
          {piece.pictureSha256 ? (
            <img
              src={bytesUrl(piece.pictureSha256, 'png')}
              alt=""
              loading="lazy"
              style={{ width: widthPx, height: heightPx }}
            />
          ) : (
            <span className="piece-blank" style={{ width: widthPx, height: heightPx }} />
          )}
        </span>
        <span className="piece-name">{piece.name}</span>
        <span className="mono quiet piece-figures">
          {piece.triangles > 0 ? `${formatThousands(piece.triangles)} triangles` : 'no surface in it'}
          {piece.accession && ` · ${piece.accession}`}
        </span>
      </button>
      {words && (
        <span className="small quiet">
          {piece.assetId ? (
            <Link to={`/${piece.state === 'catalogued' ? 'catalogue' : 'bench'}/${piece.assetId}`}>{words}</Link>
          ) : (
            (piece.message ?? words)
          )}
        </span>
      )}
    </div>
  );
}
