import { rm } from 'node:fs/promises';
import type { SourceItem } from '@haveld/contract/source';
import { fetchFile } from '@haveld/engine/fetching/fetch-file';
import { fetchText, type FetchedText } from '@haveld/engine/fetching/fetch-text';
import { SourceFault } from '@haveld/engine/fetching/source-fault';
import { nameOfPage, withAddress } from '@haveld/engine/reading/saved-from';
import { describeLicence } from '@haveld/engine/sources/read-answer';
import type { SourceAdapter, SourceContext } from '@haveld/engine/sources/source-adapter';
import { announceArrival, noteStored } from '../arrivals/service';
import type { Dependencies } from '../dependencies';
import { getArrival } from '../finds/arrival-queries';
import { loadRules } from '../house/rule-queries';
import type { TaskOptions } from '../jobs/task-runner';
import { hashOf, loadAccess } from './context';
import * as queries from './fetching-queries';
import { partPath } from './fetchings';

/**
 * Brings one edition in: what the source offers is compared with what somebody chose, the file is fetched or found in the store, and
 * becomes an arrival together with its page. Done twice it makes one arrival.
 * @throws {SourceFault} where the source does not do its part
 */
export async function fetchEdition(
  dependencies: Dependencies,
  adapter: SourceAdapter,
  row: queries.FetchingRow,
  options: TaskOptions,
): Promise<void> {
  const { pool, store } = dependencies;
  const access = await loadAccess(dependencies);
  const asked = access.contextOf(adapter, { signal: options.signal });
  const terms = adapter.ability.hasTerms ? await adapter.readTerms(asked) : null;
  const accepted = access.accounts.get(adapter.kind)?.termsSha256;
  const context = { ...asked, termsAccepted: terms === null || accepted === hashOf(terms) };
  const chosen = JSON.parse(row.item) as SourceItem;
  const edition = await findEdition(adapter, chosen, row.editionId, context);
  const page = adapter.kind === 'plain' && row.editionId === row.pageAddress ? null : await fetchPage(chosen, context);
  const part = partPath(dependencies, row.id);
  const { fetchBytes } = await loadRules(pool);
  let file: { sha256: string; sizeBytes: number; name: string };
  if (edition.sha256 && (await store.has(edition.sha256)))
    file = { sha256: edition.sha256, sizeBytes: (await store.sizeOf(edition.sha256))!, name: edition.name };
  else {
    let total = row.totalBytes;
    const fetched = await fetchFile(
      await adapter.prepare(chosen, edition, context),
      { path: part, validator: row.validator, keptBytes: row.keptBytes },
      {
        ...context,
        limitBytes: fetchBytes,
        onProgress(done, all) {
          total = all ?? total;
          options.onProgress(done, total ?? 0);
        },
        onKept: async (validator, keptBytes) =>
          void (await queries.setKept(pool, row.id, { validator, keptBytes, totalBytes: total })),
      },
    );
    const kept = await store.adoptFile(part, options.signal);
    file = { ...kept, name: fetched.name };
  }
  await makeArrival(dependencies, row, file, page);
  await queries.setArrived(pool, row.id);
  await rm(part, { force: true });
}

/** @returns the edition as it stands now. @throws {SourceFault} where it, or its licence, is another than was chosen */
async function findEdition(
  adapter: SourceAdapter,
  chosen: SourceItem,
  editionId: string,
  context: SourceContext,
): Promise<SourceItem['editions'][number]> {
  const now = await adapter.open(chosen.pageAddress, context);
  if (!now) throw new SourceFault('gone', `${adapter.name} has no model at this address any more.`);
  if (now.licence.id !== chosen.licence.id || now.licence.words !== chosen.licence.words)
    throw new SourceFault(
      'licence-changed',
      `Its licence was “${chosen.licence.words}” when it was chosen and is “${now.licence.words}” now.`,
    );
  const before = chosen.editions.find(({ id }) => id === editionId);
  const edition = now.editions.find(({ id }) => id === editionId);
  if (!edition) throw new SourceFault('changed', `${adapter.name} does not have this edition any more.`);
  if (before && (edition.sizeBytes !== before.sizeBytes || edition.sha256 !== before.sha256))
    throw new SourceFault('changed', `${adapter.name} has replaced this edition since it was chosen.`);
  return edition;
}

/** The page is fetched before the file: it is the evidence of what was granted that day. */
async function fetchPage(chosen: SourceItem, context: SourceContext): Promise<FetchedText> {
  const page = await fetchText(chosen.pageAddress, {}, context);
  const { facts } = await context.readPage(page.bytes, page.address);
  const licence = facts.find(({ field }) => field === 'licence');
  const said = licence ? describeLicence(licence.value, licence.address ?? '').id : '';
  if (said !== '' && chosen.licence.id !== '' && said !== chosen.licence.id)
    throw new SourceFault(
      'licence-changed',
      `Its page says “${licence!.value}”, and “${chosen.licence.words}” was chosen.`,
    );
  if (facts.some(({ field }) => field === 'gone'))
    throw new SourceFault('taken-down', 'Its page says that it was taken down.');
  return page;
}

/** An arrival of two files, under the number of what fetched it: a second try finds it there. */
async function makeArrival(
  dependencies: Dependencies,
  row: queries.FetchingRow,
  file: { sha256: string; sizeBytes: number; name: string },
  page: FetchedText | null,
): Promise<void> {
  const { pool, store } = dependencies;
  if (await getArrival(pool, row.id)) return;
  const files = [{ path: file.name, ...file }];
  if (page) {
    const kept = await store.put(withAddress(page.bytes, page.address));
    files.push({ path: nameOfPage(page.address), name: '', ...kept });
  }
  const { received } = await announceArrival(
    dependencies,
    { id: row.personId },
    {
      id: row.id,
      name: file.name,
      files: files.map(({ path, sizeBytes }) => ({ path, sizeBytes })),
    },
  );
  for (const { id, path } of received)
    await noteStored(dependencies, id, files.find((each) => each.path === path)!.sha256);
}
