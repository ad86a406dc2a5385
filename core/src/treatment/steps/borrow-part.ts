import { composeMatrix, invertMatrix, multiplyMatrix } from '../../scene/matrix';
import { readGlb } from '../../scene/document/document-io';
import { PartIndex } from '../../scene/part-ref';
import { borrowPart } from '../../structure/borrow/borrow-part';
import { placingOf } from '../placing-of';
import type { StepDefinition } from '../step-definition';

/** It keeps its size in metres and stands upright, however this model is scaled and turned later on. */
export const borrowPartOf: StepDefinition<'borrow-part'> = {
  kind: 'borrow-part',
  phase: 'parts',
  order: 0,
  codeVersion: 1,
  topology: 'replaces',
  // how its faces meet is its lender's
  brings: ['open', 'crowded', 'against'],
  title: ({ name, from }) => `“${name}” borrowed from ${from.accession} ${from.name}`,
  credit: ({ from }) => `a part of ${from.accession} “${from.name}” added`,
  adaptation: ({ from }) => `a part of “${from.name}” was added`,
  async apply(document, step, { steps, readBytes }) {
    const { from, part, name, at } = step;
    const under = step.under && new PartIndex(document).find(step.under);
    if (step.under && !under) return { changed: '', unmatched: [step.under.name] };
    const back = invertMatrix(placingOf(steps));
    if (!back) return { changed: '', unmatched: [name] };
    const half = (step.degrees * Math.PI) / 360;
    const turned = composeMatrix({
      translation: [0, 0, 0],
      rotation: [0, Math.sin(half), 0, Math.cos(half)],
      scale: [step.times, step.times, step.times],
    });
    const lender = await readGlb(await readBytes(from.sha256));
    const turn = multiplyMatrix(back, turned);
    const whyNot = borrowPart(document, lender, { accession: from.accession, part, name, under, at, turn });
    return whyNot
      ? { changed: `left where it is: ${whyNot}`, unmatched: [`${part?.name || from.name} of ${from.accession}`] }
      : { changed: `“${name}”, version ${from.versionNumber}`, unmatched: [] };
  },
};
