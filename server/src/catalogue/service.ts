import type { AssetPage, AssetUse, Card, Catalogue, Question, Version } from '@haveld/contract/catalogue';
import { DomainError } from '@haveld/contract/error';
import type { Step } from '@haveld/contract/step';
import { composeCredit } from '@haveld/core/rights/credits';
import { getTerms } from '@haveld/core/rights/licences';
import { judgeUse } from '@haveld/core/rights/verdict';
import { describeChanges } from '@haveld/core/treatment/apply-treatment';
import { getArrivalName, getFind, getReading, listFindFiles } from '../arrivals/service';
import { formatAccession } from '../accession';
import { getProvenance } from '../bench/service';
import type { Executor } from '../database/pool';
import * as queries from './queries';

export const countCatalogued = queries.countCatalogued;
export const listVersions = queries.listVersions;
export const findCardRow = queries.findCard;

const TRIANGLE_LIMITS = [5_000, 20_000, 100_000];

/** A changed version stands in the catalogue, so a use is judged as one of a changed version. */
const asChanged = (commercial: boolean): { commercial: boolean; changed: boolean } => ({ commercial, changed: true });

export function toCard(row: queries.CardRow, use: Question['use'] = ''): Card {
  const { verdict } = judgeUse(row.licenceId, asChanged(use === 'commercial'));
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
  };
}

type Test = (card: Card) => boolean;

/** Asks the catalogue. Each facet counts what fits all the other parts of the question. */
export async function searchCatalogue(db: Executor, question: Question): Promise<Catalogue> {
  const all = (await queries.listCards(db, question)).map((row) => toCard(row, question.use));
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

function mayBeUsed(card: Card, use: 'commercial' | 'non-commercial'): boolean {
  const { verdict } = judgeUse(card.licenceId, asChanged(use === 'commercial'));
  return verdict === 'allowed' || verdict === 'allowed-with-duties';
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

/** The credit of an asset in the version that stands in the catalogue. */
export async function composeAssetCredit(db: Executor, assetId: string, steps: readonly Step[]): Promise<string> {
  return composeCredit(await getProvenance(db, assetId), describeChanges(steps));
}

export async function getAssetPage(db: Executor, id: string, uses: AssetUse[]): Promise<AssetPage> {
  const row = await queries.findCard(db, id);
  if (!row) throw new DomainError('not-found', 'There is no such asset.');
  const [provenance, versions, reading, find, originals] = await Promise.all([
    getProvenance(db, id),
    queries.listVersions(db, id),
    getReading(db, row.readingId),
    getFind(db, row.findId),
    listFindFiles(db, row.findId),
  ]);
  const current = versions.find((version) => version.id === row.versionId) ?? versions[0];
  const { duties } = judgeUse(row.licenceId, asChanged(getTerms(row.licenceId).commercial.grant === 'yes'));
  return {
    card: toCard(row),
    arrivalName: find ? await getArrivalName(db, find.arrivalId) : '',
    provenance,
    evidence: [...reading.rights.licences, ...reading.rights.authors].map(({ evidence }) => evidence).slice(0, 8),
    credit: await composeAssetCredit(db, id, current?.steps ?? []),
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
