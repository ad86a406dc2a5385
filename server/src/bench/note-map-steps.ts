import type { PoolConnection } from 'mysql2/promise';
import type { Person } from '@haveld/contract/api/people';
import type { Finding } from '@haveld/contract/finding';
import type { Step } from '@haveld/contract/step';
import { rememberMap } from '../maps/memory';
import { saveWork } from '../rights/provenance';
import { getProvenance, listFurtherWorks } from '../rights/provenance-queries';

/** A map that comes from elsewhere adds its line to the provenance; which picture was taken for a name is remembered. */
export async function noteMapSteps(
  tx: PoolConnection,
  assetId: string,
  finding: Finding | null,
  steps: readonly Step[],
  person: Person,
): Promise<void> {
  const relinks = steps.filter((step) => step.kind === 'relink-map');
  if (relinks.length === 0) return;
  const { author } = await getProvenance(tx, assetId);
  for (const step of relinks) {
    const wanted = finding?.about.reference;
    if (wanted) await rememberMap(tx, { author, wanted, step, assetId, personId: person.id });
    if (!step.work) continue;
    const { work } = step;
    const known = (await listFurtherWorks(tx, [assetId])).get(assetId) ?? [];
    if (known.some((one) => one.part === 'maps' && one.title === work.title && one.author === work.author)) continue;
    await saveWork(
      tx,
      assetId,
      null,
      {
        ...work,
        part: 'maps',
        authorUnknown: false,
        authorUrl: '',
        source: '',
      },
      `its map ${step.path.split('/').pop()} was taken for this one`,
      person,
    );
  }
}
