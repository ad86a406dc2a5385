import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import type { HouseTrial } from '@haveld/contract/api/house-treatments';
import type { HouseTreatment } from '@haveld/contract/house-treatment';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { setNodeSource } from '@haveld/core/scene/document/source-data';
import { listShownNodes } from '@haveld/core/scene/traverse';
import { addBox, createSphereDocument } from '@haveld/core/testing/documents';
import { FolderStore } from '@haveld/engine/store/folder-store';
import { createPool } from '@haveld/server/database/pool';
import { run } from '@haveld/server/database/statements';
import { fillLibrary } from '@haveld/server/testing/fill-library';
import { startServer } from './parts/start-server';

// A house treatment over 500 pieces of 2 k triangles, tried and taken by the built server (wanted ≤ 60 s for the models, pictures apart).
const PIECES = 500;
const TREATMENT: HouseTreatment = {
  name: 'Tidy pieces',
  rules: [
    { do: 'mend', what: 'turned' },
    { do: 'mend', what: 'cracks' },
    { do: 'join', where: { name: 'screw*' }, name: 'screws' },
    { do: 'smooth', degrees: 40, atMaterials: false },
    { do: 'reduce', above: 1500, to: { by: 'triangles', triangles: 1500 } },
  ],
};

/** A ball of 2 k triangles and six screws, each piece a little larger than the one before. */
async function makePiece(i: number): Promise<Uint8Array> {
  const document = createSphereDocument(1 + i / PIECES, 32);
  document.getRoot().listNodes()[0].setName('body');
  for (let k = 0; k < 6; k++) addBox(document, [k * 0.1, 2, 0], [k * 0.1 + 0.02, 2.02, 0.02], `screw_${k}`);
  listShownNodes(document).forEach((node, n) => setNodeSource(node, { id: `p${n}` }));
  return writeGlb(document);
}

const server = await startServer();
const pool = createPool(server.database);
const call = async <T>(method: string, path: string, body?: unknown): Promise<T> =>
  (await (
    await fetch(server.base + path, {
      method,
      headers: { cookie: server.cookie },
      body: body === undefined ? null : JSON.stringify(body),
    })
  ).json()) as T;
try {
  const store = new FolderStore(join(server.folder, 'store'));
  const assets = Array.from({ length: PIECES }, (_, i) => ({ id: randomUUID(), name: `piece ${i}` }));
  await fillLibrary(pool, assets);
  for (const [i, { id }] of assets.entries()) {
    const { sha256 } = await store.put(await makePiece(i));
    await run(
      pool,
      'UPDATE reading JOIN asset ON asset.reading_id = reading.id SET reading.document_sha256 = ? WHERE asset.id = ?',
      [sha256, id],
    );
  }
  const { id } = await call<{ id: string }>('PUT', '/api/house-treatments/new', TREATMENT);
  const from = performance.now();
  const seconds = (): string => ((performance.now() - from) / 1000).toFixed(1);
  const begun = await call<{ id: string }>('POST', `/api/house-treatments/${id}/trials`, {
    on: { kind: 'assets', ids: assets.map((asset) => asset.id) },
  });
  console.log(`a trial run of ${PIECES} pieces begun after ${seconds()} s`);
  let trial = await call<HouseTrial>('GET', `/api/house-trials/${begun.id}`);
  while (trial.done < trial.total) {
    await new Promise((later) => setTimeout(later, 500));
    trial = await call<HouseTrial>('GET', `/api/house-trials/${begun.id}`);
  }
  const lines = trial.rows.reduce((sum, row) => sum + row.lines.length, 0);
  console.log(
    `all looked at after ${seconds()} s: ${lines} steps, ${trial.rows.filter(({ state }) => state === 'failed').length} failed`,
  );
  const took = performance.now();
  const { taken } = await call<{ taken: number }>('POST', `/api/house-trials/${begun.id}/take`, {
    rows: trial.rows.map((row) => row.id),
  });
  console.log(`taken for ${taken} in ${((performance.now() - took) / 1000).toFixed(1)} s`);
} finally {
  await pool.end();
  await server.stop();
}
