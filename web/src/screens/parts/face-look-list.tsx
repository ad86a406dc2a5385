import './part-offer-list.css';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import type { FaceOffer } from '@haveld/core/structure/faces/face-offers';
import { count } from '@haveld/core/text/count';
import { listEvidence } from './part-offer-list';
import type { FaceLooking } from './use-face-look';

/** Faces nobody sees, that lie on one another or go through one another: looked for when somebody asks, lit when one is chosen. */
export function FaceLookList({
  look,
  isBusy,
  onTake,
}: {
  look: FaceLooking;
  isBusy: boolean;
  onTake: (offer: FaceOffer) => void;
}) {
  const { done, found, problem, offer: inHand } = look;
  if (done !== null)
    return (
      <section className="face-look" aria-label="Looking through its faces">
        <span className="small">Looking through its faces …</span>
        <LinearProgress variant="determinate" value={done * 100} aria-label="Faces looked through" />
        <Button size="small" onClick={look.stop}>
          Stop
        </Button>
      </section>
    );
  if (!found)
    return (
      <section className="face-look">
        <Button size="small" onClick={look.start} title="Shift B">
          Look for hidden, flickering and crossing faces
        </Button>
        {problem && <p className="says-blocks small">{problem}</p>}
      </section>
    );
  return (
    <section className="part-offers" aria-label="Among its faces">
      {found.offers.length === 0 && (
        <p className="face-look quiet small">
          Of {count(found.triangles, 'triangle')} none is hidden, lies on another or goes through one of its part.
        </p>
      )}
      {found.offers.map((offer) => (
        <article key={offer.kind} className={offer === inHand ? 'part-offer in-hand' : 'part-offer'}>
          <button
            type="button"
            className="part-offer-words"
            aria-pressed={offer === inHand}
            onClick={() => look.take(offer === inHand ? null : offer)}
            title={listEvidence(offer)}
          >
            <strong>{offer.title}</strong>
            <span className="quiet small">{offer.detail}</span>
          </button>
          {offer.steps.length > 0 && (
            <Button size="small" variant="outlined" disabled={isBusy} onClick={() => onTake(offer)}>
              Take them out
            </Button>
          )}
        </article>
      ))}
      {found.unasked > 0 && (
        <p className="face-look quiet small">
          {count(found.unasked, 'triangle')} more may be hidden: looking ended before they were reached.
        </p>
      )}
    </section>
  );
}
