import type { Catalogue, Question } from '@haveld/contract/api/catalogue';
import type { Category } from '@haveld/contract/category';
import { Underlined } from '../../parts/underlined';

export interface QuestionSentenceProps {
  question: Question;
  catalogue: Catalogue | undefined;
  onAsk: (change: Record<string, string>) => void;
}

const USES: Record<string, string> = {
  '': 'any project',
  commercial: 'a paid production',
  'non-commercial': 'a free production',
};
const STATES: Record<string, string> = {
  catalogued: 'catalogued',
  'on-bench': 'on the bench',
  '': 'in any state',
};

const PLURALS: Record<Category | '', string> = {
  '': 'Things',
  prop: 'Props',
  furniture: 'Furniture',
  building: 'Buildings',
  vehicle: 'Vehicles',
  creature: 'Creatures',
  foliage: 'Foliage',
};

/** "Things that we may use in a paid production, below 20 k triangles": each underlined word opens its choices with their counts. */
export function QuestionSentence({ question, catalogue, onAsk }: QuestionSentenceProps) {
  const facets = catalogue?.facets;
  const countOf = (
    list: { value: string | number; count: number }[] | undefined,
    value: string | number,
  ): number | undefined => list?.find((entry) => entry.value === value)?.count;
  const categories =
    facets?.category.map(({ value, count }) => ({
      value,
      label: value === '' ? 'without a category' : value,
      count,
    })) ?? [];
  return (
    <div className="question">
      <h1 className="question-words">
        <Underlined
          name="Category"
          label={PLURALS[question.category]}
          value={question.category}
          options={[{ value: '', label: 'anything' }, ...categories.filter((option) => option.value !== '')]}
          onChoose={(category) => onAsk({ category })}
        />
        {question.words !== '' && (
          <>
            {' called '}
            <button
              type="button"
              className="underlined"
              onClick={() => onAsk({ words: '' })}
              aria-label={`“${question.words}” ✕: take it away`}
            >
              “{question.words}” ✕
            </button>
          </>
        )}
        {' that we may use in '}
        <Underlined
          name="Use"
          label={USES[question.use]}
          value={question.use}
          options={Object.entries(USES).map(([value, label]) => ({ value, label, count: countOf(facets?.use, value) }))}
          onChoose={(use) => onAsk({ use })}
        />
        {', '}
        <Underlined
          name="Triangles"
          label={question.triangles === 0 ? 'of any weight' : `below ${question.triangles / 1000} k triangles`}
          value={String(question.triangles)}
          options={[
            { value: '0', label: 'of any weight' },
            ...[5000, 20000, 100000].map((limit) => ({
              value: String(limit),
              label: `below ${limit / 1000} k triangles`,
              count: countOf(facets?.triangles, limit),
            })),
          ]}
          onChoose={(triangles) => onAsk({ triangles: triangles === '0' ? '' : triangles })}
        />
        {', '}
        <Underlined
          name="State"
          label={STATES[question.state]}
          value={question.state}
          options={['catalogued', 'on-bench'].map((value) => ({
            value,
            label: STATES[value],
            count: countOf(facets?.state, value),
          }))}
          onChoose={(state) => onAsk({ state: state === 'catalogued' ? '' : state })}
        />
        .
      </h1>
      {catalogue && (
        <span className="quiet small" role="status">
          {catalogue.cards.length} {catalogue.cards.length === 1 ? 'fits' : 'fit'}
          {catalogue.heldBack > 0 ? `, ${catalogue.heldBack} held back by licence` : ''}
        </span>
      )}
    </div>
  );
}
