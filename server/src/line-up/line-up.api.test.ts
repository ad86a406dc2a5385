import { takeToBench } from '@haveld/contract/api/arrivals';
import { getSheet, switchStep, takeSure, type Sheet } from '@haveld/contract/api/bench';
import { getAsset, searchCatalogue } from '@haveld/contract/api/catalogue';
import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import { answerMany, confirmLineUp, getLineUp, lineUp, nameAsset, type LineUpCard } from '@haveld/contract/api/line-up';
import { decideDuplicate, listDuplicates } from '@haveld/contract/api/duplicates';
import { many } from '../database/statements';
import { bring, drop, zip } from '../testing/bring';
import { settle } from '../testing/settle';
import { CRATE, CRATE_MATERIAL, README } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { writeCrates } from '../testing/write-crates';
import { useLibrary } from '../testing/use-library';
import { lineUpFind } from './service';

const given = useLibrary();

/** Each its own shape: what is here already would be asked. A name that says nothing leaves the size open. */
const crate = (height: number): string => CRATE.replaceAll(' 40 ', ` ${height} `);
const files = (height: number, readme: string, stem = 'crate') => ({
  [`${stem}.obj`]: crate(height),
  'crate.mtl': CRATE_MATERIAL,
  'readme.txt': readme,
});
/** One white texel. */
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mP8/x8AAwMCAO+ip1sAAAAASUVORK5CYII=',
  'base64',
);

/** What others by the same author are in speaks for a size: whose is open has an author of its own. */
const licensed = (author = 'Ines Falkenrot'): string =>
  `Crate by ${author}\nhttps://quayside-models.example/crate\nCC BY 4.0\n`;

/** Brings a model and lines it up. @param name of its arrival @returns its card once it is drawn */
async function lineUpOne(name: string, height: number, more = '', author?: string): Promise<LineUpCard> {
  const { id } = await bring(
    given.client,
    `${name}.zip`,
    files(height, licensed(author) + more, author ? 'thing' : 'crate'),
  );
  await given.client.call(lineUp, { body: { arrivalIds: [id] } });
  return cardOf(name, ({ standing, busy }) => standing !== null && busy === null);
}

const cardOf = async (name: string, isSo: (card: LineUpCard) => boolean): Promise<LineUpCard> => {
  const find = (cards: LineUpCard[]) => cards.find(({ arrivalName }) => arrivalName === `${name}.zip`);
  const { cards } = await waitFor(
    () => given.client.call(getLineUp),
    ({ cards: seen }) => {
      const card = find(seen);
      return card !== undefined && isSo(card);
    },
  );
  return find(cards)!;
};
const sheetOf = (id: string): Promise<Sheet> => given.client.call(getSheet, { params: { id } });
const heightOf = ({ standing }: LineUpCard): number => standing!.box.max[1] - standing!.box.min[1];

test('what is sure is taken by Haveld as steps that can be switched off; rights are never taken for anybody', async () => {
  const card = await lineUpOne('Quay crate', 41, 'The crate is 41 cm high.');
  expect(card.hasSize).toBe(true);
  expect(heightOf(card)).toBeCloseTo(0.41, 5);
  expect(card.decided).toContainEqual({ kind: 'size', by: 'haveld' });
  const sheet = await sheetOf(card.id);
  expect(sheet.steps.find(({ step }) => step.kind === 'scale')).toMatchObject({ personName: 'Haveld', enabled: true });
  expect(sheet.findings.filter(({ heading, answer }) => heading === 'rights' && answer !== null)).toEqual([]);
});

test('what is not sure is drawn with the best guess, and no answer is written until somebody confirms it', async () => {
  const card = await lineUpOne('Lobster crate', 47, '', 'Tor Aldersund');
  const size = card.guessed.find(({ kind }) => kind === 'size')!;
  expect(size.choices[0].confidence).toBeGreaterThanOrEqual(0.5);
  expect(card.hasSize).toBe(true);
  expect(heightOf(card)).toBeCloseTo(47 * size.choices[0].scale, 5);
  expect((await sheetOf(card.id)).findings.find(({ kind }) => kind === 'size')!.answer).toBeNull();
});

