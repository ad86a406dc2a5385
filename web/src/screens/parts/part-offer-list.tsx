import './part-offer-list.css';
import Button from '@mui/material/Button';
import type { PartOffer } from '@haveld/core/structure/parts/part-offer';
import { OFFER_WORDS } from './part-words';

/** What speaks for a step, each with what was seen; a look at it chooses the parts it means. */
export function PartOfferList({
  offers,
  isBusy,
  onLook,
  onTake,
}: {
  offers: readonly PartOffer[];
  isBusy: boolean;
  onLook: (offer: PartOffer) => void;
  onTake: (offer: PartOffer) => void;
}) {
  if (offers.length === 0) return null;
  return (
    <section className="part-offers" aria-label="Proposals">
      {offers.map((offer) => (
        <article key={`${offer.kind} ${offer.ids[0]}`} className="part-offer">
          <button type="button" className="part-offer-words" onClick={() => onLook(offer)} title={listEvidence(offer)}>
            <strong>{offer.title}</strong>
            <span className="quiet small">{offer.detail}</span>
          </button>
          <Button size="small" variant="outlined" disabled={isBusy} onClick={() => onTake(offer)}>
            {OFFER_WORDS[offer.kind]}
          </Button>
        </article>
      ))}
    </section>
  );
}

/** What was seen, a line each. */
export const listEvidence = ({ detail, evidence }: Pick<PartOffer, 'detail' | 'evidence'>): string =>
  [detail, ...evidence.map(({ text, figure }) => (figure ? `${text}, ${figure}` : text))].join('\n');
