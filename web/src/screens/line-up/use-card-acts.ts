import { changeProvenance } from '@haveld/contract/api/bench';
import { answerMany, nameAsset, type CardFinding, type LineUpCard } from '@haveld/contract/api/line-up';
import type { Category } from '@haveld/contract/category';
import type { Provenance } from '@haveld/contract/licence';
import { formatLength } from '@haveld/core/placement/units';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { useTurns } from '../bench/placing/use-turns';
import { useAnswer } from '../bench/use-answer';
import { useSaidOfOne } from './mates-offer';
import { factorFor, findGuess, otherGuess, stepsOf } from './read-card';

/** What can be mended on a card. */
export function useCardActs(card: LineUpCard) {
  const params = { id: card.id };
  const answer = useAnswer(card.id);
  const name = useChange((body: { name?: string; category?: Category; tags?: string[] }) =>
    call(nameAsset, { params, body: { ...body, seen: { name: card.name, category: card.category, tags: card.tags } } }),
  );
  const rights = useChange((change: Partial<Provenance>) =>
    call(changeProvenance, { params, body: { change, seen: card.provenance, why: 'said in the line-up' } }),
  );
  const leave = useChange(() =>
    call(answerMany, {
      body: { ids: [card.id], kind: 'map', choiceId: null, reason: 'left out in the line-up' },
    }),
  );
  const tell = useSaidOfOne();
  const take = (finding: CardFinding, choiceId: string): void => {
    const choice = finding.choices.find(({ id }) => id === choiceId);
    answer.mutate({ key: finding.key, answer: { kind: 'taken', choiceId } });
    if (finding.kind === 'size' && choice && choiceId !== 'none') tell({ card, choice });
  };
  const { turn, isTurning } = useTurns({ id: card.id, stepsOf: (key) => stepsOf(card, key), has: () => true });
  return {
    isBusy: answer.isPending || name.isPending || rights.isPending || leave.isPending || isTurning,
    take,
    /** @param nth of the answers its first question offers, from 0 */
    answerFirst: (nth: number) => {
      const [question] = card.asked;
      if (question?.kind === 'rights:licence') {
        const named = card.namedLicences;
        if (named[nth]) rights.mutate({ licenceId: named[nth] });
      } else if (question?.choices[nth]) take(question, question.choices[nth].id);
    },
    takeOther: () => {
      for (const kind of ['size', 'up'] as const) {
        const finding = findGuess(card, kind);
        const other = finding && otherGuess(finding);
        if (other) return take(finding, other.id);
      }
    },
    setHeight: (heightM: number) => {
      const factor = factorFor(card, heightM);
      if (factor === null) return;
      const words = `height ${formatLength(heightM)}`;
      answer.mutate({
        key: 'size',
        answer: { kind: 'own', summary: words, steps: [{ kind: 'scale', schema: 1, factor, label: words }] },
      });
    },
    turn,
    rename: (to: string) => name.mutate({ name: to }),
    setTags: (tags: string[]) => name.mutate({ tags }),
    setCategory: (category: Category) => name.mutate({ category }),
    setRights: (change: Partial<Provenance>) => rights.mutate(change),
    leaveMapsOut: () => leave.mutate(undefined),
  };
}

export type CardActs = ReturnType<typeof useCardActs>;
