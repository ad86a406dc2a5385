import { listBench } from '@haveld/contract/api/bench';
import { listProjects } from '@haveld/contract/api/projects';
import {
  endHouseTrial,
  getHouseTrial,
  listHouseTreatments,
  removeHouseTreatment,
  saveHouseTreatment,
  takeHouseTrial,
  tryHouseTreatment,
  type HouseTrial,
  type StoredHouseTreatment,
  type TrialRow,
} from '@haveld/contract/api/house-treatments';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';
import { createDraft, readDraft } from './rule-draft';

const TIDY: StoredHouseTreatment = {
  id: 't1',
  name: 'Tidy fittings',
  number: 3,
  rules: [
    { do: 'join', where: { name: 'screw*', belowM: 0.02 }, name: 'screws' },
    { do: 'reduce', above: 20_000, to: { by: 'share', share: 0.5 } },
  ],
  personName: 'Maja Lindqvist',
  changedAt: '2026-11-30T09:00:00Z',
  assets: 12,
  older: 4,
  trialId: 'r1',
};

const openList = (treatments: StoredHouseTreatment[]) =>
  renderAt('/bench/treatments', [
    answer(listHouseTreatments, () => treatments),
    answer(listBench, () => []),
    answer(listProjects, () => []),
    answer(saveHouseTreatment, () => ({ id: 't1' })),
    answer(removeHouseTreatment, () => ({})),
    answer(tryHouseTreatment, () => ({ id: 'r2' })),
    answer(getHouseTrial, () => trialOf([])),
  ]);

const row = (change: Partial<TrialRow>): TrialRow => ({
  id: 'a',
  assetId: 'asset-a',
  accession: 'HV-000001',
  name: 'Bollard',
  isCatalogued: false,
  thumbnailSha256: null,
  state: 'planned',
  lines: [{ rule: 0, title: '6 parts joined as “screws”', changed: 'screw_1 to screw_6', trouble: [] }],
  before: { triangles: 1200, parts: 9 },
  after: { triangles: 1200, parts: 4 },
  message: null,
  ...change,
});
const trialOf = (rows: TrialRow[]): HouseTrial => ({
  id: 'r2',
  treatmentId: 't1',
  name: 'Tidy fittings',
  number: 3,
  rules: TIDY.rules,
  personName: 'Maja Lindqvist',
  startedAt: '2026-11-30T09:10:00Z',
  total: rows.length,
  done: rows.filter(({ state }) => state !== 'waiting').length,
  rows,
});

test('a house treatment is read as sentences, with how many have it and how many have an older one', async () => {
  openList([TIDY]);
  const card = within(await screen.findByRole('article', { name: 'Tidy fittings' }));
  expect(card.getAllByRole('listitem').map((item) => item.textContent)).toEqual([
    'join parts called screw* below 20 mm as “screws”',
    'reduce what has more than 20\u202f000 triangles to 50 %',
  ]);
  expect(card.getByText(/12 assets have it/)).toBeTruthy();
  expect(card.getByText(/4 as it was before it changed/)).toBeTruthy();
});

test('it is tried on those that have an older one, and the trial run opens', async () => {
  const { user, sent } = openList([TIDY]);
  await user.click(await screen.findByRole('button', { name: 'Try it: Tidy fittings' }));
  await waitFor(() => expect(sent(tryHouseTreatment)).toEqual([{ on: { kind: 'older' } }]));
  expect(await screen.findByRole('heading', { name: '“Tidy fittings” on trial' })).toBeTruthy();
});

test('a new one is written step by step; what is missing is said at its step', async () => {
  const { user, sent } = openList([]);
  expect(await screen.findByRole('heading', { name: 'No house treatment yet' })).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'New house treatment' }));
  await user.type(screen.getByLabelText('Name'), 'Tidy signs');
  await user.click(screen.getByRole('button', { name: 'Add a step' }));
  const second = within(screen.getByRole('group', { name: 'Step 2' }));
  await user.click(second.getByRole('combobox', { name: 'Step 2' }));
  await user.click(await screen.findByRole('option', { name: 'take out parts' }));
  await user.click(screen.getByRole('button', { name: 'Save' }));
  expect(await second.findByText('Say which parts, or how far.')).toBeTruthy();
  expect(sent(saveHouseTreatment)).toEqual([]);
  await user.type(second.getByLabelText('named, e.g. screw*'), 'tag*');
  await user.type(second.getByLabelText('smaller than, mm'), '12,5');
  await user.click(screen.getByRole('button', { name: 'Step 2: earlier' }));
  await user.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(sent(saveHouseTreatment)).toEqual([
      {
        name: 'Tidy signs',
        rules: [
          { do: 'take-out', where: { name: 'tag*', belowM: 0.0125 } },
          { do: 'mend', what: 'doubled' },
        ],
      },
    ]),
  );
});

