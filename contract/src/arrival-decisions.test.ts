import { isReady, standsAlone, wantsDecision, type FindStand } from './arrival-decisions';

const read: FindStand = { state: 'read', asset: null, question: null, duplicates: 0, kitId: null };
const question = { text: 'Which edition?', choices: [] };

test.each<[string, Partial<FindStand>, [ready: boolean, decides: boolean]]>([
  ['read, nothing asked', {}, [true, false]],
  ['still waiting', { state: 'waiting' }, [false, false]],
  ['a question', { question }, [false, true]],
  ['may be here already', { duplicates: 1 }, [false, true]],
  ['could not be read', { state: 'failed' }, [false, true]],
  ['on the bench, its question answered by that', { asset: {}, question }, [false, false]],
  ['set aside', { state: 'set-aside', duplicates: 2 }, [false, false]],
  ['a piece of a kit', { kitId: 'k' }, [false, false]],
])('%s', (_, more, [ready, decides]) => {
  const find = { ...read, ...more };
  expect([isReady(find), wantsDecision(find)]).toEqual([ready, decides]);
});

test('a piece of a kit has a card of its own only where it asks something', () => {
  expect(standsAlone(read)).toBe(true);
  expect(standsAlone({ ...read, kitId: 'k' })).toBe(false);
  expect(standsAlone({ ...read, kitId: 'k', duplicates: 1 })).toBe(true);
});
