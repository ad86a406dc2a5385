import { randomUUID } from 'node:crypto';
import type { IntendedUse } from '@haveld/contract/licence';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { one, run } from '../database/statements';
import { getPerson } from '../testing/fill-arrival';
import { fillLibrary, fillProject, type FilledAsset } from '../testing/fill-library';
import { useLibrary } from '../testing/use-library';
import { listHoldings } from './holdings';
import * as queries from './queries';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;
const USE: IntendedUse = { ...PLAIN_USE, commercial: true };
const FREE: FilledAsset = { id: randomUUID(), name: 'buoy', licenceId: 'CC0-1.0', author: 'Ines Falkenrot' };
const PAID: FilledAsset = { id: randomUUID(), name: 'mast', licenceId: 'CC-BY-NC-4.0', author: 'Tor Aldersund' };
beforeAll(async () => {
  await fillLibrary(db(), [FREE, PAID]);
});
const openProject = async (name: string): Promise<string> => {
  const id = randomUUID();
  await queries.insertProject(db(), { id, name, purpose: 'a show', use: USE });
  return id;
};
const versionOf = async (assetId: string): Promise<string> =>
  (await one<{ id: string }>(db(), 'SELECT id FROM version WHERE asset_id = ? LIMIT 1', [assetId])).id;

describe('a project', () => {
  test('comes back as it was opened, live and without uses', async () => {
    const id = await openProject('Tide House');
    expect(await queries.findProject(db(), id)).toMatchObject({
      id,
      name: 'Tide House',
      purpose: 'a show',
      use: USE,
      live: true,
      uses: 0,
      reopenings: 0,
    });
    expect(await queries.findProject(db(), 'nowhere')).toBeNull();
  });

  test('keeps the day it ended through later changes, and loses it when it goes on', async () => {
    const id = await openProject('Short one');
    const change = { id, name: 'Short one', purpose: '', use: USE };
    const endOf = async () =>
      (await one<{ endedAt: Date | null }>(db(), 'SELECT ended_at AS endedAt FROM project WHERE id = ?', [id])).endedAt;
    await queries.updateProject(db(), { ...change, live: false });
    const ended = await endOf();
    expect(ended).toBeInstanceOf(Date);
    await new Promise((later) => setTimeout(later, 20));
    await queries.updateProject(db(), { ...change, name: 'Another name', live: false });
    expect(await endOf()).toEqual(ended);
    await queries.updateProject(db(), { ...change, live: true });
    expect(await endOf()).toBeNull();
  });

  test('that has ended stands behind the live ones, and is not counted with them', async () => {
    const before = await queries.countProjects(db());
    const ended = await fillProject(db(), { name: 'Ended', ended: true, assetIds: [] });
    const live = await openProject('Going on');
    expect(await queries.countProjects(db())).toBe(before + 1);
    const order = (await queries.listProjects(db())).map(({ id }) => id);
    expect(order.indexOf(live)).toBeLessThan(order.indexOf(ended));
    const states = (await queries.listProjects(db())).map((row) => row.live);
    expect(states).toEqual([...states].sort((a, b) => Number(b) - Number(a)));
  });
});

