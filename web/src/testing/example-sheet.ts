import { SheetSchema, type Sheet } from '@haveld/contract/api/bench';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';

/** A sheet as the server would give it: where nothing is said of what is in pencil, what is planned are the steps that were taken. */
export function exampleSheet(about: Partly<Sheet> = {}): Sheet {
  const taken = exampleOf(SheetSchema, about).steps;
  return exampleOf(SheetSchema, {
    planned: taken.map((row) => ({ ...row, isGuess: false })),
    ...about,
  } as Partly<Sheet>);
}
