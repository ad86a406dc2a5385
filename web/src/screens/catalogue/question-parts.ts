import type { Facet, FacetCount, Question } from '@haveld/contract/api/catalogue';
import type { ModelTrait } from '@haveld/contract/model-inside';
import { formatLength } from '@haveld/core/placement/units';
import { licenceWords, type LicenceBook } from '@haveld/core/rights/licence-book';

/** What a change of a question puts into its address; an empty text takes it out. */
export type Asked = Record<string, string>;

/** A part of the sentence that a facet stands for. */
export interface QuestionPart {
  facet: Facet;
  /** How it is called for those who hear it. */
  name: string;
  /** Where in the sentence it stands while it is asked for. */
  place: 'before' | 'after' | 'end';
  /** The value that is asked for, as its facet counts it; empty for any. */
  valueOf: (question: Question) => string;
  ask: (value: string) => Asked;
  /** As it is said in the sentence. */
  say: (value: string, label: string) => string;
  /** As a choice of its own. */
  label: (count: Pick<FacetCount, 'value' | 'label'>, book: LicenceBook) => string;
}

const TRAITS: Record<ModelTrait, string> = {
  maps: 'texture maps',
  clips: 'animation clips',
  joints: 'joints',
  levels: 'levels of detail',
  collision: 'collision shapes',
  'vertex-colours': 'vertex colours',
  'second-layout': 'a second UV set',
  quads: 'quads',
};

const SINCE: Record<string, string> = { week: 'this week', month: 'this month', year: 'this year' };

/** `0.5-1` of a facet, `from` and `to` of a question. */
const splitSize = (value: string): [from: string, to: string] => value.split('-') as [string, string];

function saySize(value: string): string {
  const [from, to] = splitSize(value);
  if (from === '') return `up to ${formatLength(Number(to))} long`;
  if (to === '') return `over ${formatLength(Number(from))} long`;
  return `${formatLength(Number(from))} to ${formatLength(Number(to))} long`;
}

const asIs = ({ value, label }: Pick<FacetCount, 'value' | 'label'>): string => label ?? value;

/** A facet whose value is a text that the question holds under the facet's name. */
const plain = (
  facet: Extract<Facet, keyof Question>,
  name: string,
  place: QuestionPart['place'],
  say: (label: string) => string,
  label: QuestionPart['label'] = asIs,
): QuestionPart => ({
  facet,
  name,
  place,
  valueOf: (question) => String(question[facet]),
  ask: (value) => ({ [facet]: value }),
  say: (_, words) => say(words),
  label,
});

/** What a question can be narrowed by beside its category, its use, its weight and its state, in the order it is said. */
export const QUESTION_PARTS: readonly QuestionPart[] = [
  plain('colour', 'Colour', 'before', (colour) => colour),
  plain('material', 'Material', 'after', (material) => `of ${material}`),
  {
    facet: 'size',
    name: 'Size',
    place: 'after',
    valueOf: ({ from, to }) => (from > 0 || to > 0 ? `${from || ''}-${to || ''}` : ''),
    ask: (value) => {
      const [from, to] = value === '' ? ['', ''] : splitSize(value);
      return { from, to };
    },
    say: saySize,
    label: ({ value }) => saySize(value),
  },
  plain(
    'trait',
    'Includes',
    'after',
    (trait) => `with ${trait}`,
    ({ value }) => TRAITS[value as ModelTrait] ?? value,
  ),
  plain('tag', 'Tag', 'after', (tag) => `tagged “${tag}”`),
  plain('author', 'Author', 'after', (author) => `by ${author}`),
  plain(
    'licence',
    'Licence',
    'after',
    (licence) => `under ${licence}`,
    ({ value }, book) => licenceWords(book, value),
  ),
  plain('source', 'Source', 'after', (source) => `from ${source}`),
  plain('by', 'Added by', 'end', (person) => `added by ${person}`),
  plain(
    'since',
    'Added',
    'end',
    (since) => `added ${since}`,
    ({ value }) => SINCE[value] ?? value,
  ),
  {
    ...plain('used', 'Used in', 'end', (project) => project),
    say: (value, label) => (value === 'never' ? 'never used' : `used in ${label}`),
    label: ({ value, label }) => (value === 'never' ? 'no project yet' : (label ?? 'a project')),
  },
];

/** Whether a question asks for anything but the catalogue as a whole. */
export const isNarrowed = (question: Question): boolean =>
  question.words !== '' ||
  question.category !== '' ||
  question.use !== '' ||
  question.triangles > 0 ||
  question.state !== 'catalogued' ||
  QUESTION_PARTS.some(({ valueOf }) => valueOf(question) !== '');
