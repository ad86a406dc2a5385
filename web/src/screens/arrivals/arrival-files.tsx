import './arrival-files.css';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import { joinArrivals, type Arrival } from '@haveld/contract/api/arrivals';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatBytes, formatCount, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { foldFiles } from './fold-files';
import { LockedForm } from './locked-form';
import { Receiving } from './receiving';

const LINES_SHOWN = 8;

/** The heap as received: a line a file or a folder of alike files, what was set aside with its reason, the reading log folded. */
export function ArrivalFiles({ arrival }: { arrival: Arrival }) {
  const [all, setAll] = useState(false);
  const inner = arrival.files.filter((file) => file.path !== arrival.name);
  const lines = foldFiles(inner, `${arrival.name}/`);
  const shown = all ? lines : lines.slice(0, LINES_SHOWN);
  const hidden = arrival.fileCount - arrival.files.length + (lines.length - shown.length);
  return (
    <div className="sheet arrival-files">
      <p className="arrival-name">
        <strong>{arrival.name}</strong>
        <span className="quiet small">
          {formatMoment(arrival.createdAt)} · {arrival.gift ? `given by ${arrival.gift.giver}` : arrival.personName}
        </span>
      </p>
      <Sizes arrival={arrival} />
      {arrival.state === 'receiving' && <Receiving arrival={arrival} />}
      {arrival.state === 'locked' && <LockedForm arrival={arrival} />}
      <ul>
        {shown.map((line) => (
          <li key={line.key} data-line={line.key} className={line.isExcluded ? 'quiet' : ''}>
            <span className="mono arrival-path" title={line.files.map(({ path }) => path).join('\n')}>
              {line.label}
            </span>
            <span className="mono quiet">{line.summary}</span>
          </li>
        ))}
      </ul>
      <p className="arrival-foot">
        {hidden > 0 && !all && (
          <Button size="small" onClick={() => setAll(true)}>
            {formatCount(hidden, 'more line')}
          </Button>
        )}
        {arrival.counts.finds > 0 && (
          <Button
            size="small"
            component={Link}
            to={`/arrivals/${arrival.id}`}
            aria-label={`Sort by hand: ${arrival.name}`}
          >
            Sort by hand
          </Button>
        )}
      </p>
      {arrival.joins && <Join arrival={arrival} other={arrival.joins} />}
      <Log arrival={arrival} />
    </div>
  );
}

function Sizes({ arrival }: { arrival: Arrival }) {
  if (arrival.fileCount === 0) return <p className="quiet small">{formatBytes(arrival.packedBytes)}</p>;
  return (
    <p className="quiet small">
      {formatBytes(arrival.packedBytes)} packed → {formatBytes(arrival.unpackedBytes)} unpacked,{' '}
      {formatBytes(arrival.keptBytes)} kept
    </p>
  );
}

function Join({ arrival, other }: { arrival: Arrival; other: NonNullable<Arrival['joins']> }) {
  const join = useChange(() => call(joinArrivals, { params: { id: arrival.id }, body: { otherId: other.id } }));
  return (
    <p className="small arrival-join">
      <Mark mark="look" /> Belongs to “{other.name}”? {other.reason}.{' '}
      <Button size="small" loading={join.isPending} onClick={() => join.mutate(undefined)}>
        Join them
      </Button>
    </p>
  );
}

/** Everything opening had to say, and everything set aside with its reason. */
function Log({ arrival }: { arrival: Arrival }) {
  const excluded = arrival.files.filter((file) => file.excludedReason !== null && file.kind !== 'archive');
  if (arrival.refused.length + arrival.notes.length + excluded.length === 0) return null;
  return (
    <details className="arrival-log small">
      <summary>
        {arrival.refused.length > 0 && (
          <span className="says-look">
            <Mark mark="look" /> {arrival.refused.length} not taken
          </span>
        )}
        {excluded.length > 0 && <span>{excluded.length} excluded</span>}
        {arrival.notes.length > 0 && <span>{formatCount(arrival.notes.length, 'note')}</span>}
      </summary>
      <ul>
        {arrival.refused.map((sentence) => (
          <li key={sentence}>Not taken: {sentence}</li>
        ))}
        {arrival.notes.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
        {excluded.map((file) => (
          <li key={file.id}>
            <span className="mono">{file.path.slice(file.path.lastIndexOf('/') + 1)}</span>: {file.excludedReason}
          </li>
        ))}
      </ul>
    </details>
  );
}
