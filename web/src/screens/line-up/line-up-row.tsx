import type { LineUpCard } from '@haveld/contract/api/line-up';
import { formatLength } from '@haveld/core/placement/units';
import { bytesUrl } from '../../api/client';
import { formatTick, HEADROOM_PX, listTicks, type Drawer, type Sized } from '../../parts/lay-drawers';
import { PERSON_M } from '../../parts/person-outline';
import { CardWords, type CardProps } from './line-up-card';
import { Person } from './person';
import { findGuess, sidesOf } from './read-card';
import { SizeGrip, useSizing } from './size-grip';
import { useCardActs } from './use-card-acts';

/** What is beside a person in size: of rows that reach so high, metres. */
const NAMES = [
  { below: 0.08, name: 'pins' },
  { below: 0.45, name: 'hands' },
  { below: 2, name: 'chairs' },
  { below: 5, name: 'cars' },
  { below: Infinity, name: 'houses' },
];

/** A person is drawn beside what is not lost beside one. */
const PERSON_FROM_M = 0.45;

/** What a row has to be as high as, so that the person fits beside it. */
export const rowHeight = (heightM: number): number =>
  heightM >= PERSON_FROM_M ? Math.max(heightM, PERSON_M * 1.05) : heightM;

export interface Placed extends Sized {
  card: LineUpCard;
}

/** Models of one order of size on one ground at one scale, beside a person, with its rule at the left. */
export function LineUpRow({
  row,
  heightPx,
  inHand,
  onHand,
  propsOf,
}: {
  row: Drawer<Placed>;
  heightPx: number;
  inHand: string | null;
  onHand: (id: string) => void;
  propsOf: (card: LineUpCard) => CardProps;
}) {
  const heightM = rowHeight(row.heightM);
  const scale = (heightPx - HEADROOM_PX) / heightM;
  const name = NAMES.find(({ below }) => row.heightM < below)!.name;
  return (
    <section className="drawer line-up-row" aria-label={`${name}, up to ${formatLength(row.heightM)} high`}>
      <h2 className="line-up-name">{name}</h2>
      <div className="drawer-ground" style={{ height: heightPx }}>
        <div className="drawer-rule" aria-hidden="true">
          {listTicks(heightM).map((metres) => (
            <span key={metres} style={{ bottom: metres * scale }}>
              {formatTick(metres)}
            </span>
          ))}
        </div>
        {row.cards.map(({ card }) => (
          <Picture key={card.id} card={card} columnPx={row.columnPx} scale={scale} />
        ))}
        {heightM >= PERSON_M && <Person scale={scale} />}
      </div>
      <div className="drawer-words">
        {row.cards.map(({ card }) => (
          <article
            key={card.id}
            style={{ width: row.columnPx }}
            className={card.id === inHand ? 'in-hand' : ''}
            data-card={card.id}
            aria-label={card.name}
            tabIndex={0}
            onFocus={() => onHand(card.id)}
          >
            <CardWords {...propsOf(card)} />
          </article>
        ))}
      </div>
    </section>
  );
}

/** Where the pivot will be: the origin, seen from the front. */
function PivotMark({ card, scale }: { card: LineUpCard; scale: number }) {
  const { min } = card.standing!.box;
  return (
    <svg
      className="line-up-pivot"
      role="img"
      aria-label={`Pivot of ${card.name}, in pencil`}
      viewBox="-8 -16 16 20"
      style={{ left: -min[0] * scale, bottom: -min[1] * scale }}
    >
      <path d="M0 -14V0M-6 0A6 3 0 1 0 6 0" />
    </svg>
  );
}

function Picture({ card, columnPx, scale }: { card: LineUpCard; columnPx: number; scale: number }) {
  const { widthM, heightM } = sidesOf(card);
  const acts = useCardActs(card);
  const [sizing, setSizing, asSized] = useSizing();
  const isGuess = findGuess(card, 'size') !== null || findGuess(card, 'up') !== null;
  const missing = card.asked.some(({ kind }) => kind === 'map');
  return (
    <div className="drawer-place" style={{ width: columnPx }}>
      <div className={`line-up-picture ${isGuess ? 'in-pencil' : ''} ${missing ? 'has-hole' : ''}`}>
        {card.standing?.sha256 && (
          <img
            src={bytesUrl(card.standing.sha256, 'png')}
            alt={`${card.name}, from the front, as it will be`}
            loading="lazy"
            style={{ width: widthM! * scale, height: heightM! * scale, ...asSized }}
          />
        )}
        {card.standing?.sha256 && (
          <SizeGrip
            name={card.name}
            heightM={heightM!}
            heightPx={heightM! * scale}
            sizing={sizing}
            onSizing={setSizing}
            onDone={acts.setHeight}
          />
        )}
        {findGuess(card, 'pivot') && <PivotMark card={card} scale={scale} />}
        {isGuess && !sizing && (
          <span className="line-up-guess mono" aria-hidden="true">
            {formatLength(heightM!)} ?
          </span>
        )}
      </div>
    </div>
  );
}
