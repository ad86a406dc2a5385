import { catalogueAsset, getSheet, switchStep } from '@haveld/contract/api/bench';
import { getAsset } from '@haveld/contract/api/catalogue';
import { getProgress } from '@haveld/contract/api/progress';
import {
  changeProject,
  createProject,
  getProject,
  getProjectCredits,
  getProjectRights,
  handOver,
  leaveNewer,
  listProjects,
  settleReopening,
  tickDuties,
} from '@haveld/contract/api/projects';
import {
  getRights,
  removeFurtherWork,
  saveFurtherWork,
  settleRights,
  takeDown,
  writeLetter,
} from '@haveld/contract/api/rights';
import type { IntendedUse } from '@haveld/contract/licence';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { unzip } from '@haveld/engine/testing/unzip';
import { settle } from '../testing/settle';
import { catalogueCrate, README } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();
const SHOW: IntendedUse = { ...PLAIN_USE, commercial: true };
const openProject = async (name: string, use: Partial<IntendedUse> = {}): Promise<string> =>
  (await given.client.call(createProject, { body: { name, purpose: 'a show', use: { ...SHOW, ...use } } })).id;
const handTo = async (projectId: string, assetIds: string[], format: 'glb' | 'obj' = 'glb'): Promise<void> => {
  await given.client.call(handOver, { params: { id: projectId }, body: { assetIds, format } });
  await waitFor(
    () => given.client.call(getProject, { params: { id: projectId } }),
    ({ handOvers }) => handOvers.every(({ state }) => state === 'packed'),
  );
};

test('what is taken down between asking and packing is not packed, and says why', async () => {
  const id = await catalogueCrate(given.client, 'late crate');
  const project = await openProject('Ebb House');
  await given.library.stopWorker();
  await given.client.call(handOver, { params: { id: project }, body: { assetIds: [id], format: 'glb' } });
  await given.client.call(takeDown, { params: { id }, body: { reason: 'Its author asked for it.' } });
  given.library.startWorker();
  const { handOvers } = await waitFor(
    () => given.client.call(getProject, { params: { id: project } }),
    ({ handOvers: [one] }) => one.state !== 'packing',
  );
  expect(handOvers[0]).toMatchObject({ state: 'failed', zipSha256: null });
  expect(JSON.stringify(handOvers[0])).toContain('It was taken down: Its author asked for it.');
});

test('all that a project holds comes as one zip: the last of each asset in each format, and the credits once', async () => {
  const [first, second] = [
    await catalogueCrate(given.client, 'left crate'),
    await catalogueCrate(given.client, 'right crate'),
  ];
  const project = await openProject('Slack House');
  const fetchIt = () => given.client.request(`/api/projects/${project}/package.zip`);
  expect((await fetchIt()).status).toBe(404);
  await handTo(project, [first, second]);
  await handTo(project, [first], 'obj');
  const answer = await fetchIt();
  expect(answer.headers.get('content-disposition')).toContain('slack_house.zip');
  const files = [...(await unzip(Buffer.from(await answer.arrayBuffer()))).keys()];
  expect(files).toContain('credits.txt');
  const models = files.filter((path) => /\.(glb|obj)$/.test(path));
  expect(models.map((path) => path.split('/').slice(0, -1).join('/')).sort()).toEqual([
    'left_crate/glb',
    'left_crate/obj',
    'right_crate',
  ]);
  expect(files).toContain('right_crate/LICENSES/CC-BY-4.0.txt');
  // what may not be used there any more does not leave with the rest, and is named
  await given.client.call(takeDown, { params: { id: second }, body: { reason: 'Its author asked for it.' } });
  const later = await unzip(Buffer.from(await (await fetchIt()).arrayBuffer()));
  expect([...later.keys()].filter((path) => path.startsWith('right_crate/'))).toEqual([]);
  expect(later.get('left out.txt')!.toString()).toBe('right crate: It was taken down: Its author asked for it.\n');
  const nobody = await given.library.app.request(`/api/projects/${project}/package.zip`);
  expect(nobody.status).toBe(401);
});

