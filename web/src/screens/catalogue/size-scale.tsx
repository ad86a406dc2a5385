import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Question, SizeStep } from '@haveld/contract/api/catalogue';
import { formatLength } from '@haveld/core/placement/units';
import { bytesUrl } from '../../api/client';
import { sizesQuery } from '../../api/queries';
import { Failure, Loading } from '../../parts/notice';
import type { Asked } from './question-parts';

const BAR_PX = 150;

/** What stands at an end of a step, on the rule. */
const sayEnd = (metres: number | null): string => (metres === null ? '' : formatLength(metres));

/** How big things are, from a pin to a ship: a column for each step of a scale of logarithms, with some of what is in it. */
export function SizeScale({ question, onAsk }: { question: Question; onAsk: (change: Asked) => void }) {
  const sizes = useQuery(sizesQuery(question));
  if (sizes.error) return <Failure error={sizes.error} onRetry={() => void sizes.refetch()} />;
  if (!sizes.data) return <Loading />;
  const { steps, withoutSize } = sizes.data;
  const filled = steps.map(({ count }, i) => (count > 0 ? i : -1)).filter((i) => i >= 0);
  if (filled.length === 0) return <p className="quiet size-scale-none">None of these has a real size.</p>;
  // the steps between the smallest and the largest, and one beside each
  const shown = steps.slice(Math.max(0, filled[0] - 1), filled.at(-1)! + 2);
  const most = Math.max(...shown.map(({ count }) => count));
  return (
    <div className="size-scale">
      <div className="size-steps">
        {shown.map((step) => (
          <SizeColumn key={step.from ?? 0} step={step} most={most} onAsk={onAsk} />
        ))}
      </div>
      <p className="quiet small">
        By the longest side; each step is a bit more than twice the one before.
        {withoutSize > 0 && ` ${withoutSize.toLocaleString('en')} without a real size.`}
      </p>
    </div>
  );
}

function SizeColumn({ step, most, onAsk }: { step: SizeStep; most: number; onAsk: (change: Asked) => void }) {
  const { from, to, count, cards } = step;
  const name =
    from === null ? `up to ${sayEnd(to)}` : to === null ? `over ${sayEnd(from)}` : `${sayEnd(from)} to ${sayEnd(to)}`;
  return (
    <section className="size-step" aria-label={name}>
      <div className="size-pictures">
        {cards.map((card) => (
          <Link
            key={card.id}
            to={card.state === 'catalogued' ? `/catalogue/${card.id}` : `/bench/${card.id}`}
            title={card.name}
          >
            {card.orthographicSha256 ? (
              <img src={bytesUrl(card.orthographicSha256, 'png')} alt={card.name} loading="lazy" />
            ) : (
              <span className="small">{card.name}</span>
            )}
          </Link>
        ))}
      </div>
      {count > 0 && <div className="size-bar" style={{ height: Math.max(3, (count / most) * BAR_PX) }} />}
      {count > 0 ? (
        <button
          type="button"
          onClick={() =>
            onAsk({ from: from === null ? '' : String(from), to: to === null ? '' : String(to), pictures: '' })
          }
          aria-label={`${count} things ${name}: show them`}
        >
          {count.toLocaleString('en')}
        </button>
      ) : (
        <span className="quiet">–</span>
      )}
      <span className="size-end mono small quiet">{sayEnd(to)}</span>
    </section>
  );
}
