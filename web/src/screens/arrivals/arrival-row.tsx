import Button from '@mui/material/Button';
import { useLayoutEffect, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { cancelArrival, setFindAside, takeToBench, type Arrival, type Find } from '@haveld/contract/arrivals';
import { getTerms, UNKNOWN_LICENCE } from '@haveld/core/rights/licences';
import { call } from '../../api/client';
import { uploadDesk } from '../../api/uploads';
import { useChange } from '../../api/use-change';
import { useSending } from '../../api/use-sending';
import { formatBytes, formatCount, formatMoment, formatThousands } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { Portrait } from '../../parts/portrait';

const FILES_SHOWN = 7;

/** One arrival: its files on the left, its finds on the right, lines between them. */
export function ArrivalRow({ arrival }: { arrival: Arrival }) {
  return (
    <section className="arrival" aria-label={arrival.name}>
      <Files arrival={arrival} />
      <Lines arrival={arrival} />
      <div className="arrival-finds">
        {arrival.finds.map((find) => (
          <FindCard key={find.id} find={find} />
        ))}
        {arrival.finds.length === 0 && <Waiting arrival={arrival} />}
      </div>
    </section>
  );
}

function Waiting({ arrival }: { arrival: Arrival }) {
  const words = {
    receiving: 'On its way. What is found in it shows here.',
    opening: 'Opening it and looking at every file …',
    reading: 'Reading …',
    ready: arrival.message ?? 'No model was found in it. Its files are kept.',
    failed: arrival.message ?? 'It could not be opened.',
    cancelled: 'Given up.',
  }[arrival.state];
  return (
    <div className="sheet arrival-waiting">
      {arrival.state === 'failed' && <Mark mark="blocks" />} {words}
    </div>
  );
}

function Files({ arrival }: { arrival: Arrival }) {
  const [all, setAll] = useState(false);
  const inner = arrival.files.filter((file) => file.path !== arrival.name);
  const shown = all ? inner : inner.slice(0, FILES_SHOWN);
  const prefix = `${arrival.name}/`;
  return (
    <div className="sheet arrival-files">
      <p className="arrival-name">
        <strong>{arrival.name}</strong>
        <span className="quiet small">
          {formatBytes(arrival.packedBytes)} · {formatMoment(arrival.createdAt)}
        </span>
      </p>
      {arrival.state === 'receiving' && <Receiving arrival={arrival} />}
      <ul>
        {shown.map((file) => (
          <li key={file.path} data-file={file.path} className={file.asideReason ? 'quiet' : ''}>
            <span className="mono arrival-path" title={file.path}>
              {file.path.startsWith(prefix) ? file.path.slice(prefix.length) : file.path}
            </span>
            <span className="mono quiet">{file.asideReason ?? describeFile(file.kind, file.words)}</span>
          </li>
        ))}
      </ul>
      {inner.length > shown.length && (
        <Button size="small" onClick={() => setAll(true)}>
          {inner.length - shown.length} more files
        </Button>
      )}
      {arrival.refused.map((sentence) => (
        <p key={sentence} className="small says-look arrival-refused">
          <Mark mark="look" /> Refused: {sentence}
        </p>
      ))}
    </div>
  );
}

const describeFile = (kind: string, words: string): string =>
  kind === 'picture' ? words.replace(' picture', '') : words;

/** How far the bytes are; after a reload or a broken line the same files, dropped again, go on. */
function Receiving({ arrival }: { arrival: Arrival }) {
  const sending = useSending().filter((item) => item.arrivalId === arrival.id);
  const giveUp = useChange(async () => {
    await uploadDesk.cancel(arrival.id);
    await call(cancelArrival, { params: { id: arrival.id } });
  });
  const arrived = arrival.received.filter((file) => file.arrived).reduce((sum, file) => sum + file.sizeBytes, 0);
  const sent = arrived + sending.reduce((sum, item) => sum + item.sent, 0);
  const failed = sending.find((item) => item.state === 'failed');
  return (
    <div className="arrival-receiving">
      <div
        className="bar"
        role="progressbar"
        aria-valuenow={Math.round((sent / Math.max(1, arrival.packedBytes)) * 100)}
        aria-label={`${arrival.name} arrives`}
      >
        <span style={{ width: `${(sent / Math.max(1, arrival.packedBytes)) * 100}%` }} />
      </div>
      <p className="small">
        {failed ? (
          <span className="says-blocks">The line broke: {failed.message}. Drop it again and it goes on.</span>
        ) : sending.length === 0 ? (
          'It was left half-way. Drop the same files again and they go on where they stopped.'
        ) : (
          `${formatBytes(sent)} of ${formatBytes(arrival.packedBytes)}`
        )}
        <Button size="small" onClick={() => giveUp.mutate(undefined)} aria-label={`Give up ${arrival.name}`}>
          Give up
        </Button>
      </p>
    </div>
  );
}

function FindCard({ find }: { find: Find }) {
  const navigate = useNavigate();
  const bench = useChange((id: string) => call(takeToBench, { params: { id } }), {
    onDone: ({ assetId }) => void navigate(`/bench/${assetId}`),
  });
  const aside = useChange((id: string) => call(setFindAside, { params: { id }, body: { reason: 'not wanted' } }));
  const wants = find.blocks > 0 || find.look > 0;
  return (
    <article className={`sheet find ${find.state}`} data-find={find.id} aria-label={find.name}>
      <Portrait
        sha256={find.portraitSha256}
        name={`${find.name}, as received`}
        waiting={find.state === 'failed' ? 'not readable' : 'reading …'}
      />
      <div className="find-words">
        <h3>{find.name}</h3>
        {find.state === 'waiting' && <p className="quiet">Reading it …</p>}
        {find.message && (
          <p className="says-blocks">
            <Mark mark="blocks" /> {find.message}
          </p>
        )}
        {find.licenceId && <FindLine find={find} />}
        {find.state === 'read' && wants && <p className="quiet small">{find.words.join(' · ')}</p>}
        {find.state === 'set-aside' && <p className="quiet small">Set aside; it stays in the store.</p>}
        <p className="quiet small">
          {[find.reason, find.triangles !== null ? `${formatThousands(find.triangles)} triangles` : '']
            .filter(Boolean)
            .join(' · ')}
        </p>
      </div>
      <div className="find-acts">
        {find.asset ? (
          <Button
            component={Link}
            to={`/${find.asset.state === 'catalogued' ? 'catalogue' : 'bench'}/${find.asset.id}`}
          >
            {find.asset.state === 'catalogued' ? 'Catalogued' : 'On the bench'}
          </Button>
        ) : (
          (find.state === 'read' || find.state === 'set-aside') && (
            <Button
              variant="outlined"
              loading={bench.isPending}
              onClick={() => bench.mutate(find.id)}
              aria-label={`To the bench: ${find.name}`}
            >
              To the bench
            </Button>
          )
        )}
        {!find.asset && (find.state === 'read' || find.state === 'failed') && (
          <Button size="small" onClick={() => aside.mutate(find.id)} aria-label={`Set aside: ${find.name}`}>
            Set aside
          </Button>
        )}
      </div>
    </article>
  );
}

function FindLine({ find }: { find: Find }) {
  const terms = getTerms(find.licenceId!);
  const licenceMark = terms.house === 'closed' ? 'blocks' : terms.house === 'taken' ? 'holds' : 'look';
  const mapMark = find.mapsFound === find.mapsTotal && find.mapsOffered === 0 ? 'holds' : 'look';
  const offered = find.mapsOffered > 0 ? `, ${find.mapsOffered} fit by name` : '';
  return (
    <p className="find-line">
      <span>
        <Mark mark={licenceMark} /> {describeLicence(find)}
        {find.author ? `, ${find.author}` : ''}
      </span>
      <span>
        <Mark mark={mapMark} />{' '}
        {find.mapsTotal === 0 ? 'no maps named' : `${find.mapsFound} of ${formatCount(find.mapsTotal, 'map')}`}
        {offered}
      </span>
    </p>
  );
}

function describeLicence({ licenceId, licencesNamed }: Find): string {
  const terms = getTerms(licenceId!);
  if (terms.id !== UNKNOWN_LICENCE) return terms.short;
  if (licencesNamed.length < 2) return 'no licence found';
  return `${licencesNamed.length} licences named: ${licencesNamed.map((id) => getTerms(id).short).join(', ')}`;
}

interface Curve {
  path: string;
  aside: boolean;
}

/** Lines from files to finds, measured from where they stand. */
function Lines({ arrival }: { arrival: Arrival }) {
  const svg = useRef<SVGSVGElement>(null);
  const [curves, setCurves] = useState<Curve[]>([]);
  useLayoutEffect(() => {
    const drawn = svg.current!;
    const row = drawn.parentElement!;
    const measure = (): void => setCurves(computeCurves(arrival, row, drawn));
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(row);
    return () => observer.disconnect();
  }, [arrival]);
  return (
    <svg className="arrival-lines" ref={svg} aria-hidden="true">
      {curves.map((curve) => (
        <path key={curve.path} d={curve.path} className={curve.aside ? 'aside' : ''} />
      ))}
    </svg>
  );
}

function computeCurves(arrival: Arrival, row: HTMLElement, svg: SVGSVGElement): Curve[] {
  const frame = svg.getBoundingClientRect();
  const middleOf = (element: Element): number => {
    const { top, height } = element.getBoundingClientRect();
    return top + height / 2 - frame.top;
  };
  const curves: Curve[] = [];
  for (const file of arrival.files) {
    const from = row.querySelector(`[data-file="${CSS.escape(file.path)}"]`);
    if (!from) continue;
    file.findIds.forEach((id) => {
      const to = row.querySelector(`[data-find="${id}"]`);
      if (!to) return;
      const [y1, y2] = [middleOf(from), middleOf(to)];
      const width = frame.width;
      curves.push({
        path: `M0 ${y1.toFixed(1)}C${width / 2} ${y1.toFixed(1)} ${width / 2} ${y2.toFixed(1)} ${width} ${y2.toFixed(1)}`,
        aside: file.kind !== 'model' && file.kind !== 'picture',
      });
    });
  }
  return curves;
}
