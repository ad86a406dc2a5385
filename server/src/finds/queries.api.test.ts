import { randomUUID } from 'node:crypto';
import { run } from '../database/statements';
import { transact } from '../database/pool';
import { fillArrival, fillFind } from '../testing/fill-arrival';
import { useLibrary } from '../testing/use-library';
import * as files from './file-queries';
import * as finds from './find-queries';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;
const hash = (letter: string): string => letter.repeat(64);

describe('files of an arrival', () => {
  test('come back in the order they were opened, with what is inside them where it tells something', async () => {
    const inside = { mentions: ['oak.png'], clips: 0, hasSkin: false, materials: 'none' } as never;
    const { files: rows } = await fillArrival(db(), 'order.zip', [
      { path: 'b.obj', inside },
      { path: 'a.png', kind: 'picture', width: 8, height: 4 },
    ]);
    expect(rows.map(({ path }) => path)).toEqual(['b.obj', 'a.png']);
    expect(rows[0].inside).toEqual(inside);
    expect(rows[1]).toMatchObject({ inside: null, width: 8, height: 4 });
    expect(await files.getFile(db(), rows[0].id)).toMatchObject({ path: 'b.obj', arrivalId: expect.any(String) });
    expect(await files.getFile(db(), 999_999_999)).toBeNull();
  });

  test('are counted once by their bytes, and archives are no unpacked bytes', async () => {
    const { id } = await fillArrival(db(), 'sums.zip', [
      { path: 'sums.zip', kind: 'archive', sha256: hash('a'), sizeBytes: 100 },
      { path: 'one.obj', sha256: hash('b'), sizeBytes: 30 },
      { path: 'again/one.obj', sha256: hash('b'), sizeBytes: 30 },
      { path: 'two.obj', sha256: hash('c'), sizeBytes: 5 },
    ]);
    const none = await fillArrival(db(), 'nothing.zip');
    const sums = await files.sumFiles(db(), [id, none.id]);
    expect(sums.get(id)).toEqual({ files: 4, unpackedBytes: 65, keptBytes: 135 });
    expect(sums.has(none.id)).toBe(false);
  });

  test('the first few of each arrival are its own, however many the others have', async () => {
    const many = await fillArrival(
      db(),
      'many.zip',
      Array.from({ length: 30 }, (_, i) => ({ path: `m${i}.obj` })),
    );
    const few = await fillArrival(db(), 'few.zip', [{ path: 'only.obj' }]);
    const first = await files.listFirstFiles(db(), [many.id, few.id], 3);
    expect(first.filter(({ arrivalId }) => arrivalId === many.id).map(({ path }) => path)).toEqual([
      'm0.obj',
      'm1.obj',
      'm2.obj',
    ]);
    expect(first.filter(({ arrivalId }) => arrivalId === few.id).map(({ path }) => path)).toEqual(['only.obj']);
    expect(await files.listFirstFiles(db(), [], 3)).toEqual([]);
  });

  test('opening an arrival anew takes its finds and kits along, and nobody else’s', async () => {
    const other = await fillArrival(db(), 'other.zip', [{ path: 'x.obj' }]);
    const kept = await fillFind(db(), other.id, { name: 'kept' });
    const { id } = await fillArrival(db(), 'anew.zip', [{ path: 'x.obj' }]);
    await fillFind(db(), id, { name: 'gone' });
    await finds.insertKit(db(), { id: randomUUID(), arrivalId: id, name: 'gone', reason: '', sourceFindId: null });
    await transact(db(), (tx) => files.replaceFiles(tx, id, []));
    expect(await finds.listFinds(db(), [id])).toEqual([]);
    expect(await files.listFiles(db(), id)).toEqual([]);
    expect((await finds.listFinds(db(), [other.id])).map((find) => find.id)).toEqual([kept]);
  });

  test('why a file is in no find can be said and taken back', async () => {
    const {
      id,
      files: [row],
    } = await fillArrival(db(), 'excluded.zip', [{ path: 'Thumbs.db' }]);
    await files.setExcludedReason(db(), row.id, 'left by a file browser');
    expect((await files.listFiles(db(), id))[0].excludedReason).toBe('left by a file browser');
    await files.setExcludedReason(db(), row.id, null);
    expect((await files.listFiles(db(), id))[0].excludedReason).toBeNull();
  });
});

