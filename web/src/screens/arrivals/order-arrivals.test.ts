import { ArrivalSchema, type Arrival } from '@haveld/contract/api/arrivals';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { orderArrivals } from './order-arrivals';

const arrival = (id: string, more: Partly<Arrival> = {}): Arrival =>
  exampleOf(ArrivalSchema, { id, state: 'ready', joins: null, ...more } as Partly<Arrival>);
const counts = (more: Partial<Arrival['counts']> = {}): Partly<Arrival> => ({
  counts: { finds: 1, alone: 1, ready: 0, decisions: 0, taken: 0, ...more },
});

test('the newest stands first, whether it is still read, asks, failed or came to nothing; what is done stands behind', () => {
  const order = orderArrivals([
    arrival('newest, without a model', counts({ finds: 0, alone: 0 })),
    arrival('done', counts({ taken: 1 })),
    arrival('damaged', { state: 'failed', ...counts({ finds: 0 }) }),
    arrival('given up', { state: 'cancelled', ...counts({ ready: 1 }) }),
    arrival('being read', { state: 'reading', ...counts() }),
    arrival('asks', counts({ decisions: 1 })),
    arrival('read', counts({ ready: 1 })),
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
