import './arrival-row.css';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { cancelArrival, type Arrival, type Find } from '@haveld/contract/api/arrivals';
import { standsAlone, wantsDecision } from '@haveld/contract/arrival-decisions';
import { call } from '../../api/client';
import { arrivalQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { useMayEnd } from '../../parts/use-may';
import { ArrivalFiles } from './arrival-files';
import { ArrivalLines } from './arrival-lines';
import { FindCard } from './find-card';
import { KitCard } from './kit-card';

const CARDS_SHOWN = 8;

/** One arrival: the heap as received on the left, what it is on the right, lines between them. */
export function ArrivalRow({ arrival: listed }: { arrival: Arrival }) {
  const [all, setAll] = useState(false);
  const whole = useQuery({ ...arrivalQuery(listed.id), enabled: all });
  // what it may belong to is worked out among all of them
  const arrival = whole.data ? { ...whole.data, joins: listed.joins } : listed;
  const alone = arrival.finds.filter(standsAlone);
  const ordered = [...alone].sort((a, b) => Number(wantsDecision(b)) - Number(wantsDecision(a)));
  const shown = all && whole.data ? ordered : ordered.slice(0, CARDS_SHOWN);
  const hidden = arrival.counts.alone - shown.length;
  return (
    <section className="arrival" aria-label={arrival.name}>
      <ArrivalFiles arrival={arrival} />
      <ArrivalLines arrival={arrival} />
      <div className="arrival-finds">
        {arrival.progress && arrival.progress.total !== 1 && <Progress arrival={arrival} />}
        {arrival.kits.map((kit) => (
          <KitCard key={kit.id} kit={kit} finds={listPieceFinds(arrival.finds, kit.id)} />
        ))}
        {shown.map((find) => (
          <FindCard key={find.id} find={find} />
        ))}
        {hidden > 0 && (
          <Button loading={whole.isLoading} onClick={() => setAll(true)}>
            {formatCount(hidden, 'more find')}
          </Button>
        )}
        {whole.error && <p className="small says-blocks">{whole.error.message}</p>}
        {arrival.counts.finds === 0 && !arrival.progress && <Waiting arrival={arrival} />}
      </div>
    </section>
  );
}

const listPieceFinds = (finds: readonly Find[], kitId: string): Find[] => finds.filter((find) => find.kitId === kitId);

function Progress({ arrival }: { arrival: Arrival }) {
  const { label, done, total } = arrival.progress!;
  const { mayEnd } = useMayEnd(arrival.personId);
  const stop = useChange(() => call(cancelArrival, { params: { id: arrival.id } }));
  return (
    <div className="sheet arrival-progress" role="status">
      <div className="bar">
        <span style={{ width: `${total > 0 ? (done / total) * 100 : 4}%` }} />
      </div>
      <span className="small">
        {total > 0 ? `${done} of ${total} ${label}` : done > 0 ? `${done} ${label}` : 'waiting its turn'}
      </span>
      {mayEnd && (
        <Button size="small" onClick={() => stop.mutate(undefined)} aria-label={`Stop ${arrival.name}`}>
          Stop
        </Button>
      )}
    </div>
  );
}

function Waiting({ arrival }: { arrival: Arrival }) {
  const words = {
    receiving: 'On its way. What is found in it shows here.',
    opening: 'Opening it and looking at every file …',
    locked: 'Locked. It is opened with its password, or without what is locked.',
    reading: 'Reading …',
    ready: arrival.message ?? 'No model was found in it. Its files are kept.',
    failed: arrival.message ?? 'It could not be opened.',
    cancelled: 'Cancelled.',
  }[arrival.state];
  return (
    <div className="sheet arrival-waiting">
      {arrival.state === 'failed' && <Mark mark="blocks" />} {words}
    </div>
  );
}
