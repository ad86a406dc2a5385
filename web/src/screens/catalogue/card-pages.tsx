import { useQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef, useState, useEffect, type ReactNode } from 'react';
import { CARDS_A_PAGE, type Catalogue, type Question } from '@haveld/contract/api/catalogue';
import { cardsQuery } from '../../api/queries';
import { Failure } from '../../parts/notice';

export type FoundCard = Catalogue['cards'][number];

/** A page is about so high before it has been seen. */
const FIRST_GUESS_PX = 1400;

interface CardPagesProps {
  question: Question;
  /** Came with the counts. */
  first: readonly FoundCard[];
  total: number;
  render: (cards: readonly FoundCard[]) => ReactNode;
}

/**
 * Everything that fits, however much: pages of cards, of which those in view are asked for and drawn, wherever one scrolls to.
 */
export function CardPages(props: CardPagesProps) {
  return props.first.length >= props.total ? props.render(props.first) : <ManyPages {...props} />;
}

function ManyPages({ question, first, total, render }: CardPagesProps) {
  const host = useRef<HTMLDivElement>(null);
  const [scroller, setScroller] = useState<HTMLElement | null>(null);
  useEffect(() => setScroller(host.current!.closest<HTMLElement>('.screen-body')), []);
  const pages = useVirtualizer({
    count: Math.ceil(total / CARDS_A_PAGE),
    getScrollElement: () => scroller,
    estimateSize: () => FIRST_GUESS_PX,
    overscan: 1,
  });
  return (
    <div ref={host} className="card-pages" style={{ height: pages.getTotalSize() }}>
      {pages.getVirtualItems().map(({ index, key, start }) => (
        <div key={key} data-index={index} ref={pages.measureElement} style={{ transform: `translateY(${start}px)` }}>
          {index === 0 ? render(first) : <CardPage question={question} index={index} render={render} />}
        </div>
      ))}
    </div>
  );
}

function CardPage({
  question,
  index,
  render,
}: {
  question: Question;
  index: number;
  render: (cards: readonly FoundCard[]) => ReactNode;
}) {
  const page = useQuery(cardsQuery(question, index));
  if (page.error) return <Failure error={page.error} onRetry={() => void page.refetch()} />;
  if (!page.data)
    return (
      <div className="card-page-waits" role="status" aria-label="Loading more">
        <span className="quiet small">Loading {index * CARDS_A_PAGE + 1} and on …</span>
      </div>
    );
  return render(page.data.cards);
}
