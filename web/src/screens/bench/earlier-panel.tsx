import './stage-panel.css';
import './levels-panel.css';
import Button from '@mui/material/Button';
import { useEffect } from 'react';
import { Link } from 'react-router';
import { takeEarlier, type Earlier, type Sheet } from '@haveld/contract/api/bench';
import type { StepOutcome } from '@haveld/contract/report';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { listShownCopies, useOutcomes, useTreated } from '../../view3d/use-treated';
import { listTrouble } from './step-outcomes';

/** This one treated as its earlier version was, as a trial: shown on the stage, with what does not fit, before anything is taken. */
export function EarlierPanel({
  sheet,
  earlier,
  onShown,
  onClose,
}: {
  sheet: Sheet;
  earlier: Earlier;
  /** The model as it would be; null for as it is. */
  onShown: (shown: { glb: ArrayBuffer; words: string } | null) => void;
  onClose: () => void;
}) {
  const shown = listShownCopies(sheet);
  const treated = useTreated(sheet.documentSha256, earlier.steps, shown);
  const outcomes = useOutcomes(sheet.documentSha256, earlier.steps, shown, treated.data);
  const glb = treated.isPlaceholderData ? null : (treated.data?.glb.buffer ?? null);
  useEffect(
    () => onShown(glb && { glb, words: `as ${earlier.asset.accession} was treated, a trial` }),
    [onShown, glb, earlier.asset.accession],
  );
  useEffect(() => () => onShown(null), [onShown]);
  const take = useChange(
    () =>
      call(takeEarlier, {
        params: { id: sheet.id },
        body: { assetId: earlier.asset.id, keys: earlier.lines.map(({ key }) => key) },
      }),
    { onDone: onClose },
  );
  return (
    <section className="stage-panel levels-panel" aria-label="Reuse earlier treatment">
      <header>
        <h2>Reuse earlier treatment</h2>
        <Button size="small" onClick={onClose}>
          Close
        </Button>
      </header>
      <p>
        <Link
          to={earlier.asset.state === 'catalogued' ? `/catalogue/${earlier.asset.id}` : `/bench/${earlier.asset.id}`}
        >
          {earlier.asset.accession} {earlier.asset.name}
        </Link>{' '}
        is here already. What was done to it, done to this one, as far as it fits:
      </p>
      {treated.error && <p className="says-blocks">{treated.error.message}</p>}
      {!treated.error && glb === null && <p className="quiet">Applying it as a trial …</p>}
      {earlier.lines.length === 0 ? (
        <p className="quiet">Everything that fits is applied already.</p>
      ) : (
        <ol className="levels">
          {earlier.lines.map((line) => (
            <li key={line.key}>
              {line.title && (
                <>
                  {line.title}: <strong>{line.label}</strong>
                </>
              )}
              {line.steps.map((step, i) => (
                <StepLine key={i} outcome={findOutcome(earlier, outcomes, step)} />
              ))}
            </li>
          ))}
        </ol>
      )}
      <div className="stage-panel-row">
        <Button
          variant="contained"
          size="small"
          disabled={earlier.lines.length === 0 || glb === null}
          loading={take.isPending}
          onClick={() => take.mutate(undefined)}
        >
          Take it over
        </Button>
        <span className="quiet small">each step can be switched off</span>
      </div>
    </section>
  );
}

/** Outcomes come in the order of the steps that were tried. */
const findOutcome = (
  { steps }: Earlier,
  outcomes: readonly StepOutcome[],
  step: Earlier['steps'][number],
): StepOutcome | undefined => outcomes[steps.findIndex((one) => JSON.stringify(one) === JSON.stringify(step))];

function StepLine({ outcome }: { outcome: StepOutcome | undefined }) {
  if (!outcome) return null;
  return (
    <>
      <p className="small">
        {outcome.title} <span className="quiet">{outcome.changed}</span>
      </p>
      {listTrouble(outcome).map((sentence) => (
        <p key={sentence} className="small says-look">
          {sentence}
        </p>
      ))}
    </>
  );
}
