import { Link } from 'react-router';
import { formatLength } from '@haveld/core/placement/units';
import { licenceWords, standingOf } from '@haveld/core/rights/licence-book';
import { formatMapSide, formatThousands } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { STANDING_MARKS } from '../../parts/standing-mark';
import { useBook } from '../../parts/use-book';
import type { FoundCard } from './card-pages';
import { ChooseBox, type OnToggle } from './choose-box';
import { describeHit } from './hit-words';

/** What stands under a picture: name, number, size, weight, maps, licence. */
export function CardWords({
  card,
  isChosen,
  onToggle,
}: {
  card: FoundCard;
  isChosen: boolean;
  onToggle: OnToggle | null;
}) {
  const book = useBook();
  const reason = describeHit(card.reasons);
  const mark = card.takenDown ? 'blocks' : STANDING_MARKS[standingOf(book, card.licenceId)];
  return (
    <div className="card-words">
      <p className="card-name">
        <ChooseBox card={card} isChosen={isChosen} onToggle={onToggle} sx={{ ml: '-6px', my: '-4px' }} />
        <Link to={card.state === 'catalogued' ? `/catalogue/${card.id}` : `/bench/${card.id}`}>{card.name}</Link>
      </p>
      <p className="mono quiet">
        {card.accession} ·{' '}
        <span title="height">{card.heightM === null ? 'no real size' : formatLength(card.heightM)}</span>
      </p>
      <p className="small">
        {formatThousands(card.triangles)} triangles · {formatMapSide(card.mapSide)} ·{' '}
        <span className={`says-${mark} card-licence`}>
          <Mark mark={mark} /> {card.takenDown ? 'taken down' : licenceWords(book, card.licenceId)}
        </span>
      </p>
      {reason !== '' && <p className="small quiet card-reason">{reason}</p>}
    </div>
  );
}
