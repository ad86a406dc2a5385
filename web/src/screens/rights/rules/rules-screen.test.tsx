import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import { listLicences } from '@haveld/contract/api/rights';
import { HOUSE_RULE_FACTS, HOUSE_RULES, HouseRulesSchema } from '@haveld/contract/house-rules';
import { DomainError } from '@haveld/contract/error';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { answer, renderAt, screen, waitFor } from '../../../testing/render-at';

const open = (rules = HOUSE_RULES) =>
  renderAt('/rights/rules', [
    answer(getHouseRules, () => rules),
    answer(listLicences, () => [{ terms: BUILT_IN_BOOK.getTerms('CC-BY-4.0'), own: false, count: 3 }]),
    answer(saveHouseRules, ({ body }) => body),
  ]);

test('every rule stands on the page with what changes when it does', async () => {
  open();
  await screen.findByRole('button', { name: 'Save the rules' });
  const page = document.body.textContent!;
  for (const { label, effect } of Object.values(HOUSE_RULE_FACTS)) {
    expect(page).toContain(label);
    expect(page).toContain(effect);
  }
});

test('nothing is kept before something has changed; then the whole of it is, as it stands', async () => {
  const { user, sent } = open();
  const keep = await screen.findByRole<HTMLButtonElement>('button', { name: 'Save the rules' });
  expect(keep.disabled).toBe(true);
  const sure = screen.getByLabelText('per cent');
  await user.clear(sure);
  await user.type(sure, '95');
  const days = screen.getByLabelText('days');
  await user.clear(days);
  await user.type(days, '7');
  await user.click(keep);
  await waitFor(() =>
    expect(sent(saveHouseRules)).toMatchObject([{ ...HOUSE_RULES, sureFrom: 0.95, keepDoneWork: 7 }]),
  );
});

test('a licence is taken otherwise than it ships, which is said beside it; as it ships it is no rule any more', async () => {
  const { user, sent } = open();
  const standing = () => screen.findByRole('combobox', { name: /The house and Creative Commons Attribution 4.0/ });
  await user.click(await standing());
  await user.click(await screen.findByRole('option', { name: 'never for commercial projects' }));
  expect(await screen.findByText('as shipped: taken')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Save the rules' }));
  await waitFor(() => expect(sent(saveHouseRules)[0].standings).toEqual({ 'CC-BY-4.0': 'never' }));
  await user.click(await standing());
  await user.click(await screen.findByRole('option', { name: 'taken' }));
  expect(screen.queryByText('as shipped: taken')).toBeNull();
});

test('what is usual for a source is kept where it names one', async () => {
  const rules = HouseRulesSchema.parse({
    sourceDefaults: [{ source: 'quayside-models.example', licenceId: 'CC0-1.0' }],
  });
  const { user, sent } = open(rules);
  const source = await screen.findByLabelText('Source');
  expect((source as HTMLInputElement).value).toBe('quayside-models.example');
  await user.clear(source);
  await user.click(screen.getByRole('checkbox', { name: HOUSE_RULE_FACTS.secondPerson.label }));
  await user.click(screen.getByRole('button', { name: 'Save the rules' }));
  await waitFor(() => expect(sent(saveHouseRules)[0]).toMatchObject({ sourceDefaults: [], secondPerson: true }));
});

test('what somebody else changes meanwhile is told, and what was typed stays; said again it is kept beside theirs', async () => {
  let stored = HOUSE_RULES;
  const { user, sent } = renderAt('/rights/rules', [
    answer(getHouseRules, () => stored),
    answer(listLicences, () => []),
    answer(saveHouseRules, ({ body }) => {
      if (body.seen?.houseName !== stored.houseName)
        throw new DomainError('out-of-step', 'Oskar Behn changed “The house’s name” meanwhile.');
      return body;
    }),
  ]);
  const name = await screen.findByLabelText(HOUSE_RULE_FACTS.houseName.label);
  await user.type(name, 'Our quay');
  stored = { ...HOUSE_RULES, houseName: 'Their quay', secondPerson: true };
  await user.click(screen.getByRole('button', { name: 'Save the rules' }));
  expect(await screen.findByText('Oskar Behn changed “The house’s name” meanwhile.')).toBeTruthy();
  expect(await screen.findByText('Somebody changed the rules meanwhile.')).toBeTruthy();
  expect((name as HTMLInputElement).value).toBe('Our quay');
  await user.click(screen.getByRole('button', { name: 'Save the rules' }));
  await waitFor(() => expect(sent(saveHouseRules)).toHaveLength(2));
  expect(sent(saveHouseRules)[1]).toMatchObject({ houseName: 'Our quay', secondPerson: true, seen: stored });
});

test('changes can be dropped for what stands', async () => {
  const { user } = open();
  const name = await screen.findByLabelText<HTMLInputElement>(HOUSE_RULE_FACTS.houseName.label);
  await user.type(name, 'Our quay');
  await user.click(screen.getByRole('button', { name: 'Discard my changes' }));
  expect(name.value).toBe('');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save the rules' }).disabled).toBe(true);
});

test('a category is renamed, moved, given a budget and words of its own, and saved with the rest', async () => {
  const { user, sent } = open();
  await user.click(await screen.findByRole('button', { name: /^lamps/ }));
  const name = screen.getByLabelText('Name');
  await user.clear(name);
  await user.type(name, 'lights');
  await user.type(screen.getByLabelText('What belongs here, separated by commas'), ', lampion');
  const budget = screen.getByLabelText('Triangles an asset may have');
  await user.clear(budget);
  await user.type(budget, '7000');
  await user.click(screen.getByLabelText('Belongs to'));
  await user.click(await screen.findByRole('option', { name: 'props' }));
  await user.click(screen.getByRole('button', { name: 'Save the rules' }));
  await waitFor(() => expect(sent(saveHouseRules)).toHaveLength(1));
  const { categories, triangles } = sent(saveHouseRules)[0];
  expect(categories!.find(({ id }) => id === 'lighting')).toEqual({
    id: 'lighting',
    name: 'lights',
    under: 'prop',
    words: ['source_of_illumination', 'lamp2', 'lighting_fixture', 'lampion'],
  });
  expect(triangles!.lighting).toBe(7000);
});

test('a category is added below the one that is open; what stood below a removed one moves up', async () => {
  const { user, sent } = open();
  await user.click(await screen.findByRole('button', { name: /^plants/ }));
  await user.click(screen.getByRole('button', { name: 'Add a category below “plants”' }));
  const name = screen.getByLabelText('Name');
  await user.clear(name);
  await user.type(name, 'reeds');
  await user.click(screen.getByRole('button', { name: /^plants/ }));
  await user.click(screen.getByRole('button', { name: 'Remove “plants”' }));
  await user.click(screen.getByRole('button', { name: 'Save the rules' }));
  await waitFor(() => expect(sent(saveHouseRules)).toHaveLength(1));
  const { categories } = sent(saveHouseRules)[0];
  expect(categories!.some(({ id }) => id === 'foliage')).toBe(false);
  expect(categories!.filter(({ name: one }) => ['trees', 'reeds'].includes(one)).map(({ under }) => under)).toEqual([
    null,
    null,
  ]);
});

test('a tree that cannot be is not saved, and says why', async () => {
  const { user } = open();
  await user.click(await screen.findByRole('button', { name: /^trees/ }));
  const name = screen.getByLabelText('Name');
  await user.clear(name);
  await user.type(name, 'flowers');
  expect(screen.getByRole('alert').textContent).toBe('Two categories beside one another have the same name.');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save the rules' }).disabled).toBe(true);
});
