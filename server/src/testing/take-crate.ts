import { answerFinding, catalogueAsset, getSheet, takeSure, type Sheet } from '@haveld/contract/api/bench';
import { takeToBench } from '@haveld/contract/api/arrivals';
import { bring } from './bring';
import { waitFor, type TestClient } from './test-library';

export const CRATE =
  'mtllib crate.mtl\nv 0 0 0\nv 50 0 0\nv 50 40 0\nv 0 40 0\nv 0 0 -30\nv 50 0 -30\nv 50 40 -30\nv 0 40 -30\nusemtl wood\nf 1 2 3 4\nf 6 5 8 7\nf 2 6 7 3\nf 5 1 4 8\nf 4 3 7 8\nf 5 6 2 1\n';
/** The crate, and pegs beside it that are parts of their own. */
export const withPegs = (count: number): string =>
  `${CRATE.replace('usemtl', 'o crate\nusemtl')}${Array.from({ length: count }, (_, i) => {
    const at = 9 + i * 4;
    const corners = [0, 1, 2, 3].map(
      (k) => `v ${60 + i * 10 + (k === 1 ? 5 : 0)} ${k === 2 ? 5 : 0} ${k === 3 ? 5 : 0}`,
    );
    const faces = [
      [0, 2, 1],
      [0, 1, 3],
      [0, 3, 2],
      [1, 2, 3],
    ].map((face) => `f ${face.map((k) => at + k).join(' ')}`);
    return [...corners, `o peg ${i + 1}`, 'usemtl wood', ...faces].join('\n');
  }).join('\n')}\n`;
export const CRATE_MATERIAL = 'newmtl wood\nKd 0.6 0.4 0.2\n';
export const README =
  'Crate by Ines Falkenrot\nhttps://quayside-models.example/crate\nCC BY 4.0\nThe crate is 40 cm high.\n';

/** Answers whatever is open but for rights with its first choice. */
export async function answerAll(client: TestClient, sheet: Sheet): Promise<void> {
  for (const finding of sheet.findings) {
    if (finding.settled || finding.heading === 'rights' || finding.choices.length === 0) continue;
    await client.call(answerFinding, {
      params: { id: sheet.id },
      body: { key: finding.key, answer: { kind: 'taken', choiceId: finding.choices[0].id } },
    });
  }
}

/** Brings a crate as far as the bench. @returns the asset's id */
export async function benchCrate(
  client: TestClient,
  name: string,
  files: Record<string, string | Buffer>,
): Promise<string> {
  const arrival = await bring(client, `${name}.zip`, { 'crate.obj': CRATE, 'crate.mtl': CRATE_MATERIAL, ...files });
  const { assetId } = await client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  await answerAll(client, await client.call(takeSure, { params: { id: assetId } }));
  return assetId;
}

/** Takes a crate all the way into the catalogue. @returns the asset's id */
export async function catalogueCrate(client: TestClient, name: string, readme = README): Promise<string> {
  const assetId = await benchCrate(client, name, { 'readme.txt': readme });
  await client.call(catalogueAsset, { params: { id: assetId }, body: { name, category: 'prop' } });
  await waitFor(
    () => client.call(getSheet, { params: { id: assetId } }),
    (sheet) => sheet.state === 'catalogued',
  );
  return assetId;
}
