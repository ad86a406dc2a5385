import type { Document } from '@gltf-transform/core';
import type { FindingKind } from '@haveld/contract/finding-kinds';
import type { Step } from '@haveld/contract/step';
import { orderSteps } from '../treatment/steps';
import { assess } from './assess';
import { examine } from './examination';
import type { NewlyWrong } from './newly-wrong';

/** What a treated model is judged by again: what its document alone says, and a step may bring about. */
const JUDGED_AGAIN: ReadonlySet<FindingKind> = new Set<FindingKind>([
  'no-material',
  'uv',
  'sides',
  'backs',
  'specular',
  'twins',
  'shine',
  'alpha',
  'non-uniform-scale',
  'mirrored',
  'part-pivots',
  'clutter',
  'wrappers',
  'levels',
  'normals',
  'inverted-faces',
  'lines',
]);

/** @returns what is wrong with a document as it is, by the key of each finding, in its words */
export function listWrong(document: Document, name: string): Map<string, string> {
  const examination = examine({ document, name, log: [], pictures: [], belonging: new Set(), stated: [] });
  const wrong = assess(examination).filter(({ kind, mark }) => mark !== 'holds' && JUDGED_AGAIN.has(kind));
  return new Map(wrong.map(({ key, title }) => [key, title]));
}

/**
 * Judges the result of a treatment as what was received was judged, and says at which step what is new came about.
 * @param before what is wrong with the model as received, and @param after with the result
 * @param afterSome what is wrong after so many of the steps, in the order they run; asked of few
 */
export async function findNewlyWrong(
  before: ReadonlyMap<string, string>,
  after: ReadonlyMap<string, string>,
  steps: number,
  afterSome: (count: number) => Promise<ReadonlyMap<string, string>>,
): Promise<NewlyWrong[]> {
  const known = new Map<number, ReadonlyMap<string, string>>([
    [0, before],
    [steps, after],
  ]);
  const wrongAfter = async (count: number): Promise<ReadonlyMap<string, string>> => {
    const held = known.get(count) ?? (await afterSome(count));
    known.set(count, held);
    return held;
  };
  const found: NewlyWrong[] = [];
  for (const [key, title] of after) {
    if (before.has(key)) continue;
    // the last step before which it was right: halved until it is one
    let [right, wrong] = [0, steps];
    while (wrong - right > 1) {
      const middle = (right + wrong) >> 1;
      if ((await wrongAfter(middle)).has(key)) wrong = middle;
      else right = middle;
    }
    found.push({ step: wrong - 1, title });
  }
  return found;
}

/** @returns the first so many steps in the order they run */
const firstSteps = (steps: readonly Step[], count: number): Step[] =>
  orderSteps(steps.map((step) => ({ step })))
    .slice(0, count)
    .map(({ step }) => step);

/**
 * As `findNewlyWrong`, from documents.
 * @param read gives the model as received anew each time it is asked
 * @param treat does some steps to one
 */
export async function judgeAgain(
  { read, treat }: { read: () => Promise<Document>; treat: (document: Document, steps: Step[]) => Promise<unknown> },
  treated: Document,
  steps: readonly Step[],
): Promise<NewlyWrong[]> {
  const after = listWrong(treated, '');
  if (after.size === 0) return [];
  return findNewlyWrong(listWrong(await read(), ''), after, steps.length, async (count) => {
    const some = await read();
    await treat(some, firstSteps(steps, count));
    return listWrong(some, '');
  });
}
