import {
  answerFindQuestion,
  ArrivalSchema,
  cancelArrival,
  createArrival,
  getArrival,
  giveArrivalPassword,
  joinArrivals,
  listArrivals,
  setFindAside,
  takeToBench,
  type Arrival,
  type Find,
} from '@haveld/contract/api/arrivals';
import { isReady, standsAlone, wantsDecision } from '@haveld/contract/arrival-decisions';
import { getSheet } from '@haveld/contract/api/bench';
import { getLineUp, lineUp } from '@haveld/contract/api/line-up';
import { getMe, PersonSchema } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { layOut } from '../../testing/lay-out';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../testing/render-at';

const DAY = '2026-11-02T10:00:00.000Z';
const arrival = (more: Partly<Arrival>): Arrival => {
  const made = exampleOf(ArrivalSchema, {
    id: 'a1',
    name: 'harbour.zip',
    state: 'ready',
    createdAt: DAY,
    packedBytes: 1_000_000,
    unpackedBytes: 4_000_000,
    keptBytes: 3_000_000,
    fileCount: 1,
    ...more,
  } as Partly<Arrival>);
  if (more.counts) return made;
  const count = (is: (find: Find) => unknown): number => made.finds.filter(is).length;
  const counts = { ready: count(isReady), decisions: count(wantsDecision), taken: count(({ asset }) => asset) };
  return { ...made, counts: { finds: made.finds.length, alone: count(standsAlone), ...counts } };
};
const ready = {
  state: 'read' as const,
  licenceId: 'CC-BY-4.0',
  author: 'Ines Falkenrot',
  mapsFound: 2,
  mapsTotal: 2,
  triangles: 1200,
};

const open = (arrivals: Arrival[], more: Answer[] = []) =>
  renderAt('/arrivals', [answer(listArrivals, () => arrivals), ...more]);
const find = (name: string) => screen.findByRole('article', { name });

beforeEach(() => layOut({ width: 1200, height: 900 }));

test('a find says what it is, whose it is, and whether its maps came', async () => {
  open([
    arrival({
      finds: [
        { id: 'f1', name: 'Bell buoy', ...ready, mapsFound: 1, mapsOffered: 1, reason: 'one model with its maps' },
      ],
    }),
  ]);
  const card = await find('Bell buoy');
  expect(card.textContent).toContain('CC BY 4.0, Ines Falkenrot');
  expect(card.textContent).toContain('1 of 2 maps, 1 fit by name');
  expect(card.textContent).toContain('one model with its maps');
  expect(screen.getByText(/1 arrival, 1 file/).textContent).toBe('1 arrival, 1 file, 3.0 MB kept');
});

test('two licences that are named are both said; none is said as well', async () => {
  open([
    arrival({
      finds: [
        { id: 'f1', name: 'Two', ...ready, licenceId: 'LicenseRef-unknown', licencesNamed: ['CC-BY-4.0', 'CC0-1.0'] },
        { id: 'f2', name: 'None', ...ready, licenceId: 'LicenseRef-unknown' },
      ],
    }),
  ]);
  expect((await find('Two')).textContent).toContain('2 licences named: CC BY 4.0, CC0 1.0');
  expect((await find('None')).textContent).toContain('no licence found');
});

test('what arrived is lined up in one action: what is read, and what is still on its way', async () => {
  const { user, sent, where } = open(
    [
      arrival({
        id: 'read',
        finds: [
          { id: 'f1', name: 'Bell buoy', ...ready },
          { id: 'f4', name: 'Double', ...ready, duplicates: 1 },
        ],
      }),
      arrival({ id: 'coming', name: 'coming.zip', state: 'reading', finds: [] }),
      arrival({ id: 'asked', name: 'asked.zip', finds: [{ id: 'f5', name: 'Twice', ...ready, duplicates: 2 }] }),
    ],
    [answer(lineUp, () => ({})), answer(getLineUp, () => ({ cards: [], reading: 1, heldBack: [] }))],
  );
  await user.click(await screen.findByRole('button', { name: 'Line up 1 model' }));
  // what asks something is answered there
  expect(sent(lineUp)).toEqual([{ arrivalIds: ['read', 'coming', 'asked'], bench: false }]);
  await waitFor(() => expect(where()).toBe('/line-up'));
});

test('what only asks something, and is lined up already, is not lined up again', async () => {
  open([arrival({ linedUp: true, finds: [{ id: 'f5', name: 'Twice', ...ready, duplicates: 2 }] })]);
  await find('Twice');
  expect(screen.queryByRole('button', { name: /^Line/ })).toBeNull();
});

