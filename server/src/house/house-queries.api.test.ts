import { HOUSE_RULES, HouseRulesSchema } from '@haveld/contract/house-rules';
import { BUILT_IN_BOOK, standingOf } from '@haveld/core/rights/licence-book';
import { run } from '../database/statements';
import { getSetting, setSetting } from '../database/setting-queries';
import { getPerson } from '../testing/fill-arrival';
import { useLibrary } from '../testing/use-library';
import { loadBook } from './book';
import { listOwnLicences } from './licence-queries';
import { loadRules, storeRules } from './rule-queries';

const given = useLibrary({ worker: false });
const db = () => given.library.pool;
const writeLicence = async (id: string, terms: object, text = ''): Promise<unknown> =>
  run(db(), 'REPLACE INTO licence (id, terms, text, person_id) VALUES (?, ?, ?, ?)', [
    id,
    JSON.stringify(terms),
    text,
    await getPerson(db()),
  ]);
afterEach(async () => {
  await run(db(), "DELETE FROM house_rule WHERE name = 'rules'");
  await run(db(), "DELETE FROM licence WHERE id LIKE 'LicenseRef-lamp%' OR id = 'CC-BY-4.0'");
});

test('a new house has the rules Haveld comes with', async () => {
  expect(await loadRules(db())).toEqual(HOUSE_RULES);
});

test('rules are kept as one, and the last that were kept stand', async () => {
  const person = await getPerson(db());
  await storeRules(db(), { ...HOUSE_RULES, secondPerson: true }, person);
  await storeRules(db(), { ...HOUSE_RULES, evidenceRequired: true }, person);
  expect(await loadRules(db())).toMatchObject({ secondPerson: false, evidenceRequired: true });
});

test('rules kept before a rule was there get it as it usually is', async () => {
  const person = await getPerson(db());
  await run(db(), "REPLACE INTO house_rule (name, value, person_id) VALUES ('rules', ?, ?)", [
    JSON.stringify({ secondPerson: true }),
    person,
  ]);
  expect(await loadRules(db())).toEqual(HouseRulesSchema.parse({ secondPerson: true }));
});

test('the book of the house holds what is built in, what it wrote down itself, and how it takes each', async () => {
  const terms = {
    ...BUILT_IN_BOOK.getTerms('CC-BY-4.0'),
    id: 'LicenseRef-lampworks',
    name: 'Lampworks terms',
    short: 'Lampworks',
  };
  await writeLicence(terms.id, terms, 'You may.');
  await storeRules(db(), { ...HOUSE_RULES, standings: { 'CC-BY-4.0': 'closed' } }, await getPerson(db()));
  const { book, own } = await loadBook(db());
  expect(own).toEqual([{ terms: expect.objectContaining({ id: terms.id }), text: 'You may.' }]);
  expect(book.getTerms(terms.id).name).toBe('Lampworks terms');
  expect(standingOf(book, 'CC-BY-4.0')).toBe('closed');
  expect(standingOf(book, 'CC0-1.0')).toBe(standingOf(BUILT_IN_BOOK, 'CC0-1.0'));
});

test('a sheet of the house takes the place of a built-in one', async () => {
  await writeLicence('CC-BY-4.0', { ...BUILT_IN_BOOK.getTerms('CC-BY-4.0'), name: 'As our lawyer reads it' });
  const { book } = await loadBook(db());
  expect(book.getTerms('CC-BY-4.0').name).toBe('As our lawyer reads it');
  expect(await listOwnLicences(db())).toHaveLength(1);
});

test('a setting is kept by its name, and is nothing before it was', async () => {
  expect(await getSetting(db(), 'never-set')).toBeNull();
  await setSetting(db(), 'shade', 'dark');
  await setSetting(db(), 'shade', 'light');
  expect(await getSetting(db(), 'shade')).toBe('light');
});
