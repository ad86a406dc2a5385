import { changeProvenance, getSheet } from '@haveld/contract/api/bench';
import {
  addEvidence,
  getAssetRights,
  getLedger,
  getLicenceMix,
  getRights,
  joinAuthors,
  settleRights,
} from '@haveld/contract/api/rights';
import { benchCrate, README } from '../testing/take-crate';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();
const rightsOf = (id: string) => given.client.call(getAssetRights, { params: { id } });

test('what came with it is proposed with day and person, and every change is kept: who, when, from, to, why', async () => {
  const id = await benchCrate(given.client, 'kept', {
    'readme.txt': README,
    'maps.txt': 'Textures: Runa Vestermoor, CC BY-NC 4.0\n',
  });
  const before = await rightsOf(id);
  expect(before.provenance).toMatchObject({
    licenceId: 'CC-BY-4.0',
    author: 'Ines Falkenrot',
    acquiredBy: 'Maja Lindqvist',
  });
  expect(before.provenance.acquiredOn).toMatch(/^\d{4}-\d\d-\d\d$/);
  expect(before.further).toMatchObject([{ part: 'maps', author: 'Runa Vestermoor', licenceId: 'CC-BY-NC-4.0' }]);
  await given.client.call(changeProvenance, {
    params: { id },
    body: { change: { author: 'I. Falkenrot' }, why: 'as she signs' },
  });
  const [change] = (await rightsOf(id)).changes;
  expect(change).toMatchObject({
    field: 'author',
    before: 'Ines Falkenrot',
    after: 'I. Falkenrot',
    why: 'as she signs',
    personName: 'Maja Lindqvist',
  });
  // nothing but what was named has changed
  expect((await rightsOf(id)).provenance).toEqual({ ...before.provenance, author: 'I. Falkenrot' });
});

test('two licences named: held open with both passages; settled for many at once with one evidence, which stays', async () => {
  const readme =
    'By Tor Aldersund\nhttps://tidewrack-exchange.example/x\nCreative Commons Attribution 4.0\nhttps://creativecommons.org/licenses/by-nc/4.0/\n';
  const ids = [
    await benchCrate(given.client, 'two a', { 'readme.txt': readme }),
    await benchCrate(given.client, 'two b', { 'readme.txt': readme }),
  ];
  const open = await given.client.call(getRights);
  expect(open.toSettle.filter(({ id }) => ids.includes(id)).map(({ title }) => title)).toEqual([
    'Two licences are named',
    'Two licences are named',
  ]);
  const { settled } = await given.client.call(settleRights, {
    body: {
      assetIds: ids,
      change: { licenceId: 'CC-BY-NC-4.0' },
      why: 'he answered',
      evidence: { kind: 'mail', name: 'answer.txt', text: 'It is NC.' },
    },
  });
  expect(settled).toBe(2);
  const now = await rightsOf(ids[1]);
  expect(now.provenance.licenceId).toBe('CC-BY-NC-4.0');
  expect(now.evidence).toMatchObject([{ kind: 'mail', name: 'answer.txt', personName: 'Maja Lindqvist' }]);
  const kept = await given.client.request(`/api/bytes/${now.evidence[0].sha256}`);
  expect(await kept.text()).toBe('It is NC.');
  // the other evidence still says otherwise, and is shown
  expect(now).toMatchObject({ mark: 'look' });
  expect((await given.client.call(getSheet, { params: { id: ids[0] } })).findings.map(({ title }) => title)).toContain(
    'Something that came with it says CC BY 4.0',
  );
  await given.client.call(addEvidence, {
    params: { id: ids[0] },
    body: { kind: 'page', name: 'page.html', base64: Buffer.from('<html>nc</html>').toString('base64') },
  });
  expect((await rightsOf(ids[0])).evidence).toHaveLength(2);
  await expect(
    given.client.call(addEvidence, { params: { id: ids[0] }, body: { kind: 'note', name: 'empty' } }),
  ).rejects.toThrow('400: There is nothing in this evidence');
});

test('the ledger by licence, source and author; two spellings of one author are joined and both found', async () => {
  const id = await benchCrate(given.client, 'spelled', {
    'readme.txt': 'Author: t_vestermoor\nhttps://saltmarsh-shapes.example/s\nCC0\n',
  });
  await benchCrate(given.client, 'spelled too', {
    'readme.txt': 'Author: Tor Vestermoor\nhttps://saltmarsh-shapes.example/t\nCC0\n',
  });
  const ledger = await given.client.call(getLedger, { query: { by: 'author', group: 't_vestermoor' } });
  expect(ledger).toMatchObject({ total: 1, rows: [{ id, licenceId: 'CC0-1.0', source: 'saltmarsh-shapes.example' }] });
  expect(ledger.groups.find(({ value }) => value === 't_vestermoor')?.count).toBe(1);
  expect((await given.client.call(getRights)).sameAuthors).toContainEqual({
    a: 'Tor Vestermoor',
    b: 't_vestermoor',
    reason: 'an initial and the same family name',
  });
  expect(
    (await given.client.call(joinAuthors, { body: { keep: 'Tor Vestermoor', join: 't_vestermoor' } })).changed,
  ).toBe(1);
  expect(
    (await given.client.call(getLedger, { query: { words: 't_vestermoor' } })).rows.map((row) => row.id),
  ).toContain(id);
  expect((await given.client.call(getLedger, { query: { by: 'author', group: 'Tor Vestermoor' } })).total).toBe(2);
  expect((await rightsOf(id)).changes[0].why).toBe('“t_vestermoor” and “Tor Vestermoor” are one author');
});

test('the mix of licences over time is counted from what was said when', async () => {
  const mix = await given.client.call(getLicenceMix);
  const now = new Map(mix.map(({ licenceId, count }) => [licenceId, count]));
  const held = await given.client.call(getRights);
  for (const { licenceId, count } of held.byLicence)
    expect([licenceId, now.get(licenceId)]).toEqual([licenceId, count]);
});

test('bad input is told in a sentence and changes nothing', async () => {
  const { toSettle } = await given.client.call(getRights);
  await expect(
    given.client.call(settleRights, { body: { assetIds: ['nobody'], change: { licenceId: 'MIT' } } }),
  ).rejects.toThrow('404');
  await expect(
    given.client.call(settleRights, { body: { assetIds: [toSettle[0].id], change: { licenceId: 'CC BY' } } }),
  ).rejects.toThrow('400: “CC BY” is no licence');
  await expect(given.client.call(getAssetRights, { params: { id: 'nobody' } })).rejects.toThrow('404');
  expect((await given.client.call(getRights)).toSettle).toEqual(toSettle);
});

test('evidence alone changes nothing of what is held, and for nobody it is refused', async () => {
  const id = await benchCrate(given.client, 'proved', { 'readme.txt': README });
  const { provenance, changes } = await rightsOf(id);
  const evidence = { kind: 'mail' as const, name: 'mail.txt', text: 'yes' };
  const body = { assetIds: [id], change: {}, why: '', evidence };
  expect(await given.client.call(settleRights, { body })).toEqual({ settled: 1 });
  const now = await rightsOf(id);
  expect(now.provenance).toEqual(provenance);
  expect(now.changes.length).toBe(changes.length + 1);
  await expect(given.client.call(settleRights, { body: { ...body, assetIds: [id, 'nobody'] } })).rejects.toThrow(
    '404: One of these assets is not there.',
  );
  expect((await rightsOf(id)).evidence).toHaveLength(1);
});
