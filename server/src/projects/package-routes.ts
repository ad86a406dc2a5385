import { Readable } from 'node:stream';
import { getPackage } from '@haveld/contract/api/bytes';
import type { ProjectUse } from '@haveld/contract/api/projects';
import { DomainError } from '@haveld/contract/error';
import { houseName } from '@haveld/core/text/house-name';
import { joinPackages, type JoinedPackage } from '@haveld/engine/hand-over/join-packages';
import type { Dependencies } from '../dependencies';
import { serveBytes, type App } from '../http/serve-endpoint';
import { getProjectCredits } from './project-rights';
import { getProject, isRefused } from './service';

/**
 * All that was handed to a project and may be used there today, as one zip: the last of each asset in each format, the credits once, and
 * what was left out with its reason.
 */
export function addPackageRoutes(app: App, { pool, store }: Dependencies): void {
  serveBytes(app, getPackage, async (context) => {
    const id = context.req.param('id') ?? '';
    const { name, handOvers } = await getProject(pool, id);
    const packed = handOvers.filter(({ zipSha256 }) => zipSha256 !== null);
    const packages = listPackages(packed.filter((use) => !isRefused(use.verdict)));
    if (packages.length === 0)
      throw new DomainError('not-found', 'Nothing of this project is packed that may be used in it.');
    for (const { sha256 } of packages)
      if (!(await store.has(sha256))) throw new DomainError('broken', 'The files of a hand-over are not in the store.');
    const credits = await getProjectCredits(pool, id, { format: 'text', form: 'long' });
    const leftOut = new Map(
      packed
        .filter((use) => isRefused(use.verdict))
        .map(({ assetId, assetName, verdict }) => [assetId, `${assetName}: ${verdict.reasons.join(' ')}\n`]),
    );
    const extra = [
      { path: 'credits.txt', bytes: Buffer.from(credits.text) },
      ...(leftOut.size > 0 ? [{ path: 'left out.txt', bytes: Buffer.from([...leftOut.values()].join('')) }] : []),
    ];
    return new Response(Readable.toWeb(joinPackages(packages, extra, store)) as ReadableStream, {
      headers: {
        'Content-Type': 'application/zip',
        'Content-Disposition': `attachment; filename*=UTF-8''${encodeURIComponent(`${houseName(name)}.zip`)}`,
      },
    });
  });
}

/**
 * A folder for each asset, numbered where two are called alike; one below it for each format where there are several.
 * @param uses packed ones, of each asset the newest first
 */
function listPackages(uses: readonly ProjectUse[]): JoinedPackage[] {
  const last = new Map<string, ProjectUse>();
  for (const use of uses) {
    const key = `${use.assetId} ${use.format}`;
    if (!last.has(key)) last.set(key, use);
  }
  const taken = [...last.values()];
  return taken.map((use) => {
    const own = houseName(use.assetName);
    const isOneOfMany = taken.some(({ assetId, assetName }) => assetId !== use.assetId && houseName(assetName) === own);
    const folder = isOneOfMany ? `${own}_${use.accession}` : own;
    const hasOthers = taken.some(({ assetId, format }) => assetId === use.assetId && format !== use.format);
    return { folder: hasOthers ? `${folder}/${use.format}` : folder, sha256: use.zipSha256! };
  });
}
