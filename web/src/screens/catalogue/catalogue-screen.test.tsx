import { CatalogueSchema, listSizes, searchCatalogue, type Catalogue } from '@haveld/contract/api/catalogue';
import {
  getProject,
  handOver,
  judgeForProject,
  listProjects,
  ProjectRowSchema,
  ProjectSchema,
} from '@haveld/contract/api/projects';
import type { VerdictName } from '@haveld/contract/licence';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { layOut } from '../../testing/lay-out';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

const catalogue = exampleOf(CatalogueSchema, {
  cards: [
    {
      id: 'buoy',
      accession: 'HV-00001',
      name: 'Bell buoy',
      category: 'prop',
      state: 'catalogued',
      triangles: 1200,
      heightM: 3.2,
      widthM: 1.8,
      licenceId: 'CC-BY-4.0',
    },
    {
      id: 'crate',
      accession: 'HV-00002',
      name: 'Crate',
      category: 'prop',
      state: 'catalogued',
      triangles: 300,
      heightM: 0.4,
      widthM: 0.5,
      licenceId: 'CC0-1.0',
    },
  ],
  total: 2,
  heldBack: 3,
  facets: {
    category: [{ value: 'prop', count: 2 }],
    use: [{ value: 'commercial', count: 1 }],
    triangles: [{ value: '5000', count: 2 }],
  },
});
const tide = exampleOf(ProjectRowSchema, { id: 'tide', name: 'Tide House', live: true });

function open(
  path: string,
  { now = catalogue, verdict = 'allowed' as VerdictName }: { now?: Catalogue; verdict?: VerdictName } = {},
) {
  return renderAt(path, [
    answer(searchCatalogue, () => now),
    answer(listSizes, () => ({
      steps: [
        { from: null, to: 0.001, count: 0, cards: [] },
        { from: 0.001, to: 1, count: 1, cards: [catalogue.cards[1]] },
        { from: 1, to: 4, count: 1234, cards: [catalogue.cards[0]] },
      ],
      withoutSize: 7,
    })),
    answer(listProjects, () => [tide]),
    answer(judgeForProject, ({ body }) =>
      body.assetIds.map((id) => ({
        card: catalogue.cards.find((card) => card.id === id)!,
        verdict: { verdict, reasons: ['It earns money.'], duties: [] },
        credit: 'by Ines Falkenrot',
      })),
    ),
    answer(handOver, () => exampleOf(ProjectSchema, { ...tide })),
    answer(getProject, () => exampleOf(ProjectSchema, { ...tide })),
  ]);
}

beforeEach(() => layOut({ width: 1200, height: 700 }));

test('the sentence says the question and what fits, and what the licence holds back', async () => {
  open('/catalogue?category=prop&triangles=5000');
  expect((await screen.findByRole('heading', { level: 1 })).textContent).toMatch(
    /^Props that we may use in .*, below 5 k triangles, /,
  );
  expect((await screen.findByText(/2 fit/)).textContent).toBe('2 fit, 3 held back by licence');
});

test('a word of the sentence is another question, kept in the address', async () => {
  const { user, where, askedOf } = open('/catalogue?words=buoy');
  await user.click(await screen.findByRole('button', { name: /^Triangles/ }));
  await user.click(await screen.findByText(/below 20 k triangles/));
  expect(where()).toBe('/catalogue?words=buoy&triangles=20000');
  await user.click(screen.getByRole('button', { name: /“buoy” ✕/ }));
  expect(where()).toBe('/catalogue?triangles=20000');
  await waitFor(() =>
    expect(askedOf(searchCatalogue).at(-1)?.query).toMatchObject({ words: '', triangles: 20000, state: 'catalogued' }),
  );
});

test('an address nobody can ask falls back to the whole catalogue instead of breaking', async () => {
  const { askedOf } = open('/catalogue?triangles=many&state=lost');
  await screen.findByText(/2 fit/);
  expect(askedOf(searchCatalogue)[0].query).toMatchObject({
    triangles: 0,
    state: 'catalogued',
  });
});

