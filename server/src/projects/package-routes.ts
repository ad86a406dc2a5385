import { Readable } from 'node:stream';
import { DomainError } from '@haveld/contract/error';
import { houseName } from '@haveld/core/text/house-name';
import { joinPackages, type JoinedPackage } from '@haveld/engine/hand-over/join-packages';
import { formatAccession } from '../assets/accession';
import type { Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import type { App } from '../http/serve-endpoint';
import { getProjectCredits } from './project-rights';
import * as queries from './queries';
import { getProjectRow } from './service';

/** All that was handed to a project, as one zip: the last of each asset in each format, and the credits once. */
export function addPackageRoutes(app: App, { pool, store }: Dependencies): void {
  app.get('/api/projects/:id/package.zip', async (context) => {
    const id = context.req.param('id');
    const { name } = await getProjectRow(pool, id);
    const packages = await listPackages(pool, id);
    if (packages.length === 0) throw new DomainError('not-found', 'Nothing of this project is packed yet.');
    for (const { sha256 } of packages)
      if (!(await store.has(sha256))) throw new DomainError('broken', 'The bytes of a hand-over are not in the store.');
    const credits = await getProjectCredits(pool, id, { format: 'text', form: 'long' });
    const stream = joinPackages(packages, [{ path: 'credits.txt', bytes: Buffer.from(credits.text) }], store);
    return new Response(Readable.toWeb(stream) as ReadableStream, {
      headers: {
        'Content-Type': 'application/zip',
        'Content-Disposition': `attachment; filename*=UTF-8''${encodeURIComponent(`${houseName(name)}.zip`)}`,
      },
    });
  });
}

/** A folder for each asset, numbered where two are called alike; one below it for each format where there are several. */
async function listPackages(db: Executor, projectId: string): Promise<JoinedPackage[]> {
  const last = new Map<string, queries.ProjectUseRow>();
  for (const row of await queries.listOfProject(db, projectId)) {
    const key = `${row.assetId} ${row.format}`;
    if (row.zipSha256 !== null && !last.has(key)) last.set(key, row);
  }
  const rows = [...last.values()];
  const isAlike = (a: queries.ProjectUseRow, b: queries.ProjectUseRow): boolean =>
    a.assetId !== b.assetId && houseName(a.assetName) === houseName(b.assetName);
  return rows.map((row) => {
    const own = houseName(row.assetName);
    const folder = rows.some((other) => isAlike(row, other)) ? `${own}_${formatAccession(row.accession)}` : own;
    const hasOthers = rows.some((other) => other.assetId === row.assetId && other.format !== row.format);
    return { folder: hasOthers ? `${folder}/${row.format}` : folder, sha256: row.zipSha256! };
  });
}
