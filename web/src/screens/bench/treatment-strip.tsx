import './treatment-strip.css';
import { Link } from 'react-router';
import { switchStep, type PlannedStep, type Sheet } from '@haveld/contract/api/bench';
import type { StepOutcome } from '@haveld/contract/report';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { useMeasures } from '../../parts/use-measures';
import { listTrouble, pairOutcomes } from './step-outcomes';

/** The treatment as a numbered strip; each step can be switched off and on, and none is ever lost. What is in pencil stands among them, drawn so. */
export function TreatmentStrip({ sheet, outcomes }: { sheet: Sheet; outcomes: readonly StepOutcome[] }) {
  const { say } = useMeasures();
  const flip = useChange((given: { stepId: string; enabled: boolean }) =>
    call(switchStep, { params: { id: sheet.id }, body: given }),
  );
  const results = pairOutcomes(sheet.planned, outcomes);
  return (
    <section className="treatment" aria-label="Treatment">
      <div className="treatment-head">
        <h2>Treatment</h2>
        <span className="quiet small">
          {sheet.failure ? (
            <span className="says-blocks">{sheet.failure}</span>
          ) : (
            'same original + same steps = same version · nothing here touches what arrived'
          )}
        </span>
        {sheet.houseTreatments.map(({ id, name, number, newest }) => (
          <Link key={id} to="/bench/treatments" className="small">
            has “{name}”{newest > number && <span className="says-look">, which has changed since</span>}
          </Link>
        ))}
      </div>
      {sheet.planned.length === 0 ? (
        <p className="quiet" style={{ padding: '10px 0' }}>
          No steps yet. What you take from the condition stands here, in the order it is done.
        </p>
      ) : (
        <ol>
          {sheet.planned.map((row) => (
            <li key={row.id} className={row.isGuess ? 'step pencilled' : row.enabled ? 'step' : 'step off'}>
              <strong>{row.title}</strong>
              <p>{say(describe(row, results.get(row.id)))}</p>
              {(row.enabled ? listTrouble(results.get(row.id)) : []).map((sentence) => (
                <p key={sentence} className="says-look">
                  {sentence}
                </p>
              ))}
              {row.isGuess ? (
                <span className="step-pencil">in pencil</span>
              ) : (
                <button
                  type="button"
                  className="step-switch"
                  onClick={() => flip.mutate({ stepId: row.id, enabled: !row.enabled })}
                  aria-label={`${row.enabled ? 'switch off' : 'switch on'}: ${row.title}`}
                >
                  {row.enabled ? 'switch off' : 'switch on'}
                </button>
              )}
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

function describe(row: PlannedStep, outcome: StepOutcome | undefined): string {
  if (!row.enabled) return 'off';
  if (!outcome) return '…';
  return outcome.changed;
}
