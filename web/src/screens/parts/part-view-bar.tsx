import type { Mode } from './part-mode';
import type { ChosenParts } from './use-chosen-parts';

/** What the view shows of the parts, and what a drag on it does. */
export function PartViewBar({
  mode,
  parting,
  isGoneTo,
  onMode,
  onGo,
}: {
  mode: Mode;
  parting: ChosenParts;
  /** The view is near what is chosen. */
  isGoneTo: boolean;
  onMode: (mode: Mode) => void;
  onGo: () => void;
}) {
  const { chosen, hidden, isAlone } = parting;
  return (
    <div className="part-bar" role="group" aria-label="What of the model is shown">
      <button
        type="button"
        aria-pressed={mode.kind === 'box'}
        onClick={() => onMode(mode.kind === 'box' ? { kind: 'parts' } : { kind: 'box' })}
      >
        choose by a box (x)
      </button>
      <button
        type="button"
        aria-pressed={mode.kind === 'cut'}
        onClick={() => onMode(mode.kind === 'cut' ? { kind: 'parts' } : { kind: 'cut' })}
      >
        cut (Shift X)
      </button>
      <button
        type="button"
        aria-pressed={isAlone}
        disabled={chosen.size === 0}
        onClick={() => parting.setAlone(!isAlone)}
      >
        alone (i)
      </button>
      <button type="button" disabled={chosen.size === 0} onClick={() => parting.hide([...chosen])}>
        hide (w)
      </button>
      <button type="button" aria-pressed={isGoneTo} disabled={chosen.size === 0 && !isGoneTo} onClick={onGo}>
        nearer (f)
      </button>
      {(hidden.size > 0 || isAlone) && (
        <button type="button" onClick={parting.showAll}>
          show all (Esc)
        </button>
      )}
    </div>
  );
}