describe('finds', () => {
  test('keep their order within an arrival, and the next one comes after them', async () => {
    const { id } = await fillArrival(db(), 'finds.zip');
    expect(await finds.nextOrdinal(db(), id)).toBe(0);
    await fillFind(db(), id, { name: 'second', ordinal: 1 });
    await fillFind(db(), id, { name: 'first', ordinal: 0 });
    await fillFind(db(), id, { name: 'later', ordinal: 7 });
    expect((await finds.listFinds(db(), [id])).map(({ name }) => name)).toEqual(['first', 'second', 'later']);
    expect(await finds.nextOrdinal(db(), id)).toBe(8);
  });

  test('hold their files with what each is there, and their bytes', async () => {
    const {
      id,
      files: [model, map],
    } = await fillArrival(db(), 'held.zip', [
      { path: 'a.obj', sizeBytes: 40 },
      { path: 'a.png', sizeBytes: 2 },
    ]);
    const one = await fillFind(db(), id, {
      name: 'one',
      files: [
        { fileId: model.id, role: 'model' },
        { fileId: map.id, role: 'map' },
      ],
    });
    const two = await fillFind(db(), id, { name: 'two', ordinal: 1, files: [{ fileId: map.id, role: 'map' }] });
    expect((await files.listFindFiles(db(), one)).map(({ path, role }) => [path, role])).toEqual([
      ['a.obj', 'model'],
      ['a.png', 'map'],
    ]);
    expect(await files.sumFindBytes(db(), one)).toBe(42);
    expect(await files.sumFindBytes(db(), randomUUID())).toBe(0);
    const links = await finds.listFindLinks(db(), [id]);
    expect(
      links
        .filter(({ fileId }) => fileId === map.id)
        .map(({ findId }) => findId)
        .sort(),
    ).toEqual([one, two].sort());
    await finds.deleteFindFiles(db(), one);
    expect(await files.listFindFiles(db(), one)).toEqual([]);
    await finds.deleteFind(db(), two);
    expect(await finds.getFind(db(), two)).toBeNull();
    expect((await files.listFiles(db(), id)).length).toBe(2);
  });

  test('change their state only from the one they were in, where that is asked', async () => {
    const { id } = await fillArrival(db(), 'states.zip');
    const find = await fillFind(db(), id, { name: 'state' });
    expect(await finds.countUnread(db(), id)).toBe(1);
    await finds.setFindState(db(), find, 'on-bench', null, 'read');
    expect((await finds.getFind(db(), find))!.state).toBe('waiting');
    await finds.setFindState(db(), find, 'failed', 'It ends early.', 'waiting');
    expect(await finds.getFind(db(), find)).toMatchObject({ state: 'failed', message: 'It ends early.' });
    expect(await finds.countUnread(db(), id)).toBe(0);
  });

  test('that wait for a person are counted but for those of an arrival that was joined into another', async () => {
    const before = await finds.countWaitingFinds(db());
    const { id } = await fillArrival(db(), 'waiting.zip');
    const joined = await fillArrival(db(), 'joined.zip');
    for (const [arrival, state] of [
      [id, 'read'],
      [id, 'failed'],
      [id, 'set-aside'],
      [joined.id, 'read'],
    ] as const)
      await finds.setFindState(db(), await fillFind(db(), arrival, { name: state }), state);
    await run(db(), 'UPDATE arrival SET joined_into = ? WHERE id = ?', [id, joined.id]);
    expect(await finds.countWaitingFinds(db())).toBe(before + 2);
  });

  test('decided otherwise are read anew, and what they ask is kept or taken away', async () => {
    const { id } = await fillArrival(db(), 'anew.zip');
    const find = await fillFind(db(), id, { name: 'old name' });
    await finds.setFindState(db(), find, 'failed', 'It could not be read.');
    const question = { text: 'Which edition?', choices: [{ id: 'v1', label: 'the old one' }] };
    await finds.updateFind(db(), {
      id: find,
      name: 'n'.repeat(300),
      modelPath: 'b.obj',
      reason: 'said by hand',
      question,
    });
    const now = (await finds.getFind(db(), find))!;
    expect(now).toMatchObject({ state: 'waiting', message: null, modelPath: 'b.obj', question });
    expect(now.name).toHaveLength(250);
    await finds.setQuestion(db(), find, null);
    expect((await finds.getFind(db(), find))!.question).toBeNull();
  });

  test('locked by one hand wait for the other', async () => {
    const { id } = await fillArrival(db(), 'locked.zip');
    const find = await fillFind(db(), id, { name: 'locked' });
    const seen: string[] = [];
    const take = (name: string) =>
      transact(db(), async (tx) => {
        const row = (await finds.lockFind(tx, find))!;
        seen.push(`${name} finds it ${row.state}`);
        await new Promise((resolve) => setTimeout(resolve, 50));
        await finds.setFindState(tx, find, 'on-bench');
      });
    await Promise.all([take('one'), take('the other')]);
    expect(seen.map((words) => words.split(' ').at(-1))).toEqual(['waiting', 'on-bench']);
  });

  test('that are pieces of one file are told from those that came as files', async () => {
    const { id } = await fillArrival(db(), 'pieces.zip');
    const source = await fillFind(db(), id, { name: 'kit file' });
    const [ofFile, ofFiles] = [randomUUID(), randomUUID()];
    await finds.insertKit(db(), { id: ofFile, arrivalId: id, name: 'one file', reason: '', sourceFindId: source });
    await finds.insertKit(db(), { id: ofFiles, arrivalId: id, name: 'files', reason: '', sourceFindId: null });
    const piece = await fillFind(db(), id, { name: 'piece', ordinal: 1, kitId: ofFile });
    await fillFind(db(), id, { name: 'file', ordinal: 2, kitId: ofFiles });
    expect(await finds.listPieceFinds(db(), id)).toEqual([piece]);
    expect((await finds.listFindsOfKit(db(), ofFile)).map(({ name }) => name)).toEqual(['piece']);
  });
});
