import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { changeFetching, type Fetching } from '@haveld/contract/api/sources';
import { adviseOn, SOURCE_FAULTS, type SourceTrouble } from '@haveld/contract/source-fault';
import { call } from '../../api/client';
import { fetchingsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { formatBytes, formatMoment } from '../../parts/format';
import { Mark } from '../../parts/mark';

type Wanted = 'pause' | 'go-on' | 'first' | 'end';

/** What comes in from sources, in its order, each with its bar; what went wrong says what comes next. */
export function ComingIn() {
  const fetchings = useQuery(fetchingsQuery);
  const change = useChange(({ id, wanted }: { id: string; wanted: Wanted }) =>
    call(changeFetching, { params: { id }, body: { do: wanted } }),
  );
  const rows = fetchings.data ?? [];
  const open = rows.filter(({ state }) => state !== 'arrived' && state !== 'ended');
  const ended = rows.filter(({ state }) => state === 'arrived');
  return (
    <aside className="coming" aria-label="Downloads">
      <h2>Downloads</h2>
      {open.length === 0 && <p className="quiet small">Downloads appear here and resume after an interruption.</p>}
      <ol>
        {open.map((one, i) => (
          <li key={one.id}>
            <Line one={one} isFirst={i === 0} onChange={(wanted) => change.mutate({ id: one.id, wanted })} />
          </li>
        ))}
      </ol>
      {ended.length > 0 && (
        <>
          <h2 style={{ marginTop: 20 }}>Arrived</h2>
          <ol>
            {ended.map((one) => (
              <li key={one.id}>
                <Link to={`/arrivals/${one.arrivalId}`}>{one.title}</Link>
                <div className="small quiet">
                  {one.edition} from {one.sourceName}
                </div>
              </li>
            ))}
          </ol>
        </>
      )}
    </aside>
  );
}

const STATE_WORDS: Record<Fetching['state'], string> = {
  waiting: 'waits its turn',
  fetching: 'comes in',
  paused: 'paused',
  trouble: 'needs you',
  arrived: 'here',
  ended: 'ended',
};

function Line({ one, isFirst, onChange }: { one: Fetching; isFirst: boolean; onChange: (wanted: Wanted) => void }) {
  const { state, doneBytes, totalBytes, trouble } = one;
  const share = totalBytes ? Math.min(1, doneBytes / totalBytes) : 0;
  return (
    <>
      <strong>{one.title}</strong>
      <span className="small quiet">
        {one.edition} from {one.sourceName}
      </span>
      <div
        className="bar"
        role="progressbar"
        aria-label={`${one.title} comes in`}
        aria-valuenow={Math.round(share * 100)}
        aria-valuemin={0}
        aria-valuemax={100}
      >
        <span style={{ width: `${share * 100}%` }} />
      </div>
      <span className="small mono">
        {totalBytes ? `${formatBytes(doneBytes)} of ${formatBytes(totalBytes)}` : formatBytes(doneBytes)}
      </span>
      <span className="small"> · {trouble?.retryAt ? 'waits' : STATE_WORDS[state]}</span>
      {trouble && <Trouble trouble={trouble} kind={one.kind} />}
      <div className="coming-acts">
        {(state === 'waiting' || state === 'fetching') && (
          <Button size="small" onClick={() => onChange('pause')}>
            Pause
          </Button>
        )}
        {(state === 'paused' || state === 'trouble' || trouble?.retryAt) && (
          <Button size="small" onClick={() => onChange('go-on')}>
            {state === 'paused' ? 'Go on' : 'Try again'}
          </Button>
        )}
        {!isFirst && state !== 'fetching' && (
          <Button size="small" onClick={() => onChange('first')}>
            Put first
          </Button>
        )}
        <Button size="small" onClick={() => onChange('end')}>
          End
        </Button>
      </div>
    </>
  );
}

function Trouble({ trouble, kind }: { trouble: SourceTrouble; kind: string }) {
  const { step } = SOURCE_FAULTS[trouble.kind];
  const words = adviseOn(trouble.kind, trouble.retryAt !== null);
  return (
    <p className="small says-look" role="status" style={{ margin: '6px 0 0' }}>
      <Mark mark={trouble.retryAt ? 'look' : 'blocks'} /> {trouble.message}{' '}
      {step === 'sign-in' || step === 'accept-terms' ? (
        <Link to={`/arrivals/sources/${kind}`}>{words}</Link>
      ) : (
        <span>{words}</span>
      )}
      {trouble.retryAt && <span> Tried again {formatMoment(trouble.retryAt)}.</span>}
    </p>
  );
}
