import { catalogueAsset, getSheet, setOwnSteps } from '@haveld/contract/api/bench';
import { getAsset } from '@haveld/contract/api/catalogue';
import { readCollision } from '@haveld/core/placement/collision/read-collision';
import { volumeOf } from '@haveld/core/placement/collision/shapes';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { benchCrate, README } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();

test('a shape to collide by is part of the version: written, valid, and read back with what it weighs', async () => {
  const { client } = given;
  const id = await benchCrate(client, 'collides', { 'readme.txt': README });
  await client.call(setOwnSteps, {
    params: { id },
    body: {
      key: 'own:collision',
      steps: [{ kind: 'set-collision', schema: 1, shape: 'hulls', isMovable: true, matter: 'wood', massKg: 7.5 }],
    },
  });
  await client.call(catalogueAsset, { params: { id }, body: { name: 'collides', category: 'prop' } });
  await waitFor(
    () => client.call(getSheet, { params: { id } }),
    ({ state, busy }) => state === 'catalogued' && busy === null,
  );
  const { versions } = await client.call(getAsset, { params: { id } });
  expect(versions[0].outcomes.at(-1)).toMatchObject({ kind: 'set-collision', unmatched: [], worse: [] });
  const bytes = await client.request(`/api/bytes/${versions[0].modelSha256}?type=glb`);
  const collision = readCollision(await readGlb(new Uint8Array(await bytes.arrayBuffer())))!;
  expect(collision.mass).toBe(7.5);
  // 50 by 40 by 30, 40 cm high: the crate itself
  expect(collision.shapes.reduce((sum, shape) => sum + volumeOf(shape), 0)).toBeCloseTo(0.5 * 0.4 * 0.3, 3);
});
