import { catalogueAsset, getSheet, setOwnSteps, switchStep, type Sheet } from '@haveld/contract/api/bench';
import { getAsset } from '@haveld/contract/api/catalogue';
import type { Step } from '@haveld/contract/step';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { createMemoryCodec } from '@haveld/core/testing/documents';
import { PartIndex } from '@haveld/core/scene/part-ref';
import { listShownNodes } from '@haveld/core/scene/traverse';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { listStepsBeforeParts } from '@haveld/core/treatment/steps';
import { benchCrate, README, withPegs } from '../testing/take-crate';
import { waitFor, type TestClient } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();

/** How the next step on parts names some of them, as the sheet of parts works it out. */
async function refer(client: TestClient, sheet: Sheet, names: readonly string[]) {
  const bytes = await client.request(`/api/bytes/${sheet.documentSha256}?type=glb`);
  const document = await readGlb(new Uint8Array(await bytes.arrayBuffer()));
  const steps = listStepsBeforeParts(sheet.steps.filter(({ enabled }) => enabled).map(({ step }) => step));
  await applyTreatment(document, steps, {
    codec: createMemoryCodec(),
    readBytes: () => Promise.reject(new Error('no maps here')),
  });
  const index = new PartIndex(document);
  return names.map((name) => index.refer(listShownNodes(document).find((node) => node.getName() === name)!));
}

test('steps on parts are kept as they were taken, make the version, and are told where one is missing', async () => {
  const { client } = given;
  const id = await benchCrate(client, 'pegged crate', { 'crate.obj': withPegs(2), 'readme.txt': README });
  const take = async (key: string, step: Step): Promise<Sheet> =>
    client.call(setOwnSteps, { params: { id }, body: { key: `own:parts:${key}`, steps: [step] } });
  const before = await client.call(getSheet, { params: { id } });
  const pegs = await refer(client, before, ['peg 1', 'peg 2']);
  const joined = await take('b', { kind: 'join-parts', schema: 1, parts: pegs, name: 'pegs' });
  const [part] = await refer(client, joined, ['pegs']);
  // taken later it runs later, whatever its key is called
  const named = await take('a', { kind: 'name-parts', schema: 1, names: [{ part, name: 'oak pegs' }] });
  expect(named.steps.map(({ step }) => step.kind).filter((kind) => kind.endsWith('-parts'))).toEqual([
    'join-parts',
    'name-parts',
  ]);

  const catalogue = async (name: string) => {
    await client.call(catalogueAsset, { params: { id }, body: { name, category: 'prop' } });
    await waitFor(
      () => client.call(getSheet, { params: { id } }),
      ({ state, busy }) => state === 'catalogued' && busy === null,
    );
    const { versions } = await client.call(getAsset, { params: { id } });
    return versions[0];
  };
  const first = await catalogue('pegged crate');
  const onParts = first.outcomes.filter(({ kind }) => kind.endsWith('-parts'));
  expect(onParts).toMatchObject([
    { kind: 'join-parts', changed: 'peg 1, peg 2', unmatched: [], worse: [] },
    { kind: 'name-parts', changed: 'oak pegs', unmatched: [], worse: [] },
  ]);

  // without the joining there is no such part: that is told, and the rest is done
  const join = named.steps.find(({ step }) => step.kind === 'join-parts')!;
  await client.call(switchStep, { params: { id }, body: { stepId: join.id, enabled: false } });
  const second = await catalogue('pegged crate');
  expect(second.outcomes.find(({ kind }) => kind === 'name-parts')).toMatchObject({ unmatched: ['pegs'] });
});

test('a step that names no part, or a name that is none, is refused', async () => {
  const { client } = given;
  const id = await benchCrate(client, 'plain crate', { 'readme.txt': README });
  const take = (step: unknown) =>
    client.call(setOwnSteps, { params: { id }, body: { key: 'own:parts:x', steps: [step as Step] } });
  await expect(take({ kind: 'take-out', schema: 1, parts: [] })).rejects.toThrow();
  const part = { name: 'crate', ordinal: 0, signature: 'x' };
  await expect(take({ kind: 'name-parts', schema: 1, names: [{ part, name: '  ' }] })).rejects.toThrow();
  expect((await client.call(getSheet, { params: { id } })).steps.some(({ step }) => step.kind === 'take-out')).toBe(
    false,
  );
});
