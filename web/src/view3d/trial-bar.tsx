import './trial-bar.css';
import { useHotkeys } from 'react-hotkeys-hook';
import type { TrialKind, Trials } from './use-trials';

const TRIALS: { kind: TrialKind; words: string; keyName?: string; hint: string }[] = [
  { kind: 'turn', words: 'Turn', keyName: 't', hint: 'It turns about its pivot' },
  { kind: 'drop', words: 'Drop', keyName: 'd', hint: 'It is let go where it stands' },
  { kind: 'pile', words: 'Pile of three', hint: 'Three of it on one another' },
  { kind: 'row', words: 'Row of six', hint: 'Six of it side by side' },
];

/** Tests of what was treated: they move the picture and change nothing. */
export function TrialBar({ trials, canDrop }: { trials: Trials; canDrop: boolean }) {
  useHotkeys('t', () => trials.toggle('turn'));
  useHotkeys('d', () => trials.toggle('drop'), { enabled: canDrop });
  return (
    <div className="stage-trials" role="group" aria-label="Try it">
      <span>Try it</span>
      {TRIALS.filter(({ kind }) => canDrop || kind === 'turn' || kind === 'row').map(
        ({ kind, words, keyName, hint }) => (
          <button
            key={kind}
            type="button"
            aria-pressed={trials.kind === kind}
            title={keyName ? `${hint} (${keyName})` : hint}
            onClick={() => trials.toggle(kind)}
          >
            {words}
          </button>
        ),
      )}
      {trials.words && <output>{trials.words}</output>}
    </div>
  );
}
