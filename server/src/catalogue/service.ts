import type { AssetPage, AssetUse, Card, Catalogue, Question, Version } from '@haveld/contract/api/catalogue';
import { DomainError } from '@haveld/contract/error';
import type { IntendedUse } from '@haveld/contract/licence';
import { composeCredit, listCredits } from '@haveld/core/rights/credits';
import { judgeUse } from '@haveld/core/rights/judge-use';
import { licenceWords, type LicenceBook } from '@haveld/core/rights/licence-book';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { describeChanges } from '@haveld/core/treatment/apply-treatment';
import { getArrivalName, getFind, getReading, listFindFiles } from '../arrivals/service';
import { formatAccession } from '../accession';
import type { Executor } from '../database/pool';
import { loadBook } from '../rights/book';
import { getProvenance, listFurtherWorks } from '../rights/provenance';
import * as queries from './queries';

export const countCatalogued = queries.countCatalogued;
export const listVersions = queries.listVersions;
export const findCardRow = queries.findCard;
export const listCardRows = queries.listCardsOf;
export const listCurrentSteps = queries.listCurrentSteps;
export type CardRow = queries.CardRow;

const TRIANGLE_LIMITS = [5_000, 20_000, 100_000];

/** What a card is judged for: a production that is shown; the project it goes to is judged in full. */
const SHOWN: Record<Question['use'], IntendedUse> = {
  commercial: { ...PLAIN_USE, commercial: true },
  'non-commercial': PLAIN_USE,
  '': PLAIN_USE,
};

export function toCard(book: LicenceBook, row: queries.CardRow, use: Question['use'] = ''): Card {
  const { verdict } =
    row.takenDown === null ? judgeUse(book, row.licenceId, SHOWN[use]) : { verdict: 'not-allowed' as const };
  const hasSize = row.hasSize === 1;
  return {
    id: row.id,
    accession: formatAccession(row.accession),
    name: row.name,
    category: row.category,
    state: row.state,
    licenceId: row.licenceId,
    author: row.author,
    triangles: row.triangles ?? 0,
    mapSide: row.mapSide ?? 0,
    widthM: hasSize ? row.widthM : null,
    heightM: hasSize ? row.heightM : null,
    portraitSha256: row.portraitSha256,
    elevationSha256: row.elevationSha256,
    uses: row.uses,
    verdict,
    takenDown: row.takenDown !== null,
  };
}

type Test = (card: Card) => boolean;

/** Asks the catalogue. Each facet counts what fits all the other parts of the question. */
export async function searchCatalogue(db: Executor, question: Question): Promise<Catalogue> {
  const { book } = await loadBook(db);
  const all = (await queries.listCards(db, question)).map((row) => toCard(book, row, question.use));
  const mayBeUsed = createUseTest(book);
  const tests: Record<'category' | 'triangles' | 'use' | 'state', Test> = {
    category: (card) => question.category === '' || card.category === question.category,
    triangles: (card) => question.triangles === 0 || card.triangles <= question.triangles,
    use: (card) => question.use === '' || mayBeUsed(card, question.use),
    state: (card) => question.state === '' || card.state === question.state,
  };
  const fitting = (left: (keyof typeof tests)[]): Card[] =>
    all.filter((card) =>
      (Object.keys(tests) as (keyof typeof tests)[]).every((name) => left.includes(name) || tests[name](card)),
    );
  const cards = fitting([]);
  return {
    cards: orderCards(cards, question.order),
    heldBack: fitting(['use']).length - cards.length,
    facets: {
      category: countBy(fitting(['category']), (card) => card.category ?? ''),
      triangles: TRIANGLE_LIMITS.map((value) => ({
        value,
        count: fitting(['triangles']).filter((card) => card.triangles <= value).length,
      })),
      use: (['commercial', 'non-commercial'] as const).map((value) => ({
        value,
        count: fitting(['use']).filter((card) => mayBeUsed(card, value)).length,
      })),
      state: countBy(fitting(['state']), (card) => card.state),
    },
  };
}

/** Thousands of cards stand under a handful of licences: each is judged once. */
function createUseTest(book: LicenceBook): (card: Card, use: 'commercial' | 'non-commercial') => boolean {
  const known = new Map<string, boolean>();
  return ({ licenceId, takenDown }, use) => {
    if (takenDown) return false;
    const key = `${use}|${licenceId}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const { verdict } = judgeUse(book, licenceId, SHOWN[use]);
    const may = verdict === 'allowed' || verdict === 'allowed-with-duties';
    known.set(key, may);
    return may;
  };
}

function orderCards(cards: Card[], order: Question['order']): Card[] {
  const by: Record<Question['order'], (a: Card, b: Card) => number> = {
    height: (a, b) => (a.heightM ?? Infinity) - (b.heightM ?? Infinity) || a.name.localeCompare(b.name),
    newest: (a, b) => b.accession.localeCompare(a.accession),
    used: (a, b) => b.uses - a.uses || a.name.localeCompare(b.name),
  };
  return [...cards].sort(by[order]);
}

function countBy(cards: Card[], key: (card: Card) => string): { value: string; count: number }[] {
  const counts = new Map<string, number>();
  for (const card of cards) counts.set(key(card), (counts.get(key(card)) ?? 0) + 1);
  return [...counts].map(([value, count]) => ({ value, count })).sort((a, b) => b.count - a.count);
}

export async function getAssetPage(db: Executor, id: string, uses: AssetUse[]): Promise<AssetPage> {
  const row = await queries.findCard(db, id);
  if (!row) throw new DomainError('not-found', 'There is no such asset.');
  const [{ book }, provenance, works, versions, reading, find, originals] = await Promise.all([
    loadBook(db),
    getProvenance(db, id),
    listFurtherWorks(db, [id]),
    queries.listVersions(db, id),
    getReading(db, row.readingId),
    getFind(db, row.findId),
    listFindFiles(db, row.findId),
  ]);
  const current = versions.find((version) => version.id === row.versionId) ?? versions[0];
  const further = works.get(id) ?? [];
  const credits = listCredits(book, { provenance, further, name: row.name }, describeChanges(current?.steps ?? []));
  const { duties } = judgeUse(book, row.licenceId, SHOWN[''], {
    nature: { changed: (current?.steps.length ?? 0) > 0, adaptations: [] },
  });
  return {
    card: toCard(book, row),
    arrivalName: find ? await getArrivalName(db, find.arrivalId) : '',
    provenance,
    further,
    takenDown: row.takenDown,
    // each passage with what it says, for it may say otherwise than what is held
    evidence: [
      ...reading.rights.licences.map(({ id: said, evidence }) => ({ ...evidence, figure: licenceWords(book, said) })),
      ...reading.rights.authors.map(({ name, evidence }) => ({ ...evidence, figure: name })),
    ].slice(0, 8),
    credit: credits.map((credit) => composeCredit(credit)).join('\n'),
    shortCredit: credits.map((credit) => composeCredit(credit, 'short')).join('; '),
    duties,
    versions: versions.map((version): Version => ({ ...version, createdAt: version.createdAt.toISOString() })),
    uses,
    originals: originals.map(({ path, sizeBytes, sha256, role }) => ({ path, sizeBytes, sha256, role })),
  };
}

/** Bytes an asset arrived with. */
export async function countReceivedBytes(db: Executor, findId: string): Promise<number> {
  return (await listFindFiles(db, findId)).reduce((sum, file) => sum + file.sizeBytes, 0);
}
