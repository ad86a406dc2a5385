import type { FurtherWork, WorkPart } from '@haveld/contract/licence';
import type { Lender, Step } from '@haveld/contract/step';

/** What steps borrow: from whom, and what of it. */
export interface Borrowed {
  from: Lender;
  part: Extract<WorkPart, 'part' | 'maps'>;
}

/** @returns each lender and kind once, in the order they are first borrowed from */
export function listBorrowed(steps: readonly Step[]): Borrowed[] {
  const borrowed = steps.flatMap((step): Borrowed[] => {
    if (step.kind === 'borrow-part') return [{ from: step.from, part: 'part' }];
    // what a material brings of another work are its maps
    return step.kind === 'borrow-material' ? [{ from: step.from, part: 'maps' }] : [];
  });
  return borrowed.filter(
    ({ from, part }, i) => borrowed.findIndex((other) => other.from.id === from.id && other.part === part) === i,
  );
}

/** @returns those works that what these steps made rests on: without those of lenders it borrows nothing from */
export function listWorksOfSteps(works: readonly FurtherWork[], steps: readonly Step[]): FurtherWork[] {
  const lenders = new Set(listBorrowed(steps).map(({ from }) => from.id));
  return works.filter(({ lender }) => !lender || lenders.has(lender.throughId));
}
