import Button from '@mui/material/Button';
import { createContext, use, useState } from 'react';
import { answerMany, type CardChoice, type LineUpCard } from '@haveld/contract/api/line-up';
import { pluralOf } from '@haveld/core/placement/units';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';
import { listMates } from './read-card';

/** A unit that a person said of one model. */
export interface SaidOfOne {
  card: LineUpCard;
  choice: CardChoice;
}

const Said = createContext<(said: SaidOfOne) => void>(() => undefined);

/** @returns told what unit is said of a model, so that it can be offered for its mates */
export const useSaidOfOne = (): ((said: SaidOfOne) => void) => use(Said);

/** What is said of one is offered for those of the same author or arrival whose size is open; nothing is done unasked. */
export function MatesOffer({ cards, children }: { cards: readonly LineUpCard[]; children: React.ReactNode }) {
  const [said, setSaid] = useState<SaidOfOne | null>(null);
  return (
    <Said value={setSaid}>
      {said && (
        <Offer key={`${said.card.id} ${said.choice.id}`} said={said} cards={cards} onDone={() => setSaid(null)} />
      )}
      {children}
    </Said>
  );
}

function Offer({ said, cards, onDone }: { said: SaidOfOne; cards: readonly LineUpCard[]; onDone: () => void }) {
  const { card, choice } = said;
  const { ids, by } = listMates(cards, card, choice.id);
  const all = useChange(() => call(answerMany, { body: { ids, kind: 'size', choiceId: choice.id, reason: '' } }), {
    onDone,
  });
  if (ids.length === 0) return null;
  const unit = pluralOf(choice.label);
  return (
    <section className="line-up-shared" aria-label="The same for others">
      <span>
        {card.name} is in {unit}, as you said. {formatCount(ids.length, 'more model')}{' '}
        {by === 'author' ? `by ${card.provenance.author}` : `of “${card.arrivalName}”`} may be too.
      </span>
      <Button variant="outlined" loading={all.isPending} onClick={() => all.mutate(undefined)}>
        {countWords(ids.length)} in {unit}
      </Button>
      <Button onClick={onDone}>Only this one</Button>
    </section>
  );
}

const countWords = (count: number): string => (count === 1 ? 'That one' : count === 2 ? 'Both' : `All ${count}`);