test('one answer for several: both stand at the size of their new unit', async () => {
  const one = await lineUpOne('Gull crate', 67, '', 'Mats Ekdal');
  const other = await lineUpOne('Auk crate', 71, '', 'Sanna Wirén');
  const { answered } = await given.client.call(answerMany, {
    body: { ids: [one.id, other.id], kind: 'size', choiceId: 'in' },
  });
  expect(answered).toBe(2);
  const isRedrawn = ({ busy, decided }: LineUpCard) =>
    busy === null && decided.some(({ kind, by }) => kind === 'size' && by === 'person');
  expect(heightOf(await cardOf('Gull crate', isRedrawn))).toBeCloseTo(67 * 0.0254, 4);
  expect(heightOf(await cardOf('Auk crate', isRedrawn))).toBeCloseTo(71 * 0.0254, 4);
});

test('a confirmed glance is told apart from what a person chose, for ever', async () => {
  const card = await lineUpOne('Bait crate', 53, '', 'Ebba Lindgard');
  await given.client.call(confirmLineUp, { body: { ids: [card.id] } });
  await waitFor(
    () => sheetOf(card.id),
    ({ state }) => state === 'catalogued',
  );
  const { findings, category } = await sheetOf(card.id);
  expect(findings.find(({ kind }) => kind === 'size')!.answer).toMatchObject({ kind: 'taken', by: 'glance' });
  expect(category).toBe('prop');
  const rows = await many<{ person: string | null }>(
    given.library.pool,
    "SELECT person_id AS person FROM answer WHERE asset_id = ? AND finding_key = 'size'",
    [card.id],
  );
  expect(rows[0].person).not.toBeNull();
  // what is catalogued waits no more
  expect((await given.client.call(getLineUp)).cards.map(({ id }) => id)).not.toContain(card.id);
});

test('a glance confirms what was drawn, and nothing that has changed since', async () => {
  const card = await lineUpOne('Brent crate', 101, '', 'Vera Holmlund');
  expect(card.guessed.map(({ kind }) => kind)).toContain('size');
  // the house takes fewer guesses than when it was drawn
  const rules = await given.client.call(getHouseRules);
  await given.client.call(saveHouseRules, { body: { ...rules, pencilFrom: 1 } });
  const { catalogued, left } = await given.client.call(confirmLineUp, { body: { ids: [card.id] } });
  await given.client.call(saveHouseRules, { body: rules });
  expect(catalogued).toEqual([]);
  expect(left[0].missing).toEqual(['It has changed since it was drawn: look at it once more.']);
  expect(
    (await sheetOf(card.id)).findings.filter(({ answer }) => answer?.kind === 'taken' && answer.by === 'glance'),
  ).toEqual([]);
});

test('one change is one drawing; what lies on the bench alone is not drawn until it is lined up', async () => {
  const card = await lineUpOne('Teal crate', 103, '', 'Ove Strand');
  await settle(given.client);
  const before = await countDrawn(card.id);
  await given.client.call(switchStep, {
    params: { id: card.id },
    body: { stepId: (await sheetOf(card.id)).steps[0].id, enabled: false },
  });
  await settle(given.client);
  expect((await cardOf('Teal crate', ({ busy }) => busy === null)).standing).not.toBeNull();
  expect(await countDrawn(card.id)).toBe(before + 1);
  const { finds } = await bring(given.client, 'smew.zip', files(107, licensed()));
  const { assetId } = await given.client.call(takeToBench, { params: { id: finds[0].id } });
  await given.client.call(takeSure, { params: { id: assetId } });
  await settle(given.client);
  expect(await countDrawn(assetId)).toBe(0);
  await given.client.call(lineUp, { body: { bench: true } });
  await cardOf('smew', ({ standing }) => standing !== null);
});

test('what has no licence stays, and says why; the rest goes in', async () => {
  const good = await lineUpOne('Eel crate', 59, 'The crate is 59 cm high.');
  const { id } = await bring(
    given.client,
    'tern.zip',
    files(61, 'Tern crate by Ines Falkenrot\nThe crate is 61 cm high.\n'),
  );
  await given.client.call(lineUp, { body: { arrivalIds: [id] } });
  const bad = await cardOf('tern', ({ standing }) => standing !== null);
  expect(bad.asked.map(({ kind }) => kind)).toEqual(['rights:licence', 'rights:source']);
  const { catalogued, left } = await given.client.call(confirmLineUp, { body: { ids: [good.id, bad.id] } });
  expect(catalogued).toEqual([good.id]);
  expect(left).toEqual([{ id: bad.id, name: 'Crate', missing: ['No licence came with it.', 'No source is known.'] }]);
});

