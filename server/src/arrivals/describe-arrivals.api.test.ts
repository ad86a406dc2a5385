import { createArrival, getArrival, listArrivals } from '@haveld/contract/api/arrivals';
import { run } from '../database/statements';
import { fillArrival, fillFind } from '../testing/fill-arrival';
import { useLibrary } from '../testing/use-library';
import { noteStored } from './service';

const given = useLibrary({ worker: false });

/** An arrival of so many finds, each read, in their order. */
async function fillFinds(name: string, count: number): Promise<{ id: string; finds: string[] }> {
  const { id } = await fillArrival(given.library.pool, name);
  const finds: string[] = [];
  for (let i = 0; i < count; i++) finds.push(await fillFind(given.library.pool, id, { name: `peg ${i}`, ordinal: i }));
  await run(given.library.pool, "UPDATE find SET state = 'read' WHERE arrival_id = ?", [id]);
  return { id, finds };
}

test('of very many finds the list tells the first and counts all; one arrival by itself tells every one', async () => {
  const { id, finds } = await fillFinds('many.zip', 60);
  const last = finds.at(-1)!;
  const question = { text: 'Which edition?', choices: [{ id: 'new', label: 'The newer' }] };
  await run(given.library.pool, 'UPDATE find SET question = ? WHERE id = ?', [JSON.stringify(question), last]);
  const listed = (await given.client.call(listArrivals)).find((arrival) => arrival.id === id)!;
  expect(listed.counts).toEqual({ finds: 60, alone: 60, ready: 59, decisions: 1, taken: 0 });
  // what asks something is among those that are told, wherever it stands
  expect(listed.finds).toHaveLength(24);
  expect(listed.finds.find((find) => find.id === last)?.question).toEqual(question);
  const whole = await given.client.call(getArrival, { params: { id } });
  expect(whole.finds.map((find) => find.id)).toEqual(finds);
  expect(whole.counts).toEqual(listed.counts);
});

test('a list of a thousand finds is a small page', async () => {
  await fillFinds('heap.zip', 1000);
  const answer = await given.client.request('/api/arrivals');
  expect((await answer.text()).length).toBeLessThan(100_000);
});

test('files that came one by one are listed while they come, and not for ever', async () => {
  const { id, received } = await given.client.call(createArrival, {
    body: { name: 'loose files', files: [{ path: 'peg.obj', sizeBytes: 5 }] },
  });
  const listed = async () => (await given.client.call(listArrivals)).find((arrival) => arrival.id === id)!;
  expect((await listed()).received).toEqual([{ ...received[0], sizeBytes: 5, arrived: false }]);
  await noteStored(given.library.dependencies, received[0].id, 'c'.repeat(64));
  expect(await listed()).toMatchObject({ state: 'opening', received: [], packedBytes: 5 });
});

test('an arrival that is gone is told in a sentence', async () => {
  await expect(given.client.call(getArrival, { params: { id: 'nothing' } })).rejects.toThrow(
    'This arrival is not here any more.',
  );
});
