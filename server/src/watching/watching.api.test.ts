import { mkdir, readdir, rename, symlink, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { getArrival, listArrivals, takeToBench } from '@haveld/contract/api/arrivals';
import { getSheet } from '@haveld/contract/api/bench';
import { listWatchedFolders, unwatchFolder, watchFolder } from '@haveld/contract/api/watching';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';
import { startWatching } from './service';

const given = useLibrary();
let end: (() => Promise<void>)[] = [];
let root: string;

beforeAll(() => {
  [root] = given.library.dependencies.watchRoots;
  // two servers that share one library and one disk
  end = [1, 2].map(() => startWatching(given.library.dependencies, { quietMs: 300 }));
});
afterAll(() => Promise.all(end.map((each) => each())));

const CRATE =
  'v 0 0 0\nv 1 0 0\nv 1 1 0\nv 0 1 0\nv 0 0 -1\nv 1 0 -1\nv 1 1 -1\nv 0 1 -1\nf 1 2 3 4\nf 6 5 8 7\nf 2 6 7 3\nf 5 1 4 8\nf 4 3 7 8\nf 5 6 2 1\n';
const names = async (): Promise<string[]> => (await given.client.call(listArrivals)).map(({ name }) => name).sort();
const add = async (path: string, more: object = {}): Promise<string> => {
  await mkdir(join(root, path), { recursive: true });
  return (await given.client.call(watchFolder, { body: { path, ...more } })).id;
};
const rest = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 2500));

test('what is put into a watched folder arrives by itself, once though two servers watch, with what the house knows of it', async () => {
  const id = await add('in', { author: 'Ines Falkenrot', source: 'https://quayside-models.example' });
  await writeFile(join(root, 'in/crate.obj'), CRATE);
  await waitFor(names, (all) => all.includes('crate.obj'));
  await rest();
  expect(await names()).toEqual(['crate.obj']);
  const [{ id: arrivalId, personName }] = await given.client.call(listArrivals);
  expect(personName).toBe('Maja Lindqvist');
  const { finds } = await waitFor(
    () => given.client.call(getArrival, { params: { id: arrivalId } }),
    (arrival) => arrival.state === 'ready' && arrival.finds.every(({ state }) => state === 'read'),
  );
  const { assetId } = await given.client.call(takeToBench, { params: { id: finds[0].id } });
  const { provenance } = await given.client.call(getSheet, { params: { id: assetId } });
  expect(provenance).toMatchObject({ author: 'Ines Falkenrot', source: 'quayside-models.example' });
  // the same again is nothing; changed it is another version
  await writeFile(join(root, 'in/crate.obj'), CRATE);
  await rest();
  expect(await names()).toHaveLength(1);
  await writeFile(join(root, 'in/crate.obj'), `# later\n${CRATE}`);
  await waitFor(names, (all) => all.length === 2);
  const { folders } = await given.client.call(listWatchedFolders);
  expect(folders.find((folder) => folder.id === id)).toMatchObject({ taken: 2, trouble: null });
});

test('of sub-folders each is one arrival, and what was taken is moved aside', async () => {
  await add('drop', { together: 'folders', afterwards: 'move' });
  await mkdir(join(root, 'staging/buoy'), { recursive: true });
  await writeFile(join(root, 'staging/buoy/a.obj'), CRATE);
  await writeFile(join(root, 'staging/buoy/readme.txt'), 'by Tor Aldersund, CC0');
  await rename(join(root, 'staging/buoy'), join(root, 'drop/buoy'));
  await waitFor(names, (all) => all.includes('buoy'));
  const arrival = await waitFor(
    async () => (await given.client.call(listArrivals)).find(({ name }) => name === 'buoy')!,
    ({ state }) => state === 'ready',
  );
  expect(arrival.fileCount).toBe(2);
  await waitFor(
    () => readdir(join(root, 'drop/taken/buoy')).catch(() => []),
    (all) => all.length === 2,
  );
});

test('a zip that is not whole is told on the list, until it is', async () => {
  const id = await add('half');
  await writeFile(join(root, 'half/a.zip'), Buffer.from('PK\x03\x04 not yet', 'latin1'));
  const trouble = async (): Promise<string | null> =>
    (await given.client.call(listWatchedFolders)).folders.find((folder) => folder.id === id)!.trouble;
  await waitFor(trouble, (sentence) => sentence === '“a.zip” waits: the end of the zip is missing.');
  expect(await names()).not.toContain('a.zip');
  await given.client.call(unwatchFolder, { params: { id } });
  expect((await given.client.call(listWatchedFolders)).folders.some((folder) => folder.id === id)).toBe(false);
});

test.each([
  ['/etc', /Only folders below/],
  ['../..', /Only folders below/],
  ['nowhere', /There is no folder “nowhere”/],
  ['link', /Only folders below/],
])('%s is not watched', async (path, words) => {
  if (path === 'link') await symlink('/etc', join(root, 'link'));
  await expect(given.client.call(watchFolder, { body: { path } })).rejects.toThrow(words);
});

test('the same folder twice is told', async () => {
  await expect(given.client.call(watchFolder, { body: { path: 'in' } })).rejects.toThrow(/watched already/);
});