test('a missing map is a question, and left out by one answer', async () => {
  const material = `${CRATE_MATERIAL}map_Kd planks_that_never_came.png\n`;
  const { id } = await bring(given.client, 'skua.zip', {
    ...files(73, `${licensed()}The crate is 73 cm high.`),
    'crate.mtl': material,
  });
  await given.client.call(lineUp, { body: { arrivalIds: [id] } });
  const card = await cardOf('skua', ({ standing, busy }) => standing !== null && busy === null);
  expect(card.asked.map(({ kind }) => kind)).toEqual(['map']);
  await given.client.call(answerMany, { body: { ids: [card.id], kind: 'map', choiceId: null, reason: 'not needed' } });
  expect((await cardOf('skua', ({ asked }) => asked.length === 0)).asked).toEqual([]);
});

test('leaving a missing map out leaves the others: what was found, and what is guessed', async () => {
  const { id } = await bring(given.client, 'petrel.zip', {
    ...files(97, licensed('Runa Holm')),
    'crate.mtl': `${CRATE_MATERIAL}map_Kd planks_that_never_came.png\nnewmtl lid\nmap_Kd C:\\old\\lid_diffuse.png\n`,
    'crate.obj': `${crate(97)}usemtl lid\nf 1 2 3 4\n`,
    'elsewhere/lid_diffuse.png': PIXEL,
  });
  await given.client.call(lineUp, { body: { arrivalIds: [id] } });
  const card = await cardOf('petrel', ({ standing, busy }) => standing !== null && busy === null);
  const before = (await sheetOf(card.id)).findings.filter(({ kind }) => kind === 'map');
  const missing = before.filter(({ settled, mark }) => !settled && mark === 'blocks').map(({ key }) => key);
  expect(missing).toHaveLength(1);
  const others = before.filter(({ key }) => !missing.includes(key));
  expect(others.length).toBeGreaterThan(0);
  await given.client.call(answerMany, { body: { ids: [card.id], kind: 'map', choiceId: null, reason: 'not needed' } });
  const after = new Map((await sheetOf(card.id)).findings.map((finding) => [finding.key, finding]));
  expect(after.get(missing[0])!.answer).toEqual({ kind: 'set-aside', reason: 'not needed' });
  for (const { key, answer } of others) expect(after.get(key)!.answer).toEqual(answer);
});

test('a name and a category are kept; a name of nothing is refused', async () => {
  const card = await lineUpOne('Loon crate', 79);
  await given.client.call(nameAsset, {
    params: { id: card.id },
    body: { name: 'Loon crate, open', category: 'building' },
  });
  expect(await cardOf('Loon crate', ({ category }) => category !== null)).toMatchObject({
    name: 'Loon crate, open',
    category: 'building',
  });
  await expect(given.client.call(nameAsset, { params: { id: card.id }, body: { name: '  ' } })).rejects.toThrow('400');
});

test('tags its texts state come with it, others are written, and it is found by them', async () => {
  const { id, tags, proposedTags } = await lineUpOne('Dunlin crate', 139, 'Tags: Harbour, stowage\n');
  // what it is, and what its materials say, is proposed and stands in pencil
  expect([tags.slice(0, 2), proposedTags]).toEqual([['harbour', 'stowage'], tags.slice(2)]);
  expect(proposedTags).toContain('crate');
  const found = async (words: string): Promise<string[]> =>
    (await given.client.call(searchCatalogue, { query: { words, state: 'any' } })).cards.map((one) => one.id);
  expect(await found('stowage')).toEqual([id]);
  await given.client.call(nameAsset, { params: { id }, body: { tags: ['Pier', 'harbour', 'PIER'] } });
  const said = await cardOf('Dunlin crate', (card) => card.tags[0] === 'pier');
  expect([said.tags, said.proposedTags]).toEqual([['pier', 'harbour'], []]);
  expect((await given.client.call(getAsset, { params: { id } })).tags).toEqual(['pier', 'harbour']);
  expect(await found('stowage')).toEqual([]);
  expect(await found('pier')).toEqual([id]);
});

test('lined up while it is still on its way, a model follows by itself once it is read', async () => {
  const id = await drop(given.client, 'knot.zip', await zip(files(83, licensed())));
  await given.client.call(lineUp, { body: { arrivalIds: [id] } });
  expect(await cardOf('knot', ({ standing }) => standing !== null)).toMatchObject({ name: 'Crate' });
});

test('what is here already, and what asks something, is held back with its reason', async () => {
  const { id } = await bring(given.client, 'again.zip', files(41, README));
  await given.client.call(lineUp, { body: { arrivalIds: [id] } });
  const { heldBack, cards } = await given.client.call(getLineUp);
  expect(heldBack.filter(({ arrivalId }) => arrivalId === id).map(({ why }) => why)).toEqual([
    'It may be here already.',
  ]);
  expect(cards.map(({ arrivalName }) => arrivalName)).not.toContain('again.zip');
});