test('a later version is told where the project holds an earlier one, and taken when somebody takes it', async () => {
  const id = await catalogueCrate(given.client, 'better crate');
  const project = await openProject('Neap House');
  await handTo(project, [id]);
  const params = { id: project };
  expect((await given.client.call(getProject, { params })).handOvers[0].newer).toBeNull();
  const { steps } = await given.client.call(getSheet, { params: { id } });
  const scale = steps.find(({ step }) => step.kind === 'scale')!;
  await given.client.call(switchStep, { params: { id }, body: { stepId: scale.id, enabled: false } });
  await given.client.call(catalogueAsset, { params: { id }, body: { name: 'better crate', category: 'prop' } });
  const { handOvers } = await waitFor(
    () => given.client.call(getProject, { params }),
    ({ handOvers: [use] }) => use.newer !== null,
  );
  // told, and nothing has changed by itself
  expect(handOvers).toMatchObject([{ versionNumber: 1, newer: 2, leftNewer: null, state: 'packed' }]);
  const countNewer = async () => (await given.client.call(listProjects)).find((one) => one.id === project)!.newer;
  expect(await countNewer()).toBe(1);
  // left, it is told no more, and can be taken all the same
  const left = await given.client.call(leaveNewer, { params: { ...params, assetId: id }, body: { number: 2 } });
  expect(left.handOvers[0]).toMatchObject({ newer: null, leftNewer: 2 });
  expect(await countNewer()).toBe(0);
  await handTo(project, [id]);
  const now = (await given.client.call(getProject, { params })).handOvers;
  expect(now.map(({ versionNumber, newer, leftNewer }) => [versionNumber, newer, leftNewer])).toEqual([
    [2, null, null],
    [1, null, null],
  ]);
});

