import './trial-bar.css';
import type { ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { TrialKind, Trials } from './use-trials';

const TRIALS: { kind: TrialKind; label: string; keyName?: string; hint: string }[] = [
  { kind: 'turn', label: 'Turn', keyName: 't', hint: 'It turns about its pivot' },
  { kind: 'drop', label: 'Drop', keyName: 'd', hint: 'It is let go where it stands' },
  { kind: 'pile', label: 'Pile of three', hint: 'Three of it on one another' },
  { kind: 'row', label: 'Row of six', hint: 'Six of it side by side' },
];

/** Tests of what was treated: they move the picture and change nothing. */
export function TrialBar({ trials, canDrop, beside }: { trials: Trials; canDrop: boolean; beside: ReactNode }) {
  useHotkeys('t', () => trials.toggle('turn'));
  useHotkeys('d', () => trials.toggle('drop'), { enabled: canDrop });
  return (
    <div className="stage-trials" role="group" aria-label="Try it">
      <span>Try it</span>
      {TRIALS.filter(({ kind }) => canDrop || kind === 'turn' || kind === 'row').map(
        ({ kind, label, keyName, hint }) => (
          <button
            key={kind}
            type="button"
            aria-pressed={trials.kind === kind}
            title={keyName ? `${hint} (${keyName})` : hint}
            onClick={() => trials.toggle(kind)}
          >
            {label}
          </button>
        ),
      )}
      {beside}
      {trials.summary && <output>{trials.summary}</output>}
    </div>
  );
}
