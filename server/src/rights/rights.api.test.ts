import type { IntendedUse } from '@haveld/contract/licence';
import { answerFinding, changeProvenance, getSheet } from '@haveld/contract/bench';
import { getAsset } from '@haveld/contract/catalogue';
import {
  changeProject,
  createProject,
  getProject,
  getProjectCredits,
  getProjectRights,
  handOver,
  listProjects,
  settleReopening,
  tickDuties,
} from '@haveld/contract/projects';
import {
  addEvidence,
  getAssetRights,
  getLedger,
  getLicence,
  getLicenceMix,
  getRights,
  getRightsRules,
  joinAuthors,
  listLicences,
  removeFurtherWork,
  saveFurtherWork,
  saveLicence,
  saveRightsRules,
  settleRights,
  takeDown,
  writeLetter,
} from '@haveld/contract/rights';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { addPerson } from '../people/service';
import { benchCrate, catalogueCrate, README } from '../testing/take-crate';
import { TestLibrary, waitFor, type TestClient } from '../testing/test-library';

let library: TestLibrary;
let client: TestClient;

beforeAll(async () => {
  library = await TestLibrary.open();
  client = await library.signIn();
  library.startWorker();
});
afterAll(() => library.close());

const SHOW: IntendedUse = {
  uses: ['rendered'],
  commercial: true,
  releaseLicence: '',
  arrangement: 'side-by-side',
  locks: false,
  territory: '',
  seats: null,
  until: '',
};
const openProject = async (name: string, use: Partial<IntendedUse> = {}): Promise<string> =>
  (await client.call(createProject, { body: { name, purpose: 'a show', use: { ...SHOW, ...use } } })).id;
const handTo = async (projectId: string, assetIds: string[]): Promise<void> => {
  await client.call(handOver, { params: { id: projectId }, body: { assetIds, format: 'glb' } });
  await waitFor(
    () => client.call(getProject, { params: { id: projectId } }),
    ({ handOvers }) => handOvers.every(({ state }) => state === 'packed'),
  );
};
const rightsOf = (id: string) => client.call(getAssetRights, { params: { id } });