test('chosen assets are judged for the project before they are handed over, in the form that was picked', async () => {
  const { user, sent, where } = open('/catalogue?pictures=frame');
  await user.click(await screen.findByRole('checkbox', { name: /Bell buoy/ }));
  await user.click(screen.getByRole('checkbox', { name: /Crate/ }));
  await user.click(screen.getByRole('button', { name: 'Hand over 2' }));
  const dialog = within(await screen.findByRole('dialog'));
  expect(await dialog.findByText('Bell buoy: allowed')).toBeTruthy();
  await user.click(dialog.getByRole('radio', { name: /OBJ and MTL/ }));
  await user.click(dialog.getByLabelText('Maps'));
  const kinds = within(await screen.findByRole('listbox'))
    .getAllByRole('option')
    .map((option) => option.textContent);
  expect(kinds).toEqual(['As they are', 'PNG', 'JPEG']);
  await user.click(screen.getByRole('option', { name: 'PNG' }));
  await user.click(dialog.getByRole('button', { name: 'Hand over' }));
  expect(sent(handOver)).toEqual([{ assetIds: ['buoy', 'crate'], format: 'obj', maps: 'png' }]);
  await waitFor(() => expect(where()).toBe('/projects/tide'));
});

test('one refusal stops the hand-over and says why', async () => {
  const { user, sent } = open('/catalogue?pictures=frame', { verdict: 'not-allowed' });
  await user.click(await screen.findByRole('checkbox', { name: /Crate/ }));
  await user.click(screen.getByRole('button', { name: 'Hand over 1' }));
  const act = await screen.findByRole<HTMLButtonElement>('button', { name: 'Not with this licence' });
  expect(act.disabled).toBe(true);
  expect(screen.getByText('Crate: not allowed')).toBeTruthy();
  expect(sent(handOver)).toEqual([]);
});

test('nothing that fits and nothing at all are told apart, each with a way on', async () => {
  const none = exampleOf(CatalogueSchema, {});
  const { user, where } = open('/catalogue?words=zeppelin', { now: none });
  expect(await screen.findByText('Nothing fits this question')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Ask for everything' }));
  expect(where()).toBe('/catalogue');
  expect(await screen.findByText('The catalogue is empty')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'To the bench' }).getAttribute('href')).toBe('/bench');
});

test('what divides the answer is a click away, and stands in the sentence and the address from then on', async () => {
  const many = exampleOf(CatalogueSchema, {
    ...catalogue,
    total: 40,
    facets: {
      ...catalogue.facets,
      colour: [{ value: 'red', count: 18 }],
      author: [{ value: 'Ines Falkenrot', count: 9 }],
      by: [{ value: 'p1', count: 12, label: 'Maja Lindqvist' }],
    },
    offers: [{ facet: 'colour', value: 'red', count: 18 }],
  });
  const { user, where } = open('/catalogue?pictures=list', { now: many });
  await user.click(await screen.findByRole('button', { name: 'red 18' }));
  expect(where()).toBe('/catalogue?pictures=list&colour=red');
  expect((await screen.findByRole('heading', { level: 1 })).textContent).toMatch(/^Red things that/);
  await user.click(screen.getByRole('button', { name: 'More …' }));
  await user.click(within(await screen.findByRole('dialog')).getByRole('button', { name: /Maja Lindqvist/ }));
  expect(where()).toContain('by=p1');
  expect(screen.getByRole('heading', { level: 1 }).textContent).toContain('added by Maja Lindqvist');
  await user.click(screen.getByRole('button', { name: 'Colour: Red' }));
  await user.click(await screen.findByRole('menuitem', { name: 'any' }));
  expect(where()).not.toContain('colour');
});

test('lines are put in order by their heads, and say why they were found', async () => {
  const found = exampleOf(CatalogueSchema, {
    ...catalogue,
    cards: [
      {
        ...catalogue.cards[0],
        reasons: [{ asked: 'float', found: 'buoy', likeness: 'same-meaning', field: 'name' }],
      },
    ],
    total: 1,
  });
  const { user, where, askedOf } = open('/catalogue?pictures=list&words=float', { now: found });
  expect(await screen.findByText('“buoy” in its name means “float”')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Triangles' }));
  expect(where()).toContain('order=triangles');
  await waitFor(() => expect(askedOf(searchCatalogue).at(-1)?.query).toMatchObject({ order: 'triangles' }));
});

test('by size a step shows what is in it, and narrows the question to itself', async () => {
  const { user, where } = open('/catalogue?pictures=sizes');
  expect(await screen.findByText(/7 without a real size/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: /^1234 things 1\.00 m to 4\.00 m/ }));
  expect(where()).toBe('/catalogue?from=1&to=4');
});

test('of more than a page only what is in view is asked for, wherever one is', async () => {
  const many = exampleOf(CatalogueSchema, { ...catalogue, total: 60_000 });
  const { askedOf } = open('/catalogue?pictures=list', { now: many });
  await screen.findAllByText('Bell buoy');
  const pages = askedOf(searchCatalogue).map(({ query }) => query.offset ?? 0);
  expect(pages.length).toBeLessThan(5);
  expect(await screen.findByText(/60,000 fit/)).toBeTruthy();
});
