import { randomUUID } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { simpleParser } from 'mailparser';
import { getProgress } from '@haveld/contract/api/progress';
import {
  addRemark,
  answerRemark,
  getInbox,
  listColleagues,
  listRemarks,
  readInbox,
  resolveRemark,
  type About,
} from '@haveld/contract/api/remarks';
import { fillLibrary } from '../testing/fill-library';
import { waitFor, type TestClient } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();
const BUOY = randomUUID();
let owner: TestClient;
let oskar: TestClient;
let runa: TestClient;
beforeAll(async () => {
  owner = given.client;
  oskar = await given.library.signInAs('artist', 'oskar');
  runa = await given.library.signInAs('curator', 'runa');
  await fillLibrary(given.library.pool, [
    { id: BUOY, name: 'Bell buoy', author: 'Ines Falkenrot', licenceId: 'CC0-1.0', state: 'catalogued' },
  ]);
});

const params = { id: BUOY };
const WHOLE: About = { kind: 'asset' };
const add = (client: TestClient, text: string, about: About = WHOLE) =>
  client.call(addRemark, { params, body: { about, text } });
const inboxOf = (client: TestClient) => client.call(getInbox);
const unreadOf = async (client: TestClient): Promise<number> => (await client.call(getProgress)).unread;

test('a remark stays where it was pinned, with its answers, until it is resolved; and can be opened again', async () => {
  const place: About = { kind: 'place', at: [0.1, 1.2, -0.3], versionNumber: 1 };
  const [remark] = await add(oskar, 'The bell hangs askew.', place);
  expect(remark).toMatchObject({ about: place, personName: 'oskar', text: 'The bell hangs askew.', resolved: null });
  await runa.call(answerRemark, { params: { id: remark.id }, body: { text: 'It is so on the photograph.' } });
  const [resolved] = await oskar.call(resolveRemark, { params: { id: remark.id }, body: { isResolved: true } });
  expect(resolved.answers.map(({ personName, text }) => [personName, text])).toEqual([
    ['runa', 'It is so on the photograph.'],
  ]);
  expect(resolved.resolved).toMatchObject({ personName: 'oskar' });
  // who resolved it first stays written down
  await runa.call(resolveRemark, { params: { id: remark.id }, body: { isResolved: true } });
  expect((await owner.call(listRemarks, { params }))[0].resolved!.personName).toBe('oskar');
  const [open] = await runa.call(resolveRemark, { params: { id: remark.id }, body: { isResolved: false } });
  expect(open.resolved).toBeNull();
});

test('whoever is mentioned is told once, in the inbox and by mail; nobody is told of what they said themselves', async () => {
  const before = await unreadOf(runa);
  await add(oskar, 'Is the licence right, @runa? @oskar asks. @runa!');
  const [notice] = await inboxOf(runa);
  expect(notice).toMatchObject({ reason: 'mentioned', assetName: 'Bell buoy', personName: 'oskar', isRead: false });
  expect(await unreadOf(runa)).toBe(before + 1);
  expect((await inboxOf(oskar)).filter(({ personName }) => personName === 'oskar')).toEqual([]);
  const { mailFolder } = given.library.dependencies;
  const file = await waitFor(
    () => readdir(mailFolder).catch((): string[] => []),
    (names) => names.includes(`${notice.id}.eml`),
  );
  expect(file).toContain(`${notice.id}.eml`);
  const mail = await simpleParser(await readFile(join(mailFolder, `${notice.id}.eml`)));
  expect(mail.subject).toBe(`oskar mentioned you: ${notice.accession} Bell buoy`);
  expect(mail.text).toContain('Is the licence right');
  await runa.call(readInbox, { body: { ids: [notice.id] } });
  expect(await unreadOf(runa)).toBe(before);
});

test('whoever took part is told of an answer; what is another’s nobody marks as read', async () => {
  const [remark] = await add(oskar, 'Which end is the bow?');
  await runa.call(answerRemark, { params: { id: remark.id }, body: { text: 'The pointed one.' } });
  const [told] = await inboxOf(oskar);
  expect(told).toMatchObject({ reason: 'answered', personName: 'runa', text: 'The pointed one.' });
  await runa.call(readInbox, { body: { ids: [told.id] } });
  expect((await inboxOf(oskar))[0].isRead).toBe(false);
  // whoever brought it in is told of every remark on it
  expect((await inboxOf(owner)).map(({ reason }) => reason)).toContain('on-own');
});

test('two people who remark and answer at once both stand there', async () => {
  const before = (await owner.call(listRemarks, { params })).length;
  await Promise.all([add(oskar, 'one'), add(runa, 'two')]);
  const remarks = await owner.call(listRemarks, { params });
  expect(remarks).toHaveLength(before + 2);
  const [{ id }] = remarks;
  await Promise.all(
    [oskar, runa].map((client, i) => client.call(answerRemark, { params: { id }, body: { text: `answer ${i}` } })),
  );
  const answers = (await owner.call(listRemarks, { params })).find((one) => one.id === id)!.answers;
  expect(answers.map(({ text }) => text).sort()).toEqual(['answer 0', 'answer 1']);
});

test('an empty remark, and one on nothing, are refused; guests are no colleagues', async () => {
  await given.library.signInAs('guest', 'tjark');
  await expect(add(oskar, '   ')).rejects.toThrow('A remark says something.');
  await expect(
    oskar.call(addRemark, { params: { id: 'gone' }, body: { about: WHOLE, text: 'hello' } }),
  ).rejects.toThrow('There is no such asset.');
  await expect(oskar.call(answerRemark, { params: { id: 'gone' }, body: { text: 'hello' } })).rejects.toThrow(
    'There is no such remark.',
  );
  const colleagues = (await oskar.call(listColleagues)).map(({ signIn }) => signIn);
  expect(colleagues).toEqual(expect.arrayContaining(['oskar', 'runa']));
  expect(colleagues).not.toContain('tjark');
});
