import './part-steps.css';
import type { Sheet } from '@haveld/contract/api/bench';
import type { StepOutcome } from '@haveld/contract/report';
import { listTrouble, pairOutcomes } from '../bench/step-outcomes';
import { listPartSteps, type usePartSteps } from './use-part-steps';

/** What was done to the parts, in the order it is done; each can be switched off, and the last undone by a key. */
export function PartSteps({
  sheet,
  outcomes,
  own,
}: {
  sheet: Sheet;
  outcomes: readonly StepOutcome[];
  own: ReturnType<typeof usePartSteps>;
}) {
  const rows = listPartSteps(sheet);
  const results = pairOutcomes(sheet.planned, outcomes);
  if (rows.length === 0) return null;
  return (
    <section className="part-steps" aria-label="Steps on its parts">
      <header>
        <h2>Done to its parts</h2>
        <span className="grow" />
        <button type="button" disabled={!own.undoable || own.isBusy} onClick={own.undo} aria-keyshortcuts="Control+Z">
          undo (Ctrl Z)
        </button>
        <button
          type="button"
          disabled={!own.redoable || own.isBusy}
          onClick={own.redo}
          aria-keyshortcuts="Control+Shift+Z"
        >
          do again
        </button>
      </header>
      <ol>
        {rows.map((row) => (
          <li key={row.id} className={row.enabled ? '' : 'off'}>
            <span>{row.title}</span>
            {row.enabled &&
              listTrouble(results.get(row.id)).map((sentence) => (
                <span key={sentence} className="says-look small">
                  {sentence}
                </span>
              ))}
            <button
              type="button"
              disabled={own.isBusy}
              onClick={() => own.switchOver(row)}
              aria-label={`${row.enabled ? 'switch off' : 'switch on'}: ${row.title}`}
            >
              {row.enabled ? 'switch off' : 'switch on'}
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