test('changed, it says which number was seen', async () => {
  const { user, sent } = openList([TIDY]);
  await user.click(await screen.findByRole('button', { name: 'Change: Tidy fittings' }));
  await user.click(screen.getByRole('button', { name: 'Step 2: leave out' }));
  await user.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(sent(saveHouseTreatment)).toMatchObject([
      { seen: 3, rules: [{ do: 'join', where: TIDY.rules[0].do === 'join' && TIDY.rules[0].where }] },
    ]),
  );
});

test.each(
  TIDY.rules.concat([
    { do: 'answer', finding: 'size' },
    { do: 'smooth', degrees: 35, atMaterials: true },
    { do: 'levels', above: 5000, shares: [0.5, 0.25, 0.125] },
  ]),
)('a rule written down is the same when it is opened again: %j', (rule) => {
  expect(readDraft(createDraft(rule))).toEqual(rule);
});

const openTrial = (rows: TrialRow[]) =>
  renderAt('/bench/trials/r2', [
    answer(getHouseTrial, () => trialOf(rows)),
    answer(takeHouseTrial, () => ({ taken: 1, left: [{ name: 'Bollard', why: 'It has it already.' }] })),
    answer(endHouseTrial, () => ({})),
    answer(listHouseTreatments, () => []),
    answer(listBench, () => []),
    answer(listProjects, () => []),
  ]);
const ROWS = [
  row({}),
  row({ id: 'b', name: 'Plain crate', lines: [], after: { triangles: 1200, parts: 9 } }),
  row({
    id: 'c',
    name: 'Lantern',
    isCatalogued: true,
    lines: [
      {
        rule: 1,
        title: 'Reduced to 50 %',
        changed: '400 to 200 triangles',
        trouble: ['3 open edges more than before'],
      },
    ],
    after: { triangles: 600, parts: 9 },
  }),
  row({ id: 'd', name: 'Broken', state: 'failed', lines: [], before: null, after: null, message: 'It has no end.' }),
];

test('what it would do to each stands in a line, and those that would change are meant at first', async () => {
  openTrial(ROWS);
  expect(await screen.findByText('4 models looked at, 2 would change · nothing is done yet')).toBeTruthy();
  const lines = screen.getAllByRole('row').slice(1);
  // those that would change stand first, what fits nothing last
  expect(within(lines[0]).getByText('9 → 4')).toBeTruthy();
  expect(within(lines[1]).getByText('3 open edges more than before')).toBeTruthy();
  expect(within(lines[2]).getByText('It could not be tried: It has no end.')).toBeTruthy();
  expect(within(lines[3]).getByText('Nothing: none of it fits here.')).toBeTruthy();
  expect(screen.getAllByRole<HTMLInputElement>('checkbox').map(({ checked }) => checked)).toEqual([
    true,
    true,
    true,
    false,
  ]);
  expect(screen.getByText(/1 model of the catalogue would get a new version/)).toBeTruthy();
});

test('it is taken for those that are chosen, by keys too, and what was left is told', async () => {
  const { user, sent } = openTrial(ROWS);
  await user.click(await screen.findByRole('checkbox', { name: 'Take it for Lantern' }));
  await user.keyboard('{Control>}{Enter}{/Control}');
  await waitFor(() => expect(sent(takeHouseTrial)).toEqual([{ rows: ['a'] }]));
  expect(await screen.findByText(/“Bollard”: It has it already/)).toBeTruthy();
});

test('one that changes nothing can be chosen all the same: then it is known to have it', async () => {
  const { user, sent } = openTrial(ROWS);
  await user.click(await screen.findByRole('checkbox', { name: 'Take it for Plain crate' }));
  await user.click(screen.getByRole('button', { name: 'Take it for 3 (Ctrl ↵)' }));
  await waitFor(() => expect(sent(takeHouseTrial)).toEqual([{ rows: ['a', 'b', 'c'] }]));
});

test('while models are looked at a bar says how many, and nothing can be taken of what waits', async () => {
  openTrial([row({}), row({ id: 'w', state: 'waiting', lines: [], before: null, after: null })]);
  expect(await screen.findByText('1 of 2 models looked at')).toBeTruthy();
  expect(screen.getByRole<HTMLProgressElement>('progressbar').value).toBe(1);
  expect(screen.getAllByRole('checkbox')).toHaveLength(2);
});

test('a trial run is ended, and the list is there again', async () => {
  const { user, sent } = openTrial(ROWS);
  await user.click(await screen.findByRole('button', { name: 'End the trial run' }));
  await waitFor(() => expect(sent(endHouseTrial)).toHaveLength(1));
  expect(await screen.findByRole('heading', { name: 'House treatments' })).toBeTruthy();
});
