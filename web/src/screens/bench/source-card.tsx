import './source-card.css';
import type { Sheet } from '@haveld/contract/api/bench';
import type { LogEntry, SourceFacts } from '@haveld/contract/report';
import { count } from '@haveld/core/text/count';
import { Mark } from '../../parts/mark';

/** What the file is, what it holds beside its surfaces, and what could not be kept. */
export function SourceCard({ sheet }: { sheet: Sheet }) {
  const { source, log, figures } = sheet;
  const telling = log.filter((entry) => entry.consequence);
  const rest = log.filter((entry) => !entry.consequence);
  return (
    <details className="source-card" open={telling.length > 0}>
      <summary>
        <Mark mark={telling.length > 0 ? 'look' : 'holds'} />
        <strong>{[source.format, source.version].filter(Boolean).join(' ') || 'Unknown format'}</strong>
        <span className="quiet">{describeDeclared(source)}</span>
      </summary>
      <dl>
        {source.exporter && <Fact name="written by" value={source.exporter} />}
        {figures.joints > 0 && <Fact name="joints" value={String(figures.joints)} />}
        {source.clips.length > 0 && (
          <Fact
            name={source.clips.length === 1 ? 'clip' : 'clips'}
            value={source.clips.map(({ name, from, to }) => `${name}, ${(to - from).toFixed(2)} s`).join(' · ')}
          />
        )}
        {source.blendShapes > 0 && <Fact name="blend shapes" value={String(source.blendShapes)} />}
        {source.layers.length > 0 && <Fact name="layers" value={listNames(source.layers)} />}
        {source.groups.length > 0 && <Fact name="groups" value={listNames(source.groups)} />}
        {source.hiddenParts > 0 && <Fact name="hidden" value={count(source.hiddenParts, 'part')} />}
        {source.uvSets > 1 && <Fact name="UV sets" value={String(source.uvSets)} />}
        {source.vertexColours && <Fact name="vertex colours" value="kept" />}
      </dl>
      {telling.length > 0 && (
        <ul className="log" aria-label="What could not be kept as it was">
          {telling.map((entry, i) => (
            <LogLine key={i} entry={entry} />
          ))}
        </ul>
      )}
      {rest.length > 0 && (
        <details className="log-rest">
          <summary className="quiet">{count(rest.length, 'line')} without consequence</summary>
          <ul className="log">
            {rest.map((entry, i) => (
              <LogLine key={i} entry={entry} />
            ))}
          </ul>
        </details>
      )}
    </details>
  );
}

const AXES = { x: 'X up', y: 'Y up', z: 'Z up' };

/** What it declares in a few words; what it does not is said too, because that is what has to be judged. */
function describeDeclared({ declaredUnit, declaredUp, clips }: SourceFacts): string {
  const declared =
    declaredUnit || declaredUp
      ? `${declaredUnit ?? 'no unit'}, ${declaredUp ? AXES[declaredUp] : 'no up axis'}, as declared`
      : 'declares no unit and no up axis';
  return clips.length > 0 ? `${declared} · ${count(clips.length, 'clip')}` : declared;
}

const SHOWN_NAMES = 8;

function listNames(named: SourceFacts['layers']): string {
  const shown = named.slice(0, SHOWN_NAMES).map(({ name, parts }) => (parts > 1 ? `${name} (${parts})` : name));
  return named.length > SHOWN_NAMES ? `${shown.join(', ')} and ${named.length - SHOWN_NAMES} more` : shown.join(', ');
}

function Fact({ name, value }: { name: string; value: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{value}</dd>
    </div>
  );
}

function LogLine({ entry }: { entry: LogEntry }) {
  return (
    <li>
      {entry.text} {entry.consequence && <span className="quiet">{entry.consequence}</span>}
    </li>
  );
}
