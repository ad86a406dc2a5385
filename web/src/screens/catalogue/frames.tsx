import { Thumbnail } from '../../parts/thumbnail';
import { CardWords } from './card-words';
import type { CardsProps } from './drawers';

/** Each thing in its own frame, with its own ruled bar. */
export function Frames({ cards, chosen, onToggle }: CardsProps) {
  return (
    <div className="frames">
      {cards.map((card) => (
        <article key={card.id} aria-label={card.name}>
          <Thumbnail sha256={card.thumbnailSha256} name={card.name} />
          <CardWords card={card} isChosen={chosen.has(card.id)} onToggle={onToggle} />
        </article>
      ))}
    </div>
  );
}