test('what may be here already follows into the line-up once it is said to be another thing', async () => {
  const { id, finds } = await bring(given.client, 'twin.zip', files(41, README));
  await given.client.call(lineUp, { body: { arrivalIds: [id] } });
  const held = (await given.client.call(getLineUp)).heldBack.find(({ arrivalId }) => arrivalId === id)!;
  expect(held).toMatchObject({ id: finds[0].id, kitId: null, question: null });
  expect(held.thumbnailSha256).not.toBeNull();
  for (const pair of await given.client.call(listDuplicates, { params: { id: held.id } }))
    await given.client.call(decideDuplicate, { params: { id: pair.id }, body: { decision: 'both' } });
  const { heldBack, cards } = await waitFor(
    () => given.client.call(getLineUp),
    (now) => now.cards.some(({ arrivalName }) => arrivalName === 'twin.zip'),
  );
  expect(heldBack.map(({ arrivalId }) => arrivalId)).not.toContain(id);
  expect(cards.filter(({ arrivalName }) => arrivalName === 'twin.zip')).toHaveLength(1);
});

test('a kit is held back in one line that leads to its pieces, however many they are', async () => {
  const { id, kits } = await bring(given.client, 'quay_crates.zip', { 'quay_crates.obj': writeCrates(5) });
  expect(kits).toHaveLength(1);
  await given.client.call(lineUp, { body: { arrivalIds: [id] } });
  const { heldBack } = await given.client.call(getLineUp);
  expect(heldBack.filter(({ arrivalId }) => arrivalId === id)).toMatchObject([
    { name: kits[0].name, kitId: kits[0].id, why: 'It is a kit: its pieces are chosen on its contact sheet.' },
  ]);
});

test('whoever dies between the bench and the line-up is followed by the next: a find on the bench is lined up all the same', async () => {
  const { finds } = await bring(given.client, 'dunlin.zip', files(109, licensed()));
  const { assetId } = await given.client.call(takeToBench, { params: { id: finds[0].id } });
  for (let i = 0; i < 2; i++) await lineUpFind(given.library.dependencies, finds[0].id);
  const card = await cardOf('dunlin', ({ standing }) => standing !== null);
  expect(card.id).toBe(assetId);
});

test('lining up twice changes nothing', async () => {
  const before = (await given.client.call(getLineUp)).cards;
  const { id } = await bring(given.client, 'ruff.zip', files(89, licensed()));
  await Promise.all([1, 2, 3].map(() => given.client.call(lineUp, { body: { arrivalIds: [id] } })));
  await settle(given.client);
  const { cards } = await given.client.call(getLineUp);
  expect(cards).toHaveLength(before.length + 1);
  const sheet = await sheetOf((await cardOf('ruff', () => true)).id);
  const keys = sheet.steps.map(({ findingKey, step }) => `${findingKey} ${step.kind}`);
  expect(new Set(keys).size).toBe(keys.length);
});
/** How often an asset was drawn for the line-up. */
const countDrawn = async (id: string): Promise<number> =>
  (await many(given.library.pool, "SELECT id FROM job WHERE kind = 'draw-standing' AND subject_id = ?", [id])).length;

test('a long list goes over the network small: a card holds no evidence, and what is sent is compressed', async () => {
  await lineUpOne('Bell crate', 167, '', 'Siv Aldermo');
  const [card] = (await given.client.call(getLineUp)).cards;
  expect(Object.keys(card.guessed[0]).sort()).toEqual(['choices', 'heading', 'key', 'kind', 'mark', 'steps', 'title']);
  const ask = (encoding: string) =>
    given.library.app.request('/api/line-up', {
      headers: { cookie: given.client.cookie, 'accept-encoding': encoding },
    });
  const [plain, packed] = await Promise.all([ask('identity'), ask('gzip')]);
  expect(packed.headers.get('content-encoding')).toBe('gzip');
  expect((await packed.arrayBuffer()).byteLength * 3).toBeLessThan((await plain.arrayBuffer()).byteLength);
  // a model is sent as it lies in the store, with its length
  const { documentSha256 } = await sheetOf(card.id);
  const model = await given.library.app.request(`/api/bytes/${documentSha256}?type=glb`, {
    headers: { cookie: given.client.cookie, 'accept-encoding': 'gzip' },
  });
  expect(model.headers.get('content-encoding')).toBeNull();
  expect(Number(model.headers.get('content-length'))).toBe((await model.arrayBuffer()).byteLength);
});
