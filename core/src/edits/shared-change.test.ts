import fc from 'fast-check';
import { MOST_TAGS } from '@haveld/contract/tag';
import { planShared, planUndo, withChanges, type GivenAlike, type SharedFields } from './shared-change';

const ASSET: SharedFields = {
  id: 'a',
  category: 'seating',
  tags: ['oak', 'quay'],
  author: 'Ines Falkenrot',
  authorUnknown: false,
  licenceId: 'CC-BY-4.0',
};
const given = (change: Partial<GivenAlike>): GivenAlike => ({ addTags: [], removeTags: [], ...change });
const after = (asset: SharedFields, change: Partial<GivenAlike>): SharedFields =>
  withChanges(asset, planShared(asset, given(change)).changes);

test('what is given is written, what is left out and what is so already stays', () => {
  expect(planShared(ASSET, given({ category: 'seating', addTags: ['oak'], author: 'Ines Falkenrot' })).changes).toEqual(
    [],
  );
  expect(after(ASSET, { category: 'table', addTags: ['harbour', 'oak'], removeTags: ['quay', 'rope'] })).toEqual({
    ...ASSET,
    category: 'table',
    tags: ['oak', 'harbour'],
  });
});

test('a tag that is added and removed at once is added', () => {
  expect(after(ASSET, { addTags: ['oak'], removeTags: ['oak'] }).tags).toEqual(['oak', 'quay']);
});

test('an author that is given is known from then on, and unknown again where that is undone', () => {
  const unknown = { ...ASSET, author: '', authorUnknown: true };
  const { changes } = planShared(unknown, given({ author: 'Tor Vestermoor' }));
  const now = withChanges(unknown, changes);
  expect(now).toEqual({ ...ASSET, author: 'Tor Vestermoor' });
  expect(withChanges(now, planUndo(now, changes).changes)).toEqual(unknown);
});

test('an asset full of tags gets no more, and says so; the rest is changed', () => {
  const full = { ...ASSET, tags: Array.from({ length: MOST_TAGS }, (_, i) => `tag ${i}`) };
  const { changes, left } = planShared(full, given({ category: 'table', addTags: ['harbour'] }));
  expect(changes).toEqual([{ assetId: 'a', field: 'category', before: 'seating', after: 'table' }]);
  expect(left).toEqual(['It has 30 tags: no more can be added.']);
});

test('what somebody changed since stays when it is undone, and is told', () => {
  const { changes } = planShared(ASSET, given({ category: 'table', licenceId: 'CC0-1.0', addTags: ['harbour'] }));
  const since = { ...withChanges(ASSET, changes), category: 'bed', tags: ['oak', 'quay'] };
  const back = planUndo(since, changes);
  expect(withChanges(since, back.changes)).toEqual({ ...ASSET, category: 'bed' });
  expect(back.left).toEqual(['Its category was changed since.']);
});

test('whatever is given, undoing it leaves each asset as it was', () => {
  const word = fc.constantFrom('oak', 'quay', 'rope', 'brass', 'deck');
  const tags = fc.uniqueArray(word);
  const asset = fc.record({
    id: fc.constant('a'),
    category: fc.constantFrom(null, 'seating', 'table'),
    tags,
    author: fc.constantFrom('', 'Ines Falkenrot'),
    authorUnknown: fc.boolean(),
    licenceId: fc.constantFrom('CC0-1.0', 'MIT'),
  });
  const change = fc.record(
    {
      category: fc.constantFrom('seating', 'bed'),
      author: fc.constantFrom('Ines Falkenrot', 'Tor Vestermoor'),
      licenceId: fc.constantFrom('CC0-1.0', 'CC-BY-4.0'),
      addTags: tags,
      removeTags: tags,
    },
    { requiredKeys: ['addTags', 'removeTags'] },
  );
  const plain = (one: SharedFields) => ({ ...one, tags: [...one.tags].sort() });
  fc.assert(
    fc.property(asset, change, (before, wanted) => {
      const { changes } = planShared(before, wanted);
      const now = withChanges(before, changes);
      expect(plain(withChanges(now, planUndo(now, changes).changes))).toEqual(plain(before));
    }),
  );
});