describe('what a project takes', () => {
  test('counts an asset once however often it was taken, and not where packing failed', async () => {
    const id = await fillProject(db(), { name: 'Counting', assetIds: [FREE.id, FREE.id, PAID.id] });
    expect((await queries.findProject(db(), id))!.uses).toBe(2);
    await run(db(), "UPDATE hand_over SET state = 'failed' WHERE project_id = ? AND asset_id = ?", [id, PAID.id]);
    expect((await queries.findProject(db(), id))!.uses).toBe(1);
  });

  test('a use waits, is packed with what reading back found, or fails with its reason', async () => {
    const project = await fillProject(db(), { name: 'Packing', assetIds: [FREE.id] });
    const id = randomUUID();
    await queries.insertHandOver(db(), {
      id,
      projectId: project,
      assetId: FREE.id,
      versionId: await versionOf(FREE.id),
      format: 'glb',
      maps: 'png',
      credits: [],
      verdict: { verdict: 'allowed', reasons: ['CC0 asks for nothing.'], duties: [], question: null, chosen: '' },
      personId: await getPerson(db()),
    });
    expect(await queries.findHandOver(db(), id)).toMatchObject({
      state: 'packing',
      projectName: 'Packing',
      checks: [],
      zipSha256: null,
      personName: 'Maja Lindqvist',
      verdict: { reasons: ['CC0 asks for nothing.'] },
    });
    await queries.setPackingFailed(db(), id, 'The disk is full.');
    expect(await queries.findHandOver(db(), id)).toMatchObject({ state: 'failed', message: 'The disk is full.' });
    const checks = [{ mark: 'holds', text: 'Read back after writing' }] as never;
    await queries.setPacked(db(), id, { zipSha256: 'a'.repeat(64), sizeBytes: 7, checks });
    expect(await queries.findHandOver(db(), id)).toMatchObject({
      state: 'packed',
      message: null,
      sizeBytes: 7,
      checks: [{ text: 'Read back after writing' }],
    });
    expect(await queries.findHandOver(db(), 'nowhere')).toBeNull();
  });

  test('the uses of an asset are those of that asset, the newest first', async () => {
    await fillProject(db(), { name: 'First', assetIds: [PAID.id] });
    const uses = await queries.listOfAsset(db(), PAID.id);
    expect(new Set(uses.map(({ assetId }) => assetId))).toEqual(new Set([PAID.id]));
    const days = uses.map(({ createdAt }) => createdAt.getTime());
    expect(days).toEqual([...days].sort((a, b) => b - a));
    expect(await queries.listOfAsset(db(), 'nowhere')).toEqual([]);
  });

  test('the lines of a project show the asset, its number and what arrived', async () => {
    const project = await fillProject(db(), { name: 'Lines', assetIds: [FREE.id, PAID.id] });
    const lines = await queries.listOfProject(db(), project);
    expect(lines.map(({ assetName }) => assetName).sort()).toEqual(['buoy', 'mast']);
    for (const { accession, receivedBytes } of lines) {
      expect(accession).toBeGreaterThan(0);
      expect(receivedBytes).toBe(0);
    }
  });
});

describe('what a project holds, judged today', () => {
  test('each asset once with every version that was taken, by what its licence says', async () => {
    const project = await fillProject(db(), { name: 'Judged', assetIds: [FREE.id, PAID.id, PAID.id] });
    const [held] = await listHoldings(db(), { projectId: project });
    expect(held.judged.map(({ name, verdict }) => [name, verdict.verdict]).sort()).toEqual([
      ['buoy', 'allowed'],
      ['mast', 'not-allowed'],
    ]);
    expect(held.judged.find(({ name }) => name === 'mast')!.versionNumbers).toHaveLength(2);
    expect(held.judged.find(({ name }) => name === 'mast')!.verdict.reasons.join(' ')).toContain('commercial');
  });

  test('live ones alone, one project alone, one asset alone', async () => {
    const ended = await fillProject(db(), { name: 'Over', ended: true, assetIds: [FREE.id] });
    expect((await listHoldings(db(), { live: true })).map(({ id }) => id)).not.toContain(ended);
    expect((await listHoldings(db(), { live: false })).map(({ id }) => id)).toContain(ended);
    const byAsset = await listHoldings(db(), { assetId: PAID.id });
    expect(new Set(byAsset.flatMap(({ judged }) => judged.map(({ assetId }) => assetId)))).toEqual(new Set([PAID.id]));
    expect(await listHoldings(db(), { projectId: 'nowhere' })).toEqual([]);
  });

  test('a licence that changes is judged anew, with nothing written', async () => {
    const project = await fillProject(db(), { name: 'Changing', assetIds: [PAID.id] });
    const verdict = async () => (await listHoldings(db(), { projectId: project }))[0].judged[0].verdict.verdict;
    expect(await verdict()).toBe('not-allowed');
    await run(db(), "UPDATE provenance SET licence_id = 'CC0-1.0' WHERE asset_id = ?", [PAID.id]);
    expect(await verdict()).toBe('allowed');
    await run(db(), "UPDATE provenance SET licence_id = 'CC-BY-NC-4.0' WHERE asset_id = ?", [PAID.id]);
  });
});
