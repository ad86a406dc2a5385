import { listProjects, ProjectRowSchema } from '@haveld/contract/api/projects';
import {
  acceptSourceTerms,
  changeFetching,
  FetchingSchema,
  getSource,
  listFetchings,
  listSources,
  lookAtAddress,
  searchSources,
  setSourceToken,
  SourcePageSchema,
  SourceRowSchema,
  SourceSchema,
  takeEdition,
  type Fetching,
  type SourceRow,
} from '@haveld/contract/api/sources';
import { DomainError } from '@haveld/contract/error';
import { EditionSchema } from '@haveld/contract/source';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../testing/render-at';

const EDITIONS = [
  exampleOf(EditionSchema, {
    id: 'glb',
    name: 'crate_512.glb',
    format: 'glb',
    mapSide: 512,
    sizeBytes: 1_400_000,
    sha256: null,
    carries: ['maps'],
  }),
  exampleOf(EditionSchema, {
    id: 'obj',
    name: 'crate_obj.zip',
    format: 'obj',
    mapSide: null,
    sizeBytes: null,
    sha256: null,
    carries: [],
  }),
];
const row = (given: Partial<SourceRow>): SourceRow =>
  exampleOf(SourceRowSchema, {
    kind: 'quayside',
    sourceName: 'Quayside Models',
    pageAddress: 'https://quayside-models.example/models/fish-crate',
    title: 'Fish crate',
    author: 'Ines Falkenrot',
    licence: { words: 'CC0 1.0', address: '', id: 'CC0-1.0' },
    price: { amount: 0, currency: '' },
    previewAddress: '',
    editions: EDITIONS,
    best: 'glb',
    bestReason: 'GLB: its maps inside, maps of 512',
    verdict: 'allowed',
    verdictReason: '',
    here: null,
    ...given,
  });
const coming = (given: Partial<Fetching>): Fetching =>
  exampleOf(FetchingSchema, {
    id: 'f1',
    kind: 'quayside',
    sourceName: 'Quayside Models',
    title: 'Fish crate',
    pageAddress: 'https://quayside-models.example/models/fish-crate',
    edition: 'crate_512.glb',
    state: 'fetching',
    doneBytes: 700_000,
    totalBytes: 1_400_000,
    trouble: null,
    arrivalId: null,
    ...given,
  });
const SOURCES = [
  exampleOf(SourceSchema, { kind: 'quayside', name: 'Quayside Models' }),
  exampleOf(SourceSchema, { kind: 'saltmarsh', name: 'Saltmarsh Library' }),
];
const FOUND = {
  rows: [
    row({}),
    row({ pageAddress: 'https://quayside-models.example/models/buoy', title: 'Buoy', verdict: 'not-allowed' }),
  ],
  asked: [{ kind: 'quayside', name: 'Quayside Models', total: 8 }],
  silent: [],
  next: null,
};
const usual = (...more: Answer[]): Answer[] => [
  ...more,
  answer(searchSources, () => FOUND),
  answer(listSources, () => SOURCES),
  answer(listFetchings, () => []),
  answer(listProjects, () => [exampleOf(ProjectRowSchema, { id: 'p1', name: 'Tour', live: true })]),
];

test('each model says whose it is, under what, for how much, and what it weighs', async () => {
  renderAt('/arrivals/sources', usual());
  const line = await screen.findByRole('region', { name: 'Fish crate' });
  for (const words of [/Ines Falkenrot/, /Quayside Models/, /CC0-1\.0/, /^free$/, /1\.4 MB/])
    expect(within(line).getByText(words)).toBeTruthy();
  expect(within(line).getByText('allowed')).toBeTruthy();
  expect(within(screen.getByRole('region', { name: 'Buoy' })).getByText('not allowed')).toBeTruthy();
});

test('words are asked when Enter is pressed and stand in the address; the sentence asks further', async () => {
  const { user, where, askedOf } = renderAt('/arrivals/sources', usual());
  await user.type(await screen.findByRole('textbox', { name: /Words/ }), 'crate{Enter}');
  await waitFor(() => expect(where()).toBe('/arrivals/sources?words=crate'));
  await user.click(screen.getByRole('button', { name: 'Project: any project' }));
  await user.click(await screen.findByRole('menuitem', { name: /Tour/ }));
  await user.click(await screen.findByRole('button', { name: 'Verdict: whatever it may use' }));
  await user.click(await screen.findByRole('menuitem', { name: /what it may use/ }));
  await user.click(screen.getByRole('button', { name: 'Licence: any licence' }));
  await user.click(await screen.findByRole('menuitem', { name: /CC0-1.0/ }));
  await waitFor(() =>
    expect(askedOf(searchSources).at(-1)?.query).toMatchObject({
      words: 'crate',
      project: 'p1',
      allowed: 'yes',
      licence: 'CC0-1.0',
    }),
  );
});

