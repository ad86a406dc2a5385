import { ArrivalSchema, type Arrival } from '@haveld/contract/api/arrivals';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { orderArrivals } from './wants-decision';

const arrival = (id: string, more: Partly<Arrival> = {}): Arrival =>
  exampleOf(ArrivalSchema, { id, state: 'ready', joins: null, ...more } as Partly<Arrival>);
const find = (more: Record<string, unknown> = {}) => ({
  state: 'read' as const,
  asset: null,
  question: null,
  duplicates: 0,
  kitId: null,
  ...more,
});
const done = find({ asset: { id: 'x', accession: 'HV-000001', state: 'on-bench' } });

test('the newest stands first, whether it is still read, asks, failed or came to nothing; what is done stands behind', () => {
  const order = orderArrivals([
    arrival('newest, without a model', { finds: [] }),
    arrival('done', { finds: [done] }),
    arrival('damaged', { state: 'failed', finds: [] }),
    arrival('given up', { state: 'cancelled', finds: [] }),
    arrival('being read', { state: 'reading', finds: [find({ state: 'waiting' })] }),
    arrival('asks', { finds: [find({ question: { text: 'Which edition?', choices: [] } })] }),
    arrival('read', { finds: [find()] }),
  ]);
  expect(order.map(({ id }) => id)).toEqual([
    'newest, without a model',
    'damaged',
    'being read',
    'asks',
    'read',
    'done',
    'given up',
  ]);
});