describe('in projects', () => {
  let id: string;
  let project: string;
  beforeAll(async () => {
    id = await catalogueCrate(given.client, 'held crate');
    project = await openProject('Tide House');
    await handTo(project, [id]);
  });

  test('its rights sheet: verdicts, duties ticked by somebody, credits each once', async () => {
    let sheet = await given.client.call(getProjectRights, { params: { id: project } });
    expect(sheet.counts).toEqual({ allowed: 0, 'allowed-with-duties': 1, 'ask-first': 0, 'not-allowed': 0 });
    expect(sheet.duties.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['attribution', 'state-changes']));
    expect(sheet.creditsCount).toBe(1);
    sheet = await given.client.call(tickDuties, {
      params: { id: project },
      body: { kind: 'attribution', assetIds: [id], done: true },
    });
    expect(sheet.duties.find(({ kind }) => kind === 'attribution')!.assets[0]).toMatchObject({
      tickedBy: 'Maja Lindqvist',
    });
    for (const format of ['text', 'markdown', 'html', 'csv', 'json', 'spdx'] as const) {
      const { text } = await given.client.call(getProjectCredits, { params: { id: project }, query: { format } });
      expect(text).toContain('Ines Falkenrot');
      expect(text).toContain('scaled to real size');
    }
  });

  test('a licence that changes opens the project again, and what may not stand there is told first', async () => {
    await given.client.call(settleRights, {
      body: { assetIds: [id], change: { licenceId: 'CC-BY-NC-4.0' }, why: 'read again' },
    });
    const sheet = await given.client.call(getProjectRights, { params: { id: project } });
    expect(sheet.reopened).toMatchObject([{ assetId: id, why: 'Its licence was CC BY 4.0 and is CC BY-NC 4.0 now.' }]);
    expect(sheet.verdicts[0].verdict).toMatchObject({ verdict: 'not-allowed' });
    expect(sheet.verdicts[0].verdict.reasons[0]).toContain('1(i)');
    await settle(given.client);
    const { toSettle } = await given.client.call(getRights);
    expect(toSettle.find((line) => line.id === id)).toMatchObject({
      mark: 'blocks',
      title: 'Stands in “Tide House” and may not',
    });
    // what may not stand where it stands comes before all that is only asked
    const marks = toSettle.map(({ mark }) => mark);
    expect(marks.lastIndexOf('blocks')).toBe(marks.filter((mark) => mark === 'blocks').length - 1);
    const settled = await given.client.call(settleReopening, {
      params: { id: project, reopeningId: sheet.reopened[0].id },
      body: { note: 'taken out of the show' },
    });
    expect(settled.reopened).toEqual([]);
    await expect(
      given.client.call(settleReopening, {
        params: { id: project, reopeningId: sheet.reopened[0].id },
        body: { note: 'again' },
      }),
    ).rejects.toThrow('409');
    await given.client.call(settleRights, {
      body: { assetIds: [id], change: { licenceId: 'CC-BY-4.0' }, why: 'it was the maps' },
    });
  });

  test('a letter asks for what the project needs', async () => {
    await given.client.call(settleRights, {
      body: { assetIds: [id], change: { licenceId: 'LicenseRef-all-rights-reserved' }, why: '' },
    });
    const { body } = await given.client.call(writeLetter, { params: { id }, query: { project } });
    expect(body).toContain('Dear Ines Falkenrot');
    expect(body).toContain('use it in a production that earns money');
    await given.client.call(settleRights, { body: { assetIds: [id], change: { licenceId: 'CC-BY-4.0' }, why: '' } });
  });

  test('a take-down marks it, names the projects and versions that hold it, and nothing more leaves', async () => {
    const down = await given.client.call(takeDown, { params: { id }, body: { reason: 'Its author asked for it.' } });
    expect(down).toMatchObject({
      mark: 'blocks',
      title: 'Taken down',
      projects: [{ name: 'Tide House', versionNumbers: [1] }],
    });
    expect((await given.client.call(getAsset, { params: { id } })).takenDown).toBe('Its author asked for it.');
    await expect(handTo(project, [id])).rejects.toThrow('409: held crate: It was taken down');
    expect(
      (await given.client.call(getProjectRights, { params: { id: project } })).reopened.map(({ why }) => why),
    ).toContain('It was taken down: Its author asked for it.');
    expect((await given.client.call(takeDown, { params: { id }, body: { reason: null } })).mark).toBe('holds');
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
    const added = await given.client.call(saveFurtherWork, { params: { id }, body: { workId: null, work } });
    expect(added.credit).toContain('Its maps: “Rust set” by Runa Vestermoor');
    expect(
      (await given.client.call(getProjectRights, { params: { id: project } })).verdicts[0].verdict.reasons[0],
    ).toContain('Its maps (“Rust set”)');
    await given.client.call(saveFurtherWork, {
      params: { id },
      body: { workId: added.further[0].id, work: { ...work, licenceId: 'CC0-1.0' } },
    });
    expect((await given.client.call(getProjectRights, { params: { id: project } })).verdicts[0].verdict.verdict).toBe(
      'allowed-with-duties',
    );
    const removed = await given.client.call(removeFurtherWork, {
      params: { id, workId: added.further[0].id },
      body: {},
    });
    expect(removed.further).toEqual([]);
    expect(removed.changes.filter(({ field }) => field === 'work')).toHaveLength(3);
  });

  test('what a project is for can change, and an ended one is asked about no more', async () => {
    const before = (await given.client.call(listProjects)).find((row) => row.id === project)!;
    const use = { ...before.use, uses: ['sale' as const] };
    await given.client.call(changeProject, {
      params: { id: project },
      body: { name: 'Tide House', purpose: '', use, live: true },
    });
    expect(
      (await given.client.call(getProjectRights, { params: { id: project } })).duties.map(({ kind }) => kind),
    ).toContain('no-locks');
    await given.client.call(settleRights, { body: { assetIds: [id], change: { licenceId: 'CC-BY-NC-4.0' }, why: '' } });
    await given.client.call(changeProject, {
      params: { id: project },
      body: { name: 'Tide House', purpose: '', use, live: false },
    });
    expect((await given.client.call(getRights)).toSettle.find((row) => row.id === id)?.title ?? '').not.toContain(
      'Tide House',
    );
  });
});