test('a source that is silent says why and what to do, and the others are shown', async () => {
  const silent = {
    kind: 'saltmarsh',
    name: 'Saltmarsh Library',
    trouble: { kind: 'sign-in' as const, message: 'It answers nobody.', retryAt: null },
  };
  renderAt('/arrivals/sources', usual(answer(searchSources, () => ({ ...FOUND, silent: [silent] }))));
  const said = await screen.findByRole('status', { name: 'Sources' });
  await waitFor(() => expect(said.textContent).toContain('It answers nobody. Enter a token of this source.'));
  expect(said.textContent).toContain('2 models shown of 8');
  expect(within(said).getByRole('link', { name: 'Saltmarsh Library' }).getAttribute('href')).toBe(
    '/arrivals/sources/saltmarsh',
  );
});

test('by keyboard: the next one, its editions, and the one Haveld would take', async () => {
  const { user, sent } = renderAt('/arrivals/sources', usual(answer(takeEdition, () => ({ id: 'f1' }))));
  const line = await screen.findByRole('region', { name: 'Fish crate' });
  // out of the field
  await user.click(line);
  (document.activeElement as HTMLElement | null)?.blur();
  await user.keyboard('j');
  await user.keyboard('k');
  await user.keyboard('e');
  const table = await within(line).findByRole('table');
  expect(within(table).getByText(/Haveld would take this: GLB/)).toBeTruthy();
  expect(within(table).getAllByText('not said').length).toBeGreaterThan(1);
  await user.keyboard('t');
  await waitFor(() =>
    expect(sent(takeEdition)).toEqual([{ pageAddress: FOUND.rows[0].pageAddress, editionId: 'glb' }]),
  );
});

test('another edition is taken by its own button', async () => {
  const { user, sent } = renderAt('/arrivals/sources', usual(answer(takeEdition, () => ({ id: 'f1' }))));
  await user.click(await screen.findByRole('button', { name: 'Fish crate' }));
  const [, second] = await screen.findAllByRole('button', { name: 'Take this one' });
  await user.click(second);
  await waitFor(() =>
    expect(sent(takeEdition)).toEqual([{ pageAddress: FOUND.rows[0].pageAddress, editionId: 'obj' }]),
  );
});

test('an address is looked at instead of searched; a refusal stands in its own words', async () => {
  const address = 'https://elsewhere.example/a';
  const { askedOf } = renderAt(
    `/arrivals/sources?words=${encodeURIComponent(address)}`,
    usual(
      answer(lookAtAddress, () => {
        throw new DomainError('not-allowed', 'The host elsewhere.example is not on the list.');
      }),
    ),
  );
  expect((await screen.findByRole('alert')).textContent).toContain('The host elsewhere.example is not on the list.');
  expect(askedOf(searchSources)).toEqual([]);
});

test('a page that leads to no file says what to do by hand', async () => {
  const { user } = renderAt(
    '/arrivals/sources?words=https%3A%2F%2Fa.example%2Fx',
    usual(
      answer(lookAtAddress, () =>
        row({ editions: [], best: null, licence: { words: '', address: '', id: '' }, verdict: null }),
      ),
    ),
  );
  await user.click(await screen.findByRole('button', { name: 'Fish crate' }));
  expect(await screen.findByText(/leads to no file of a model/)).toBeTruthy();
  expect(screen.getByText('no licence named')).toBeTruthy();
});

test('nothing found says so', async () => {
  renderAt('/arrivals/sources?words=zeppelin', usual(answer(searchSources, () => ({ ...FOUND, rows: [] }))));
  expect(await screen.findByText('No source has such a thing')).toBeTruthy();
});