test('what came with it is proposed with day and person, and every change is kept: who, when, from, to, why', async () => {
  const id = await benchCrate(client, 'kept', {
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
  await client.call(changeProvenance, {
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
    await benchCrate(client, 'two a', { 'readme.txt': readme }),
    await benchCrate(client, 'two b', { 'readme.txt': readme }),
  ];
  const open = await client.call(getRights);
  expect(open.toSettle.filter(({ id }) => ids.includes(id)).map(({ title }) => title)).toEqual([
    'Two licences are named',
    'Two licences are named',
  ]);
  const { settled } = await client.call(settleRights, {
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
  const kept = await client.request(`/api/bytes/${now.evidence[0].sha256}`);
  expect(await kept.text()).toBe('It is NC.');
  // the other evidence still says otherwise, and is shown
  expect(now).toMatchObject({ mark: 'look' });
  expect((await client.call(getSheet, { params: { id: ids[0] } })).findings.map(({ title }) => title)).toContain(
    'Something that came with it says CC BY 4.0',
  );
  await client.call(addEvidence, {
    params: { id: ids[0] },
    body: { kind: 'page', name: 'page.html', base64: Buffer.from('<html>nc</html>').toString('base64') },
  });
  expect((await rightsOf(ids[0])).evidence).toHaveLength(2);
  await expect(
    client.call(addEvidence, { params: { id: ids[0] }, body: { kind: 'note', name: 'empty' } }),
  ).rejects.toThrow('400: There is nothing in this evidence');
});

describe('in projects', () => {
  let id: string;
  let project: string;
  beforeAll(async () => {
    id = await catalogueCrate(client, 'held crate');
    project = await openProject('Tide House');
    await handTo(project, [id]);
  });

  test('its rights sheet: verdicts, duties ticked by somebody, credits each once', async () => {
    let sheet = await client.call(getProjectRights, { params: { id: project } });
    expect(sheet.counts).toEqual({ allowed: 0, 'allowed-with-duties': 1, 'ask-first': 0, 'not-allowed': 0 });
    expect(sheet.duties.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['attribution', 'state-changes']));
    expect(sheet.creditsCount).toBe(1);
    sheet = await client.call(tickDuties, {
      params: { id: project },
      body: { kind: 'attribution', assetIds: [id], done: true },
    });
    expect(sheet.duties.find(({ kind }) => kind === 'attribution')!.assets[0]).toMatchObject({
      tickedBy: 'Maja Lindqvist',
    });
    for (const format of ['text', 'markdown', 'html', 'csv', 'json', 'spdx'] as const) {
      const { text } = await client.call(getProjectCredits, { params: { id: project }, query: { format } });
      expect(text).toContain('Ines Falkenrot');
      expect(text).toContain('scaled to real size');
    }
  });

  test('a licence that changes opens the project again, and what may not stand there is told first', async () => {
    await client.call(settleRights, {
      body: { assetIds: [id], change: { licenceId: 'CC-BY-NC-4.0' }, why: 'read again' },
    });
    const sheet = await client.call(getProjectRights, { params: { id: project } });
    expect(sheet.reopened).toMatchObject([{ assetId: id, why: 'Its licence was CC BY 4.0 and is CC BY-NC 4.0 now.' }]);
    expect(sheet.verdicts[0].verdict).toMatchObject({ verdict: 'not-allowed' });
    expect(sheet.verdicts[0].verdict.reasons[0]).toContain('1(i)');
    const [first] = (await client.call(getRights)).toSettle;
    expect(first).toMatchObject({ id, mark: 'blocks', title: 'Stands in “Tide House” and may not' });
    const settled = await client.call(settleReopening, {
      params: { id: project, reopeningId: sheet.reopened[0].id },
      body: { words: 'taken out of the show' },
    });
    expect(settled.reopened).toEqual([]);
    await expect(
      client.call(settleReopening, {
        params: { id: project, reopeningId: sheet.reopened[0].id },
        body: { words: 'again' },
      }),
    ).rejects.toThrow('409');
    await client.call(settleRights, {
      body: { assetIds: [id], change: { licenceId: 'CC-BY-4.0' }, why: 'it was the maps' },
    });
  });

  test('a letter asks for what the project needs', async () => {
    await client.call(settleRights, {
      body: { assetIds: [id], change: { licenceId: 'LicenseRef-all-rights-reserved' }, why: '' },
    });
    const { body } = await client.call(writeLetter, { params: { id }, query: { project } });
    expect(body).toContain('Dear Ines Falkenrot');
    expect(body).toContain('use it in a production that earns money');
    await client.call(settleRights, { body: { assetIds: [id], change: { licenceId: 'CC-BY-4.0' }, why: '' } });
  });

  test('a take-down marks it, names the projects and versions that hold it, and nothing more leaves', async () => {
    const down = await client.call(takeDown, { params: { id }, body: { reason: 'Its author asked for it.' } });
    expect(down).toMatchObject({
      mark: 'blocks',
      title: 'Taken down',
      projects: [{ name: 'Tide House', versionNumbers: [1] }],
    });
    expect((await client.call(getAsset, { params: { id } })).takenDown).toBe('Its author asked for it.');
    await expect(handTo(project, [id])).rejects.toThrow('409: held crate: It was taken down');
    expect((await client.call(getProjectRights, { params: { id: project } })).reopened.map(({ why }) => why)).toContain(
      'It was taken down: Its author asked for it.',
    );
    expect((await client.call(takeDown, { params: { id }, body: { reason: null } })).mark).toBe('holds');
  });

  test('maps by another hand decide with it', async () => {
    const work = {
      part: 'maps' as const,
      title: 'Rust set',
      author: 'Runa Vestermoor',
      authorUnknown: false,
      authorUrl: '' as const,
      licenceId: 'CC-BY-NC-4.0',
      source: '',
      pageUrl: '' as const,
    };
    const added = await client.call(saveFurtherWork, { params: { id }, body: { workId: null, work } });
    expect(added.credit).toContain('Its maps: “Rust set” by Runa Vestermoor');
    expect((await client.call(getProjectRights, { params: { id: project } })).verdicts[0].verdict.reasons[0]).toContain(
      'Its maps (“Rust set”)',
    );
    await client.call(saveFurtherWork, {
      params: { id },
      body: { workId: added.further[0].id, work: { ...work, licenceId: 'CC0-1.0' } },
    });
    expect((await client.call(getProjectRights, { params: { id: project } })).verdicts[0].verdict.verdict).toBe(
      'allowed-with-duties',
    );
    const removed = await client.call(removeFurtherWork, { params: { id, workId: added.further[0].id }, body: {} });
    expect(removed.further).toEqual([]);
    expect(removed.changes.filter(({ field }) => field === 'work')).toHaveLength(3);
  });

  test('what a project is for can change, and an ended one is asked about no more', async () => {
    const before = (await client.call(listProjects)).find((row) => row.id === project)!;
    const use = { ...before.use, uses: ['sale' as const] };
    await client.call(changeProject, {
      params: { id: project },
      body: { name: 'Tide House', purpose: '', use, live: true },
    });
    expect((await client.call(getProjectRights, { params: { id: project } })).duties.map(({ kind }) => kind)).toContain(
      'no-locks',
    );
    await client.call(settleRights, { body: { assetIds: [id], change: { licenceId: 'CC-BY-NC-4.0' }, why: '' } });
    await client.call(changeProject, {
      params: { id: project },
      body: { name: 'Tide House', purpose: '', use, live: false },
    });
    expect((await client.call(getRights)).toSettle.find((row) => row.id === id)?.title ?? '').not.toContain(
      'Tide House',
    );
  });
});

test('a grant that has ended is told without anybody touching it, and its project is opened again once', async () => {
  const id = await catalogueCrate(client, 'lapsed crate');
  const project = await openProject('Short show', { until: '2099-01-01' });
  await client.call(settleRights, {
    body: { assetIds: [id], change: { expiresOn: '2099-06-01' }, why: 'bought for a time' },
  });
  await handTo(project, [id]);
  await client.call(settleRights, { body: { assetIds: [id], change: { expiresOn: '2020-01-01' }, why: 'read again' } });
  for (let i = 0; i < 2; i++) {
    const row = (await client.call(getRights)).toSettle.find((one) => one.id === id)!;
    expect(row).toMatchObject({ mark: 'blocks', projects: [{ id: project }] });
  }
  const { reopened } = await client.call(getProjectRights, { params: { id: project } });
  expect(reopened.map(({ why }) => why)).toEqual([
    'The limits of its grant have changed.',
    'Its grant ended on 2020-01-01.',
  ]);
});

test('a licence of the house: written down, stood under, changed with a reason, and what it touches is opened again', async () => {
  const terms = {
    ...BUILT_IN_BOOK.getTerms('CC-BY-4.0'),
    id: 'LicenseRef-lampworks',
    name: 'Lampworks terms',
    short: 'Lampworks',
    url: '',
  };
  await client.call(saveLicence, { body: { terms, text: 'You may use it.', why: 'read on the site' } });
  const id = await catalogueCrate(client, 'lamp crate');
  await client.call(settleRights, { body: { assetIds: [id], change: { licenceId: 'LicenseRef-lampworks' }, why: '' } });
  const project = await openProject('Lamp show');
  await handTo(project, [id]);
  const page = await client.call(saveLicence, {
    body: {
      terms: { ...terms, commercial: { grant: 'no', clause: 'point 3' } },
      text: 'You may use it.',
      why: 'new terms in November',
    },
  });
  expect(page).toMatchObject({ own: true, count: 1, text: 'You may use it.' });
  expect(page.changes[0]).toMatchObject({
    why: 'new terms in November',
    what: ['commercial: yes section 2(a)(1) → no point 3'],
  });
  const sheet = await client.call(getProjectRights, { params: { id: project } });
  expect(sheet.reopened.map(({ why }) => why)).toContain('The terms of Lampworks have changed.');
  expect(sheet.verdicts[0].verdict.reasons[0]).toContain('point 3');
  expect((await client.call(listLicences)).find((line) => line.terms.id === 'LicenseRef-lampworks')).toMatchObject({
    own: true,
    count: 1,
  });
  await expect(
    client.call(saveLicence, { body: { terms: { ...terms, id: 'CC-BY-4.0' }, text: '', why: '' } }),
  ).rejects.toThrow('400: CC-BY-4.0 comes with Haveld');
  await expect(
    client.call(saveLicence, { body: { terms: { ...terms, id: 'Lampworks' }, text: '', why: '' } }),
  ).rejects.toThrow('400');
  expect((await client.call(getLicence, { params: { id: 'CC-BY-4.0' } })).text).toContain('Section 2 – Scope');
  await expect(client.call(getLicence, { params: { id: 'LicenseRef-nobody' } })).rejects.toThrow('404');
});

test('a licence nobody has read blocks until it has a term sheet', async () => {
  const id = await benchCrate(client, 'mpl', {
    'readme.txt': 'by Tor Aldersund\nhttps://saltmarsh-shapes.example/m\nSPDX-License-Identifier: MPL-2.0\n',
  });
  expect(await rightsOf(id)).toMatchObject({ mark: 'blocks', title: 'MPL-2.0: nobody has read it yet' });
  await client.call(saveLicence, {
    body: {
      terms: { ...BUILT_IN_BOOK.getTerms('MIT'), id: 'MPL-2.0', name: 'Mozilla Public License 2.0', short: 'MPL 2.0' },
      text: '',
      why: 'read',
    },
  });
  expect(await rightsOf(id)).toMatchObject({ mark: 'holds' });
});

test('house rules: how a licence is taken, evidence, two people, and what is usual for a source', async () => {
  const other = await addPerson(library.pool, {
    signIn: 'oskar',
    name: 'Oskar Behn',
    role: 'member',
    password: 'another-good-word',
    mustChange: false,
  });
  const second = await library.signIn(other.signIn, 'another-good-word');
  const rules = await client.call(getRightsRules);
  await client.call(saveRightsRules, {
    body: {
      ...rules,
      secondPerson: true,
      evidenceRequired: true,
      sourceDefaults: [{ source: 'quayside-models.example', licenceId: 'LicenseRef-quayside-standard' }],
    },
  });
  const id = await benchCrate(client, 'ruled', {
    'readme.txt': 'by Ines Falkenrot\nhttps://quayside-models.example/ruled\n',
  });
  expect(await rightsOf(id)).toMatchObject({
    provenance: { licenceId: 'LicenseRef-quayside-standard' },
    mark: 'blocks',
    title: 'Nothing proves its licence',
  });
  await client.call(addEvidence, { params: { id }, body: { kind: 'receipt', name: 'receipt.txt', text: 'No. 12' } });
  const confirm = {
    params: { id },
    body: { key: 'rights:licence', answer: { kind: 'set-aside' as const, reason: 'read the terms' } },
  };
  await client.call(answerFinding, confirm);
  expect((await rightsOf(id)).detail).toContain('asks for a second');
  await client.call(answerFinding, confirm);
  expect((await rightsOf(id)).mark).toBe('look');
  await second.call(answerFinding, confirm);
  expect((await rightsOf(id)).mark).toBe('holds');
  await client.call(saveRightsRules, { body: { ...rules, standings: { 'LicenseRef-quayside-standard': 'closed' } } });
  expect(await rightsOf(id)).toMatchObject({
    mark: 'blocks',
    title: 'Quayside Models, standard terms: nothing is granted',
  });
  await client.call(saveRightsRules, { body: rules });
});

test('the ledger by licence, source and author; two spellings of one author are joined and both found', async () => {
  const id = await benchCrate(client, 'spelled', {
    'readme.txt': 'Author: t_vestermoor\nhttps://saltmarsh-shapes.example/s\nCC0\n',
  });
  await benchCrate(client, 'spelled too', {
    'readme.txt': 'Author: Tor Vestermoor\nhttps://saltmarsh-shapes.example/t\nCC0\n',
  });
  const ledger = await client.call(getLedger, { query: { by: 'author', group: 't_vestermoor' } });
  expect(ledger).toMatchObject({ total: 1, rows: [{ id, licenceId: 'CC0-1.0', source: 'saltmarsh-shapes.example' }] });
  expect(ledger.groups.find(({ value }) => value === 't_vestermoor')?.count).toBe(1);
  expect((await client.call(getRights)).sameAuthors).toContainEqual({
    a: 'Tor Vestermoor',
    b: 't_vestermoor',
    reason: 'an initial and the same family name',
  });
  expect((await client.call(joinAuthors, { body: { keep: 'Tor Vestermoor', join: 't_vestermoor' } })).changed).toBe(1);
  expect((await client.call(getLedger, { query: { words: 't_vestermoor' } })).rows.map((row) => row.id)).toContain(id);
  expect((await client.call(getLedger, { query: { by: 'author', group: 'Tor Vestermoor' } })).total).toBe(2);
  expect((await rightsOf(id)).changes[0].why).toBe('“t_vestermoor” and “Tor Vestermoor” are one author');
});

test('the mix of licences over time is counted from what was said when', async () => {
  const mix = await client.call(getLicenceMix);
  const now = new Map(mix.map(({ licenceId, count }) => [licenceId, count]));
  const held = await client.call(getRights);
  for (const { licenceId, count } of held.byLicence)
    expect([licenceId, now.get(licenceId)]).toEqual([licenceId, count]);
});

test('bad input is told in a sentence and changes nothing', async () => {
  const { toSettle } = await client.call(getRights);
  await expect(
    client.call(settleRights, { body: { assetIds: ['nobody'], change: { licenceId: 'MIT' } } }),
  ).rejects.toThrow('404');
  await expect(
    client.call(settleRights, { body: { assetIds: [toSettle[0].id], change: { licenceId: 'CC BY' } } }),
  ).rejects.toThrow('400: “CC BY” is no licence');
  await expect(client.call(getAssetRights, { params: { id: 'nobody' } })).rejects.toThrow('404');
  expect((await client.call(getRights)).toSettle).toEqual(toSettle);
});
