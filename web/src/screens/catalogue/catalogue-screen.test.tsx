import { CatalogueSchema, searchCatalogue, type Catalogue } from '@haveld/contract/api/catalogue';
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