describe('what comes in', () => {
  test('has its bar, can be paused and ended', async () => {
    const { user, sent } = renderAt(
      '/arrivals/sources',
      usual(
        answer(listFetchings, () => [coming({})]),
        answer(changeFetching, () => ({})),
      ),
    );
    const aside = await screen.findByRole('complementary', { name: 'Downloads' });
    expect((await within(aside).findByRole('progressbar')).getAttribute('aria-valuenow')).toBe('50');
    expect(aside.textContent).toContain('700 kB of 1.4 MB · comes in');
    await user.click(within(aside).getByRole('button', { name: 'Pause' }));
    await user.click(within(aside).getByRole('button', { name: 'End' }));
    await waitFor(() => expect(sent(changeFetching)).toEqual([{ do: 'pause' }, { do: 'end' }]));
    // and its line says that it comes
    expect(
      within(screen.getByRole('region', { name: 'Fish crate' }))
        .getByRole('button', { name: 'downloading' })
        .hasAttribute('disabled'),
    ).toBe(true);
  });

  test('what went wrong says what comes next: by itself, or by somebody', async () => {
    const busy = {
      kind: 'busy' as const,
      message: 'It asks to come again later.',
      retryAt: '2026-11-30T23:10:00.000Z',
    };
    const terms = { kind: 'terms' as const, message: 'Its terms come first.', retryAt: null };
    const { user, sent } = renderAt(
      '/arrivals/sources',
      usual(
        answer(listFetchings, () => [
          coming({ id: 'a', state: 'waiting', trouble: busy }),
          coming({ id: 'b', kind: 'tidewrack', title: 'Tide gauge', state: 'trouble', trouble: terms }),
          coming({ id: 'c', title: 'Old one', state: 'arrived', arrivalId: 'c' }),
        ]),
        answer(changeFetching, () => ({})),
      ),
    );
    const aside = await screen.findByRole('complementary', { name: 'Downloads' });
    expect((await within(aside).findByText(/It asks to come again later/)).textContent).toMatch(
      /goes on by itself.*Tried again 30 Nov|1 Dec/,
    );
    expect(within(aside).getByRole('link', { name: 'Read its terms and accept them.' }).getAttribute('href')).toBe(
      '/arrivals/sources/tidewrack',
    );
    await user.click(within(aside).getByRole('button', { name: 'Put first' }));
    await waitFor(() => expect(sent(changeFetching)).toEqual([{ do: 'first' }]));
    expect(within(aside).getByRole('link', { name: 'Old one' }).getAttribute('href')).toBe('/arrivals/c');
  });
});

describe('one source', () => {
  const page = (given: object) =>
    answer(getSource, () =>
      exampleOf(SourcePageSchema, {
        kind: 'tidewrack',
        name: 'Tidewrack Exchange',
        ability: { searches: true, token: 'for-taking', hasTerms: true, hasAllowance: true },
        hasToken: false,
        trouble: null,
        allowance: null,
        terms: {
          text: 'You may take six models a day.',
          sha256: 'a'.repeat(64),
          isAccepted: false,
          acceptedBy: null,
          acceptedAt: null,
        },
        ...given,
      }),
    );

  test('its terms are read here and accepted for the house; a token is typed and never shown', async () => {
    const { user, sent } = renderAt('/arrivals/sources/tidewrack', [
      page({}),
      answer(acceptSourceTerms, () => ({})),
      answer(setSourceToken, () => ({})),
    ]);
    expect(await screen.findByText('You may take six models a day.')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Accept these terms for the house' }));
    await waitFor(() => expect(sent(acceptSourceTerms)).toEqual([{ sha256: 'a'.repeat(64) }]));
    const field = screen.getByLabelText('Token from your account there');
    expect(field.getAttribute('type')).toBe('password');
    await user.type(field, 'gull{Enter}');
    await waitFor(() => expect(sent(setSourceToken)).toEqual([{ token: 'gull' }]));
    expect((field as HTMLInputElement).value).toBe('');
  });

  test('what is left of the day, and terms that changed since', async () => {
    renderAt('/arrivals/sources/tidewrack', [
      page({
        hasToken: true,
        tokenBy: 'Maja Lindqvist',
        tokenAt: '2026-11-01T10:00:00.000Z',
        allowance: { left: 2, of: 6, backAt: '2026-12-01T00:00:00.000Z' },
        terms: {
          text: 'New terms',
          sha256: 'b'.repeat(64),
          isAccepted: false,
          acceptedBy: 'Oskar Behn',
          acceptedAt: '2026-10-01T10:00:00.000Z',
        },
      }),
    ]);
    expect(await screen.findByText(/2 of 6 left; all of it is back/)).toBeTruthy();
    expect(screen.getByText(/They have changed since Oskar Behn accepted them/)).toBeTruthy();
    expect(screen.getByText(/Maja Lindqvist entered one/)).toBeTruthy();
  });

  test('one that asks for nothing says so', async () => {
    renderAt('/arrivals/sources/quayside', [
      page({
        name: 'Quayside Models',
        ability: { searches: true, token: 'none', hasTerms: false, hasAllowance: false },
        terms: null,
      }),
    ]);
    expect(await screen.findByText(/asks for no terms of its own/)).toBeTruthy();
    expect(screen.getByText('It asks for no sign-in.')).toBeTruthy();
    expect(screen.getByText('You may take as much as you want.')).toBeTruthy();
  });
});

test('where no site is set up it says what to paste, and asks none', async () => {
  const { askedOf } = renderAt('/arrivals/sources', usual(answer(listSources, () => [])));
  expect(await screen.findByText('No site to search')).toBeTruthy();
  expect(screen.queryByText('No source has such a thing')).toBeNull();
  expect(askedOf(searchSources).length).toBeLessThan(2);
});
