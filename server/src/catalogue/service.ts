import type { AssetPage, AssetUse, Version } from '@haveld/contract/api/catalogue';
import { DomainError } from '@haveld/contract/error';
import { composeCredits, listCredits } from '@haveld/core/rights/credits';
import { judgeUse } from '@haveld/core/rights/judge-use';
import { listWorksOfSteps } from '@haveld/core/rights/lent-works';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { describeChanges } from '@haveld/core/treatment/apply-treatment';
import { SHOWN, toCard } from '../assets/card';
import * as queries from '../assets/card-queries';
import { listTags } from '../assets/tag-queries';
import * as versionQueries from '../assets/version-queries';
import type { Executor } from '../database/pool';
import { listFindFiles } from '../finds/file-queries';
import { getFind } from '../finds/find-queries';
import { getReading } from '../finds/reading-queries';
import { getArrivalName } from '../finds/service';
import { loadBook } from '../house/book';
import { getProvenance } from '../rights/provenance-queries';
import { listWorks } from '../rights/works';

/** Everything the page of an asset shows. @param uses where it is used */
export async function getAssetPage(db: Executor, id: string, uses: AssetUse[]): Promise<AssetPage> {
  // before the card: what is made by then is what the card shows
  const versions = await versionQueries.listVersions(db, id);
  const row = await queries.findCard(db, id);
  if (!row) throw new DomainError('not-found', 'There is no such asset.');
  const [{ book }, provenance, works, reading, find, originals, tags] = await Promise.all([
    loadBook(db),
    getProvenance(db, id),
    listWorks(db, [id]),
    getReading(db, row.readingId),
    getFind(db, row.findId),
    listFindFiles(db, row.findId),
    listTags(db, [id]),
  ]);
  const current = versions.find((version) => version.id === row.versionId) ?? versions[0];
  const further = listWorksOfSteps(works.get(id)!, current?.steps ?? []);
  const credits = listCredits(book, { provenance, further, name: row.name }, describeChanges(current?.steps ?? []));
  const { duties } = judgeUse(book, row.licenceId, SHOWN[''], {
    nature: { changed: (current?.steps.length ?? 0) > 0, adaptations: [] },
  });
  return {
    card: toCard(book, row),
    tags: tags.get(id)!,
    arrivalName: find ? await getArrivalName(db, find.arrivalId) : '',
    provenance,
    further,
    takenDown: row.takenDown,
    // each passage with what it says, for it may say otherwise than what is held
    evidence: [
      ...reading.rights.licences.map(({ id: said, evidence }) => ({ ...evidence, figure: licenceWords(book, said) })),
      ...reading.rights.authors.map(({ name, evidence }) => ({ ...evidence, figure: name })),
    ].slice(0, 8),
    credit: composeCredits(credits),
    shortCredit: composeCredits(credits, 'short'),
    duties,
    versions: versions.map((version): Version => ({ ...version, createdAt: version.createdAt.toISOString() })),
    uses,
    originals: originals.map(({ path, sizeBytes, sha256, role }) => ({ path, sizeBytes, sha256, role })),
  };
}

/**
 * What a guest is shown of an asset: as it stands in the catalogue, without the files it was made of, what they said, and what the house paid or
 * agreed.
 * @throws {DomainError} where it is not there
 */
export function asGuestsSee(page: AssetPage): AssetPage {
  if (page.card.state !== 'catalogued') throw new DomainError('not-found', 'There is no such asset.');
  const { provenance } = page;
  const business = { price: '', receipt: '', client: '', agreement: '', acquiredOn: '', acquiredBy: '', pageText: '' };
  return { ...page, provenance: { ...provenance, ...business }, originals: [], evidence: [] };
}