test('a grant whose end has passed is told, and its project is opened again once', async () => {
  const id = await catalogueCrate(given.client, 'lapsed crate');
  const project = await openProject('Short show', { until: '2099-01-01' });
  await given.client.call(settleRights, {
    body: { assetIds: [id], change: { expiresOn: '2099-06-01' }, why: 'bought for a time' },
  });
  await handTo(project, [id]);
  await given.client.call(settleRights, {
    body: { assetIds: [id], change: { expiresOn: '2020-01-01' }, why: 'read again' },
  });
  for (let i = 0; i < 2; i++) {
    const row = (await given.client.call(getRights)).toSettle.find((one) => one.id === id)!;
    expect(row).toMatchObject({ mark: 'blocks', projects: [{ id: project }] });
  }
  await settle(given.client);
  const { reopened } = await given.client.call(getProjectRights, { params: { id: project } });
  expect(reopened.map(({ why }) => why)).toEqual([
    'The limits of its grant have changed.',
    'Its grant ended on 2020-01-01.',
  ]);
});

test('one new work of models that cannot be merged: the pair is named, and each that forbids it is refused by its clause', async () => {
  const alike = await catalogueCrate(given.client, 'alike crate', README.replace('CC BY 4.0', 'CC BY-SA 4.0'));
  const unpaid = await catalogueCrate(given.client, 'unpaid crate', README.replace('CC BY 4.0', 'CC BY-NC 4.0'));
  const project = await openProject('Collage', { commercial: false });
  await handTo(project, [alike, unpaid]);
  const params = { params: { id: project } };
  expect((await given.client.call(getProjectRights, params)).conflicts).toEqual([]);

  const say = (use: Partial<IntendedUse>) =>
    given.client.call(changeProject, {
      ...params,
      body: { name: 'Collage', purpose: '', live: true, use: { ...SHOW, commercial: false, ...use } },
    });
  await say({ arrangement: 'unsaid' });
  const unsaid = await given.client.call(getProjectRights, params);
  expect(unsaid.verdicts[0]).toMatchObject({ name: 'alike crate', verdict: { verdict: 'ask-first' } });
  expect(unsaid.conflicts).toEqual([
    { a: 'CC-BY-SA-4.0', b: 'CC-BY-NC-4.0', ofA: ['alike crate'], ofB: ['unpaid crate'] },
  ]);
  await say({ arrangement: 'merged' });
  const merged = await given.client.call(getProjectRights, params);
  expect(merged.verdicts[0].verdict.reasons[0]).toContain('section 3(b)(1)');
  // the worst of a project stands first on its page too, with what holds today
  expect((await given.client.call(getProject, params)).handOvers[0]).toMatchObject({
    assetName: 'alike crate',
    verdict: { verdict: 'not-allowed' },
  });
  expect((await given.client.call(getAsset, { params: { id: alike } })).uses[0].verdict.verdict).toBe('not-allowed');
  await say({ arrangement: 'merged', releaseLicence: 'CC-BY-SA-4.0' });
  expect((await given.client.call(getProjectRights, params)).verdicts[0].verdict.verdict).toBe('allowed-with-duties');
});

test('a duty of what the project does not hold is refused in a sentence', async () => {
  const project = await openProject('Empty');
  const body = { kind: 'attribution' as const, assetIds: ['nobody'], done: true };
  await expect(given.client.call(tickDuties, { params: { id: project }, body })).rejects.toThrow(
    '400: One of these assets is not in this project.',
  );
});

test('what stands in a live project and may not is counted on the strip', async () => {
  await settle(given.client);
  const before = (await given.client.call(getProgress)).counts.rights;
  const id = await catalogueCrate(given.client, 'counted crate');
  const project = await openProject('Counted');
  await handTo(project, [id]);
  await given.client.call(settleRights, { body: { assetIds: [id], change: { licenceId: 'CC-BY-NC-4.0' }, why: '' } });
  await settle(given.client);
  expect((await given.client.call(getProgress)).counts.rights).toBe(before + 1);
  await given.client.call(changeProject, {
    params: { id: project },
    body: { name: 'Counted', purpose: '', live: true, use: { ...SHOW, commercial: false } },
  });
  await settle(given.client);
  expect((await given.client.call(getProgress)).counts.rights).toBe(before);
});
