import { judgeMapSet } from '../judging/judge-map-set';
import { createBrokenLayouts, type BrokenLayout, type LayoutKind } from '../../testing/broken-layouts';
import { matchReferences } from './match-references';

export interface LayoutScore {
  right: number;
  asked: number;
  wrong: number;
  /** `kind: reference → what was taken for it`. */
  errors: string[];
}

/** How a layout comes out: right where what is right was taken, or nothing was where nothing is; wrong where something else was. */
export function scoreLayout(layout: BrokenLayout): LayoutScore {
  const judged = judgeMapSet(layout.files.map(({ path }) => ({ path, measures: null, slot: null })));
  const decisions = matchReferences(
    layout.references.map(({ material, slot, reference }) => ({ material, slot, references: [reference] })),
    layout.files.map(({ path, content, place, sameAuthor }, i) => ({
      path,
      sha256: content,
      place,
      sameAuthor,
      judged: judged[i],
    })),
  );
  const score: LayoutScore = { right: 0, asked: 0, wrong: 0, errors: [] };
  decisions.forEach(({ sure, matches }, i) => {
    const taken = sure ? matches[0].offered.sha256 : null;
    if (taken !== null && taken !== layout.truth[i]) {
      score.wrong++;
      score.errors.push(`${layout.kind}: ${layout.references[i].reference} → ${matches[0].offered.path}`);
    } else if (taken !== null || (layout.truth[i] === null && matches.length === 0)) score.right++;
    else score.asked++;
  });
  return score;
}

/** Right, asked and wrong over seeded layouts, by kind. */
export function scoreLayouts(count: number, seed: number, kinds?: readonly LayoutKind[]): Map<string, LayoutScore> {
  const scores = new Map<string, LayoutScore>();
  for (const layout of createBrokenLayouts(count, seed, kinds)) {
    const one = scoreLayout(layout);
    const all = scores.get(layout.kind) ?? { right: 0, asked: 0, wrong: 0, errors: [] };
    scores.set(layout.kind, {
      right: all.right + one.right,
      asked: all.asked + one.asked,
      wrong: all.wrong + one.wrong,
      errors: [...all.errors, ...one.errors],
    });
  }
  return scores;
}
