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
      <section className="face-look" aria-label="Checking its faces">
        <span className="small">Checking its faces …</span>
        <LinearProgress variant="determinate" value={done * 100} aria-label="Faces checked" />
        <Button size="small" onClick={look.stop}>
          Stop
        </Button>
      </section>
    );
  if (!found)
    return (
      <section className="face-look">
        <Button size="small" onClick={look.start}>
          Find hidden, overlapping and intersecting faces (Shift B)
        </Button>
        {problem && <p className="says-blocks small">{problem}</p>}
      </section>
    );
  return (
    <section className="part-offers" aria-label="Problem faces">
      {found.offers.length === 0 && (
        <p className="face-look quiet small">
          No hidden, overlapping or intersecting faces among {count(found.triangles, 'triangle')}.
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
          {count(found.unasked, 'triangle')} more may be hidden: the check stopped before it reached them.
        </p>
      )}
    </section>
  );
}
