import { Link } from 'react-router';
import type { Card, Question } from '@haveld/contract/api/catalogue';
import { formatLength } from '@haveld/core/placement/units';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { bytesUrl } from '../../api/client';
import { formatMapSide, formatThousands } from '../../parts/format';
import { useBook } from '../../parts/use-book';
import { useCategories } from '../../parts/use-categories';
import type { FoundCard } from './card-pages';
import { ChooseBox, type OnToggle } from './choose-box';
import { describeHit } from './hit-words';

type Order = Exclude<Question['order'], ''>;

/** What stands in a column, and the order it puts things in; null where nobody asks for one. */
const COLUMNS: readonly { label: string; order: Order | null; isNumber?: true }[] = [
  { label: 'Name', order: 'name' },
  { label: 'Number', order: 'newest' },
  { label: 'Category', order: null },
  { label: 'Height', order: 'height', isNumber: true },
  { label: 'Triangles', order: 'triangles', isNumber: true },
  { label: 'Maps', order: null, isNumber: true },
  { label: 'Licence', order: null },
  { label: 'Author', order: null },
  { label: 'Uses', order: 'used', isNumber: true },
];

/** The heads of the columns; those of an order can be pressed. */
export function CardListHead({ order, onOrder }: { order: Order | null; onOrder: (order: Order) => void }) {
  return (
    <div className="card-list-head card-list-row">
      <span />
      {COLUMNS.map((column) => (
        <span key={column.label} className={column.isNumber ? 'number' : ''}>
          {column.order === null ? (
            column.label
          ) : (
            <button type="button" aria-pressed={order === column.order} onClick={() => onOrder(column.order!)}>
              {column.label}
              {order === column.order && <span aria-hidden="true"> ↓</span>}
            </button>
          )}
        </span>
      ))}
    </div>
  );
}

/** A line an asset. */
export function CardList({
  cards,
  chosen,
  onToggle,
}: {
  cards: readonly FoundCard[];
  chosen: ReadonlyMap<string, Card>;
  onToggle: OnToggle | null;
}) {
  const book = useBook();
  const tree = useCategories();
  return (
    <ul className="card-list">
      {cards.map((card) => {
        const reason = describeHit(card.reasons);
        return (
          <li key={card.id} className="card-list-row">
            <span className="card-list-pick">
              <ChooseBox card={card} isChosen={chosen.has(card.id)} onToggle={onToggle} />
              {card.thumbnailSha256 && <img src={bytesUrl(card.thumbnailSha256, 'png')} alt="" loading="lazy" />}
            </span>
            <span>
              <Link to={card.state === 'catalogued' ? `/catalogue/${card.id}` : `/bench/${card.id}`}>{card.name}</Link>
              {reason !== '' && <span className="small quiet"> {reason}</span>}
            </span>
            <span className="mono">{card.accession}</span>
            <span>{card.category === null ? '–' : tree.nameOf(card.category)}</span>
            <span className="mono number">{card.heightM === null ? 'no size' : formatLength(card.heightM)}</span>
            <span className="mono number">{formatThousands(card.triangles)}</span>
            <span className="mono number">{formatMapSide(card.mapSide)}</span>
            <span>{card.takenDown ? 'taken down' : licenceWords(book, card.licenceId)}</span>
            <span>{card.author === '' ? '–' : card.author}</span>
            <span className="mono number">{card.uses}</span>
          </li>
        );
      })}
    </ul>
  );
}
