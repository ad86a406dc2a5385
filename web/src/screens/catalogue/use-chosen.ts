import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { CARDS_A_PAGE, type Card, type Catalogue, type Question } from '@haveld/contract/api/catalogue';
import type { Chosen } from '@haveld/contract/api/changes';
import { cardsQuery, catalogueQuery } from '../../api/queries';
import type { OnToggle } from './choose-box';

/** A span goes over so many pages at most. */
const MOST_PAGES = 42;

export interface ChosenCards {
  cards: ReadonlyMap<string, Card>;
  /** Everything that fits the question, whether it was looked at or not. */
  isAll: boolean;
  count: number;
  toggle: OnToggle;
  takeAll: () => void;
  clear: () => void;
  /** As the server is told. */
  chosen: Chosen;
}

/** What is chosen out of an answer: one by one, a span with Shift, or all that fits. */
export function useChosen(question: Question, total: number): ChosenCards {
  const queries = useQueryClient();
  const [cards, setCards] = useState<ReadonlyMap<string, Card>>(new Map());
  const [isAll, setIsAll] = useState(false);
  const last = useRef<string | null>(null);
  const asked = JSON.stringify(question);
  const [askedBefore, setAskedBefore] = useState(asked);
  if (asked !== askedBefore) {
    // all of another question is something else; what was ticked stays
    setAskedBefore(asked);
    setIsAll(false);
  }

  /** Where cards stand that were shown. */
  const listSeen = (): { card: Card; at: number }[] => {
    const pages = queries.getQueriesData<Catalogue>({ queryKey: catalogueQuery(question).queryKey });
    return pages.flatMap(([key, page]) =>
      (page?.cards ?? []).map((card, i) => ({ card, at: (Number(key[3]) || 0) * CARDS_A_PAGE + i })),
    );
  };
  const takeSpan = async (from: string, to: string): Promise<void> => {
    const seen = listSeen();
    const ends = [from, to].map((id) => seen.find(({ card }) => card.id === id)?.at);
    if (ends[0] === undefined || ends[1] === undefined) return;
    const [first, end] = [Math.min(ends[0], ends[1]), Math.max(ends[0], ends[1])];
    const [firstPage, lastPage] = [Math.floor(first / CARDS_A_PAGE), Math.floor(end / CARDS_A_PAGE)];
    if (lastPage - firstPage < MOST_PAGES)
      await Promise.all(
        Array.from({ length: lastPage - firstPage + 1 }, (_, i) => firstPage + i)
          .filter((page) => page > 0)
          .map((page) => queries.ensureQueryData(cardsQuery(question, page))),
      );
    const between = listSeen().filter(({ card, at }) => at >= first && at <= end && card.state === 'catalogued');
    setCards((before) => new Map([...before, ...between.map(({ card }) => [card.id, card] as const)]));
  };
  const toggle: OnToggle = (card, isSpan) => {
    const before = last.current;
    last.current = card.id;
    if (isSpan && before !== null && before !== card.id) {
      void takeSpan(before, card.id);
      return;
    }
    const next = new Map(isAll ? listSeen().map(({ card: one }) => [one.id, one] as const) : cards);
    if (!next.delete(card.id)) next.set(card.id, card);
    setIsAll(false);
    setCards(next);
  };
  return {
    cards: isAll ? new Map(listSeen().map(({ card }) => [card.id, card] as const)) : cards,
    isAll,
    count: isAll ? total : cards.size,
    toggle,
    takeAll: () => setIsAll(true),
    clear: () => {
      last.current = null;
      setIsAll(false);
      setCards(new Map());
    },
    chosen: isAll ? { kind: 'question', question } : { kind: 'assets', ids: [...cards.keys()] },
  };
}