test('one key lines up what arrived', async () => {
  const first = open(
    [arrival({ finds: [{ id: 'f1', name: 'Bell buoy', ...ready }] })],
    [answer(lineUp, () => ({})), answer(getLineUp, () => ({ cards: [], reading: 0, heldBack: [] }))],
  );
  await find('Bell buoy');
  await first.user.keyboard('l');
  await waitFor(() => expect(first.sent(lineUp)).toEqual([{ arrivalIds: ['a1'], bench: false }]));
});

test('of very many finds the first are listed, all are counted, and the rest comes when it is asked for', async () => {
  const all = Array.from({ length: 40 }, (_, i) => ({ id: `f${i}`, name: `Peg ${i}`, ...ready }));
  const counts = { finds: 40, alone: 40, ready: 40, decisions: 0, taken: 0 };
  const { user, askedOf } = open(
    [arrival({ finds: all.slice(0, 24), counts })],
    [answer(getArrival, () => arrival({ finds: all, counts }))],
  );
  expect(await screen.findAllByRole('article')).toHaveLength(8);
  expect(screen.getByText('40 finds')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Line up 40 models' })).toBeTruthy();
  expect(askedOf(getArrival)).toEqual([]);
  await user.click(screen.getByRole('button', { name: '32 more finds' }));
  await waitFor(() => expect(screen.getAllByRole('article')).toHaveLength(40));
  expect(askedOf(getArrival)[0].params).toEqual({ id: 'a1' });
});

test('a question comes before everything else, and its answer is sent', async () => {
  const { user, sent } = open(
    [
      arrival({
        finds: [
          {
            id: 'f1',
            name: 'Bell buoy',
            ...ready,
            question: {
              text: 'Which edition?',
              choices: [
                { id: 'v2', label: 'the new one' },
                { id: 'v1', label: 'the old one' },
              ],
            },
          },
        ],
      }),
    ],
    [answer(answerFindQuestion, () => ({}))],
  );
  const card = within(await find('Bell buoy'));
  expect(card.queryByRole('button', { name: /To the bench/ })).toBeNull();
  expect(card.getByText('Which edition?')).toBeTruthy();
  await user.click(card.getByRole('button', { name: 'the old one: Bell buoy' }));
  expect(sent(answerFindQuestion)).toEqual([{ choiceId: 'v1' }]);
});

test('to the bench opens the sheet; setting aside keeps it', async () => {
  const { user, where, sent } = open(
    [
      arrival({
        finds: [
          { id: 'f1', name: 'Bell buoy', ...ready },
          { id: 'f2', name: 'Net float', ...ready },
        ],
      }),
    ],
    [
      answer(takeToBench, () => ({ assetId: 'asset-1' })),
      answer(setFindAside, () => ({})),
      answer(getSheet, () => {
        throw new DomainError('not-found', 'It is being made.');
      }),
    ],
  );
  await user.click(await screen.findByRole('button', { name: 'Set aside: Net float' }));
  expect(sent(setFindAside)).toEqual([{ reason: 'Set aside; it stays in the store.' }]);
  await user.click(screen.getByRole('button', { name: 'To the bench: Bell buoy' }));
  await waitFor(() => expect(where()).toBe('/bench/asset-1'));
});

test('what cannot be read says why and offers no bench', async () => {
  open([arrival({ finds: [{ id: 'f1', name: 'Broken', state: 'failed', message: 'It ends after 12 of 40 faces.' }] })]);
  const card = within(await find('Broken'));
  expect(card.getByText(/It ends after 12 of 40 faces/)).toBeTruthy();
  expect(card.queryByRole('button', { name: /To the bench/ })).toBeNull();
  expect(card.getByRole('button', { name: 'Set aside: Broken' })).toBeTruthy();
});

test('a kit asks whether it is one asset or many', async () => {
  open([
    arrival({
      kits: [{ id: 'k1', name: 'Harbour kit', pieces: 24, findId: 'f1', reason: '24 things in one file' }],
      finds: [{ id: 'f1', name: 'Harbour kit', ...ready, kitId: 'k1' }],
    }),
  ]);
  const card = within(await find('Harbour kit, a kit'));
  expect(card.getByText('One asset a piece, or the kit as one?')).toBeTruthy();
  expect(card.getByRole('link', { name: 'See 24 pieces: Harbour kit' }).getAttribute('href')).toBe('/kits/k1');
  expect(card.getByRole('button', { name: 'One asset: Harbour kit' })).toBeTruthy();
});

test('a locked arrival is opened with its password, or goes on without what is locked', async () => {
  const { user, sent } = open(
    [arrival({ state: 'locked', locked: ['maps.7z'] })],
    [answer(giveArrivalPassword, () => ({}))],
  );
  await user.type(await screen.findByLabelText(/password/i), 'tidewrack{Enter}');
  expect(sent(giveArrivalPassword)).toEqual([{ password: 'tidewrack' }]);
  await user.click(screen.getByRole('button', { name: /without/i }));
  expect(sent(giveArrivalPassword).at(-1)).toEqual({ password: null });
});

test('what was not taken, noted or excluded is folded away with its reasons', async () => {
  const { user } = open([
    arrival({
      refused: ['“../../up.txt” leaves its folder.'],
      notes: ['Opened 3 archives.'],
      files: [{ id: 1, path: 'harbour.zip/Thumbs.db', kind: 'other', excludedReason: 'left by a file browser' }],
    }),
  ]);
  await user.click(await screen.findByText(/1 not taken/));
  expect(screen.getByText('Not taken: “../../up.txt” leaves its folder.')).toBeTruthy();
  expect(screen.getByText('1 excluded')).toBeTruthy();
  expect(screen.getByText('Opened 3 archives.')).toBeTruthy();
});

test('two downloads of one model are joined; one on its way can be stopped', async () => {
  const { user, sent, askedOf } = open(
    [
      arrival({ joins: { id: 'a2', name: 'maps.zip', reason: 'they lack what it holds' } }),
      arrival({ id: 'a3', name: 'slow.zip', state: 'reading', progress: { label: 'files', done: 3, total: 12 } }),
    ],
    [answer(joinArrivals, () => ({ id: 'a1' })), answer(cancelArrival, () => ({}))],
  );
  await user.click(await screen.findByRole('button', { name: 'Join them' }));
  expect(sent(joinArrivals)).toEqual([{ otherId: 'a2' }]);
  expect(screen.getByText('3 of 12 files')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Stop slow.zip' }));
  expect(askedOf(cancelArrival)[0].params).toEqual({ id: 'a3' });
});

test('an empty house says what to do first', async () => {
  open([]);
  expect(await screen.findByText('Nothing has arrived yet')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Pick files' })).toBeTruthy();
});

test.each([
  ['failed' as const, 'It is no archive.', 'It is no archive.'],
  ['ready' as const, null, 'No model was found in it. Its files are kept.'],
  ['cancelled' as const, null, 'Cancelled.'],
])('an arrival that is %s without a find says so', async (state, message, words) => {
  open([arrival({ state, message })]);
  expect(await screen.findByText(words)).toBeTruthy();
});

describe('what another artist brings in', () => {
  const asOskar = answer(getMe, () => exampleOf(PersonSchema, { id: 'oskar', name: 'Oskar Behn', role: 'artist' }));
  const ofRuna = arrival({
    state: 'receiving',
    name: 'crate.obj',
    personId: 'runa',
    personName: 'Runa Vestergaard',
    received: [{ id: 'r1', path: 'crate.obj', sizeBytes: 5, arrived: false }],
  });

  test('is under their name, sent by them, and not for others to cancel', async () => {
    open([ofRuna], [asOskar]);
    expect(await screen.findByText('Runa Vestergaard is sending it, or has to send the rest.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Cancel crate.obj' })).toBeNull();
  });

  test('can be cancelled by a curator', async () => {
    open([ofRuna], [answer(getMe, () => exampleOf(PersonSchema, { id: 'ines', role: 'curator' }))]);
    expect(await screen.findByRole('button', { name: 'Cancel crate.obj' })).toBeTruthy();
  });

  test('is not gone on with by whoever drops a file of the same name: that is an arrival of their own', async () => {
    const { user, sent } = open(
      [ofRuna],
      [asOskar, answer(createArrival, () => ({ id: 'a2', received: [], refused: [] }))],
    );
    await screen.findByText(/is sending it/);
    const [field] = document.querySelectorAll<HTMLInputElement>('input[type=file]');
    await user.upload(field, new File(['crate'], 'crate.obj'));
    await waitFor(() =>
      expect(sent(createArrival)).toEqual([{ name: 'crate.obj', files: [{ path: 'crate.obj', sizeBytes: 5 }] }]),
    );
  });
});
