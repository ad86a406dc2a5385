import Button from '@mui/material/Button';
import Popover from '@mui/material/Popover';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { TRIANGLE_LIMITS, type Catalogue, type FacetCount, type Question } from '@haveld/contract/api/catalogue';
import type { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { facetsQuery } from '../../api/queries';
import { Failure, Loading } from '../../parts/notice';
import { Underlined } from '../../parts/underlined';
import { useBook } from '../../parts/use-book';
import { useCategories } from '../../parts/use-categories';
import { QUESTION_PARTS, type Asked, type QuestionPart } from './question-parts';

export interface QuestionSentenceProps {
  question: Question;
  catalogue: Catalogue | undefined;
  onAsk: (change: Asked) => void;
}

const USES: Record<string, string> = {
  '': 'any project',
  commercial: 'a paid production',
  'non-commercial': 'a free production',
};
const STATES: Record<string, string> = {
  catalogued: 'catalogued',
  'on-bench': 'on the bench',
  any: 'in any state',
};

const countOf = (list: readonly FacetCount[] | undefined, value: string | number): number | undefined =>
  list?.find((entry) => entry.value === String(value))?.count;

const begin = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** "Red furniture of oak, that we may use in a paid production, below 20 k triangles": each underlined word opens its choices with their counts. */
export function QuestionSentence({ question, catalogue, onAsk }: QuestionSentenceProps) {
  const facets = catalogue?.facets;
  const asked = QUESTION_PARTS.filter(({ valueOf }) => valueOf(question) !== '');
  const first = asked.find(({ place }) => place === 'before');
  const saying = (place: QuestionPart['place'], before: string) =>
    asked
      .filter((part) => part.place === place)
      .map((part) => (
        <span key={part.facet}>
          {before}
          <AskedPart part={part} question={question} catalogue={catalogue} onAsk={onAsk} begins={part === first} />
        </span>
      ));
  const tree = useCategories();
  const things = sayCategory(tree, question.category);
  return (
    <div className="question">
      <h1 className="question-words">
        {saying('before', '')}
        {first && ' '}
        <Underlined
          name="Category"
          label={first ? things : begin(things)}
          value={question.category}
          options={[{ value: '', label: 'anything' }, ...listCategories(tree, facets?.category ?? [])]}
          onChoose={(category) => onAsk({ category })}
        />
        {question.words !== '' && (
          <>
            {' matching '}
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
        {saying('after', ' ')}
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
          label={sayTriangles(question.triangles)}
          value={String(question.triangles)}
          options={[
            { value: '0', label: sayTriangles(0) },
            ...TRIANGLE_LIMITS.map((limit) => ({
              value: String(limit),
              label: sayTriangles(limit),
              count: countOf(facets?.triangles, limit),
            })),
          ]}
          onChoose={(triangles) => onAsk({ triangles: triangles === '0' ? '' : triangles })}
        />
        {saying('end', ', ')}
        {', '}
        <Underlined
          name="State"
          label={STATES[question.state]}
          value={question.state}
          options={Object.entries(STATES).map(([value, label]) => ({
            value,
            label,
            count: countOf(facets?.state, value),
          }))}
          onChoose={(state) => onAsk({ state: state === 'catalogued' ? '' : state })}
        />
        .
      </h1>
      {catalogue && (
        <span className="quiet small" role="status">
          {catalogue.total.toLocaleString('en')} {catalogue.total === 1 ? 'fits' : 'fit'}
          {catalogue.isLoose ? ' some of the words' : ''}
          {catalogue.heldBack > 0 ? `, ${catalogue.heldBack.toLocaleString('en')} held back by licence` : ''}
        </span>
      )}
      {catalogue && <Narrow question={question} catalogue={catalogue} onAsk={onAsk} />}
    </div>
  );
}

const sayCategory = (tree: CategoryTree, category: string): string => {
  if (category === '') return 'things';
  return category === 'none' ? 'things without a category' : tree.nameOf(category);
};

/** Those that leave something, as they stand in the tree; a category counts what is in narrower ones too. */
function listCategories(tree: CategoryTree, counts: readonly FacetCount[]) {
  const countOfEach = new Map(counts.map(({ value, count }) => [value, count]));
  return tree
    .listAll()
    .filter(({ node }) => countOfEach.has(node.id))
    .map(({ node, depth }) => ({ value: node.id, label: node.name, depth, count: countOfEach.get(node.id) }));
}

const sayTriangles = (limit: number): string => (limit === 0 ? 'of any weight' : `below ${limit / 1000} k triangles`);

function AskedPart({
  part,
  question,
  catalogue,
  onAsk,
  begins,
}: QuestionSentenceProps & { part: QuestionPart; begins: boolean }) {
  const book = useBook();
  const value = part.valueOf(question);
  const counts = catalogue?.facets[part.facet] ?? [];
  const said = part.say(value, part.label(counts.find((one) => one.value === value) ?? { value }, book));
  return (
    <Underlined
      name={part.name}
      label={begins ? begin(said) : said}
      value={value}
      options={[
        { value: '', label: 'any' },
        ...counts.map((count) => ({ value: count.value, label: part.label(count, book), count: count.count })),
      ]}
      onChoose={(chosen) => onAsk(part.ask(chosen))}
    />
  );
}

/** Fewer are seen at a glance. */
const FEWEST = 3;

/** What divides the answer best, a click each; all the rest behind one more. */
function Narrow({ question, catalogue, onAsk }: QuestionSentenceProps & { catalogue: Catalogue }) {
  const book = useBook();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const { offers, total } = catalogue;
  if (total < FEWEST) return null;
  return (
    <div className="narrow">
      {offers.length > 0 && <span className="quiet small">Narrow to</span>}
      {offers.map((count) => {
        const part = QUESTION_PARTS.find(({ facet }) => facet === count.facet)!;
        return (
          <button
            key={`${count.facet} ${count.value}`}
            type="button"
            className="narrower"
            onClick={() => onAsk(part.ask(count.value))}
          >
            {part.say(count.value, part.label(count, book))}{' '}
            <span className="mono">{count.count.toLocaleString('en')}</span>
          </button>
        );
      })}
      <Button
        size="small"
        aria-haspopup="dialog"
        sx={{ minWidth: 0 }}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {offers.length > 0 ? 'More …' : 'Narrow …'}
      </Button>
      <Popover
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { 'aria-label': 'All filters', role: 'dialog' } }}
      >
        <EveryFacet
          question={question}
          total={total}
          onAsk={(change) => {
            setAnchor(null);
            onAsk(change);
          }}
        />
      </Popover>
    </div>
  );
}

/** Every value that leaves something, and not all; counted when it is opened. */
function EveryFacet({ question, total, onAsk }: Omit<QuestionSentenceProps, 'catalogue'> & { total: number }) {
  const book = useBook();
  const counted = useQuery(facetsQuery(question));
  if (counted.error) return <Failure error={counted.error} onRetry={() => void counted.refetch()} />;
  if (!counted.data) return <Loading />;
  const { facets } = counted.data;
  const open = QUESTION_PARTS.filter(({ valueOf }) => valueOf(question) === '')
    .map((part) => ({ part, counts: (facets[part.facet] ?? []).filter(({ count }) => count > 0 && count < total) }))
    .filter(({ counts }) => counts.length > 0);
  if (open.length === 0)
    return <p className="quiet narrow-all">All results are alike here: there is nothing left to narrow by.</p>;
  return (
    <div className="narrow-all">
      {open.map(({ part, counts }) => (
        <section key={part.facet} aria-label={part.name}>
          <h2>{part.name}</h2>
          {counts.map((count) => (
            <button key={count.value} type="button" onClick={() => onAsk(part.ask(count.value))}>
              <span>{part.label(count, book)}</span>
              <span className="mono quiet">{count.count.toLocaleString('en')}</span>
            </button>
          ))}
        </section>
      ))}
    </div>
  );
}
