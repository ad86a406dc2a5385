import { catalogueAsset, getSheet, setOwnSteps } from '@haveld/contract/api/bench';
import { getAsset } from '@haveld/contract/api/catalogue';
import { createProject, getProject, handOver } from '@haveld/contract/api/projects';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { listLevelFacts } from '@haveld/core/structure/levels/level-facts';
import { benchCrate, README } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();

/** A bumpy sheet: much of it can be taken away, and what is left lies off it. */
function createSea(side: number): string {
  const lines: string[] = [];
  for (let y = 0; y <= side; y++)
    for (let x = 0; x <= side; x++) lines.push(`v ${x} ${Math.sin(x / 5) * Math.cos(y / 4)} ${y}`);
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const a = y * (side + 1) + x + 1;
      lines.push(`f ${a} ${a + side + 1} ${a + side + 2} ${a + 1}`);
    }
  return `s 1\n${lines.join('\n')}\n`;
}

test('the built server makes a version with its levels, each measured, and with what was reduced', async () => {
  const id = await benchCrate(given.client, 'sea', { 'crate.obj': createSea(40), 'readme.txt': README });
  await given.client.call(setOwnSteps, {
    params: { id },
    body: {
      key: 'own:levels',
      steps: [
        { kind: 'reduce-triangles', schema: 1, to: { by: 'share', share: 0.8 } },
        { kind: 'second-layout', schema: 1, side: 256 },
        {
          kind: 'set-levels',
          schema: 1,
          levels: [
            { by: 'share', share: 0.5 },
            { by: 'baked', triangles: 100, side: 64 },
          ],
        },
      ],
    },
  });
  await given.client.call(catalogueAsset, { params: { id }, body: { name: 'Sea', category: 'prop' } });
  await waitFor(
    () => given.client.call(getSheet, { params: { id } }),
    ({ state }) => state === 'catalogued',
  );
  const { versions } = await given.client.call(getAsset, { params: { id } });
  const bytes = await given.client.request(`/api/bytes/${versions[0].modelSha256}?type=glb`);
  const [finest, coarser, proxy] = listLevelFacts(await readGlb(new Uint8Array(await bytes.arrayBuffer())));
  expect(finest.triangles).toBeLessThan(40 * 40 * 2);
  expect(coarser.triangles).toBeLessThan(finest.triangles * 0.7);
  expect(coarser.error).toBeGreaterThan(0);
  expect(proxy.triangles).toBeLessThanOrEqual(100);
  // the proxy's own map is none of the model's
  expect(versions[0].after).toMatchObject({ maps: 0, materials: versions[0].before!.materials });
  expect(versions[0].outcomes.find(({ kind }) => kind === 'reduce-triangles')?.changed).toMatch(
    /up to .* from where it was/,
  );

  // read back alike in every format, though the map of the proxy goes along in those that hold levels
  const { id: projectId } = await given.client.call(createProject, {
    body: { name: 'Tide House', purpose: 'a show', use: PLAIN_USE },
  });
  for (const format of ['glb', 'gltf', 'obj'] as const)
    await given.client.call(handOver, { params: { id: projectId }, body: { assetIds: [id], format } });
  const { handOvers } = await waitFor(
    () => given.client.call(getProject, { params: { id: projectId } }),
    (project) => project.handOvers.every(({ state }) => state !== 'packing'),
  );
  expect(handOvers.map(({ state }) => state)).toEqual(['packed', 'packed', 'packed']);
});
