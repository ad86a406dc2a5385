import { answerFinding } from '@haveld/contract/api/bench';
import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import { createProject, getProject, getProjectRights, handOver } from '@haveld/contract/api/projects';
import {
  addEvidence,
  getAssetRights,
  getLicence,
  listLicences,
  saveLicence,
  settleRights,
} from '@haveld/contract/api/rights';
import type { IntendedUse } from '@haveld/contract/licence';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { addPerson } from '../people/service';
import { benchCrate, catalogueCrate } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();
const SHOW: IntendedUse = { ...PLAIN_USE, commercial: true };
const openProject = async (name: string, use: Partial<IntendedUse> = {}): Promise<string> =>
  (await given.client.call(createProject, { body: { name, purpose: 'a show', use: { ...SHOW, ...use } } })).id;
const handTo = async (projectId: string, assetIds: string[]): Promise<void> => {
  await given.client.call(handOver, { params: { id: projectId }, body: { assetIds, format: 'glb' } });
  await waitFor(
    () => given.client.call(getProject, { params: { id: projectId } }),
    ({ handOvers }) => handOvers.every(({ state }) => state === 'packed'),
  );
};
const rightsOf = (id: string) => given.client.call(getAssetRights, { params: { id } });

test('a licence of the house: written down, stood under, changed with a reason, and what it touches is opened again', async () => {
  const terms = {
    ...BUILT_IN_BOOK.getTerms('CC-BY-4.0'),
    id: 'LicenseRef-lampworks',
    name: 'Lampworks terms',
    short: 'Lampworks',
    url: '',
  };
  await given.client.call(saveLicence, { body: { terms, text: 'You may use it.', why: 'read on the site' } });
  const id = await catalogueCrate(given.client, 'lamp crate');
  await given.client.call(settleRights, {
    body: { assetIds: [id], change: { licenceId: 'LicenseRef-lampworks' }, why: '' },
  });
  const project = await openProject('Lamp show');
  await handTo(project, [id]);
  const page = await given.client.call(saveLicence, {
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
  const sheet = await given.client.call(getProjectRights, { params: { id: project } });
  expect(sheet.reopened.map(({ why }) => why)).toContain('The terms of Lampworks have changed.');
  expect(sheet.verdicts[0].verdict.reasons[0]).toContain('point 3');
  expect(
    (await given.client.call(listLicences)).find((line) => line.terms.id === 'LicenseRef-lampworks'),
  ).toMatchObject({
    own: true,
    count: 1,
  });
  await expect(
    given.client.call(saveLicence, { body: { terms: { ...terms, id: 'CC-BY-4.0' }, text: '', why: '' } }),
  ).rejects.toThrow('400: CC-BY-4.0 comes with Haveld');
  await expect(
    given.client.call(saveLicence, { body: { terms: { ...terms, id: 'Lampworks' }, text: '', why: '' } }),
  ).rejects.toThrow('400');
  expect((await given.client.call(getLicence, { params: { id: 'CC-BY-4.0' } })).text).toContain('Section 2 – Scope');
  await expect(given.client.call(getLicence, { params: { id: 'LicenseRef-nobody' } })).rejects.toThrow('404');
});

test('a licence nobody has read blocks until it has a term sheet', async () => {
  const id = await benchCrate(given.client, 'mpl', {
    'readme.txt': 'by Tor Aldersund\nhttps://saltmarsh-shapes.example/m\nSPDX-License-Identifier: MPL-2.0\n',
  });
  expect(await rightsOf(id)).toMatchObject({ mark: 'blocks', title: 'MPL-2.0: nobody has read it yet' });
  await given.client.call(saveLicence, {
    body: {
      terms: { ...BUILT_IN_BOOK.getTerms('MIT'), id: 'MPL-2.0', name: 'Mozilla Public License 2.0', short: 'MPL 2.0' },
      text: '',
      why: 'read',
    },
  });
  expect(await rightsOf(id)).toMatchObject({ mark: 'holds' });
});

test('house rules: how a licence is taken, evidence, two people, and what is usual for a source', async () => {
  const other = await addPerson(given.library.pool, {
    signIn: 'oskar',
    name: 'Oskar Behn',
    role: 'artist',
    password: 'another-good-word',
    mustChange: false,
  });
  const second = await given.library.signIn(other.signIn, 'another-good-word');
  const rules = await given.client.call(getHouseRules);
  await given.client.call(saveHouseRules, {
    body: {
      ...rules,
      secondPerson: true,
      evidenceRequired: true,
      sourceDefaults: [{ source: 'quayside-models.example', licenceId: 'LicenseRef-quayside-standard' }],
    },
  });
  const id = await benchCrate(given.client, 'ruled', {
    'readme.txt': 'by Ines Falkenrot\nhttps://quayside-models.example/ruled\n',
  });
  expect(await rightsOf(id)).toMatchObject({
    provenance: { licenceId: 'LicenseRef-quayside-standard' },
    mark: 'blocks',
    title: 'Nothing proves its licence',
  });
  await given.client.call(addEvidence, {
    params: { id },
    body: { kind: 'receipt', name: 'receipt.txt', text: 'No. 12' },
  });
  const confirm = {
    params: { id },
    body: { key: 'rights:licence', answer: { kind: 'set-aside' as const, reason: 'read the terms' } },
  };
  await given.client.call(answerFinding, confirm);
  expect((await rightsOf(id)).detail).toContain('asks for a second');
  await given.client.call(answerFinding, confirm);
  expect((await rightsOf(id)).mark).toBe('look');
  await second.call(answerFinding, confirm);
  expect((await rightsOf(id)).mark).toBe('holds');
  await given.client.call(saveHouseRules, {
    body: { ...rules, standings: { 'LicenseRef-quayside-standard': 'closed' } },
  });
  expect(await rightsOf(id)).toMatchObject({
    mark: 'blocks',
    title: 'Quayside Models, standard terms: nothing is granted',
  });
  await given.client.call(saveHouseRules, { body: rules });
});
