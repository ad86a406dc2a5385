import {
  answerFinding,
  BenchRowSchema,
  catalogueAsset,
  changeProvenance,
  getSheet,
  listBench,
  listStandIns,
  lookAgain,
  setOwnSteps,
  switchStep,
  takeSure,
  type Sheet,
} from '@haveld/contract/api/bench';
import { DomainError } from '@haveld/contract/error';
import { FiguresSchema } from '@haveld/contract/report';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';
import { exampleSheet } from '../../testing/example-sheet';

const size = {
  kind: 'size' as const,
  key: 'size',
  heading: 'size-and-orientation' as const,
  mark: 'look' as const,
  title: 'May be in centimetres (84 %)',
  detail: 'A bell buoy is 2 to 5 m high.',
  choices: [
    {
      id: 'cm',
      label: 'centimetres',
      confidence: 0.84,
      steps: [{ kind: 'scale' as const, schema: 1 as const, factor: 0.01, label: 'x' }],
      evidence: [{ text: 'its own height', figure: '3.2 m' }],
    },
    {
      id: 'mm',
      label: 'millimetres',
      confidence: 0.1,
      steps: [],
      evidence: [{ text: 'height of a toy', figure: '0.32 m' }],
    },
  ],
};
const normals = {
  kind: 'size' as const,
  key: 'second',
  heading: 'geometry' as const,
  mark: 'look' as const,
  title: 'Its faces are faceted',
  choices: [{ id: 'set', label: 'Set normals', confidence: 0.7, steps: [] }],
};
const licence = {
  kind: 'rights:licence' as const,
  key: 'licence',
  heading: 'rights' as const,
  mark: 'blocks' as const,
  title: 'No licence',
};

const sheet = (more: Partly<Sheet> = {}): Sheet =>
  exampleSheet({
    id: 'buoy',
    accession: 'HV-00012',
    name: 'Bell buoy',
    state: 'on-bench',
    arrivalName: 'harbour.zip',
    documentSha256: 'd'.repeat(64),
    figures: {
      triangles: 1200,
      materials: 2,
      maps: 2,
      mapsMissing: 1,
      box: { min: [-50, 0, -50], max: [50, 320, 50] },
    },
    source: { format: 'OBJ', exporter: 'a modeller', layers: [{ name: 'hull', parts: 3 }] },
    ...more,
  } as Partly<Sheet>);

const BENCH = [
  { id: 'buoy', name: 'Bell buoy' },
  { id: 'mast', name: 'Signal mast' },
].map((row) => exampleOf(BenchRowSchema, { ...row, kit: null }));

const open = (now: Sheet, more: Answer[] = []) =>
  renderAt('/bench/buoy', [
    answer(getSheet, () => now),
    answer(listStandIns, () => []),
    answer(listBench, () => BENCH),
    ...more,
  ]);
const condition = async () => within(await screen.findByRole('region', { name: 'Condition' }));

beforeEach(() => treatInPlace(() => ({})));

test('the finding in hand opens with the evidence of its first guess, and another guess shows its own', async () => {
  const { user } = open(sheet({ findings: [size] }));
  const shown = await condition();
  expect(shown.getByText('its own height')).toBeTruthy();
  expect(shown.getByText('3.2 m')).toBeTruthy();
  await user.click(shown.getByRole('radio', { name: /millimetres/ }));
  expect(shown.getByText('height of a toy')).toBeTruthy();
  expect(shown.queryByText('its own height')).toBeNull();
});

test('what is picked is what is taken', async () => {
  const { user, sent } = open(sheet({ findings: [size] }), [answer(answerFinding, () => sheet({ findings: [size] }))]);
  const shown = await condition();
  await user.click(shown.getByRole('radio', { name: /millimetres/ }));
  await user.click(shown.getByRole('button', { name: 'Take “millimetres”' }));
  expect(sent(answerFinding)).toMatchObject([{ key: 'size', answer: { kind: 'taken', choiceId: 'mm' } }]);
});

test('Enter takes the first guess of the finding in hand, j goes to the next, and keys in a field stay there', async () => {
  const now = sheet({ findings: [size, normals] });
  const { user, sent } = open(now, [answer(answerFinding, () => now)]);
  await condition();
  await user.keyboard('j{Enter}');
  await waitFor(() =>
    expect(sent(answerFinding)).toMatchObject([{ key: 'second', answer: { kind: 'taken', choiceId: 'set' } }]),
  );
  await user.keyboard('k');
  const known = await screen.findByLabelText(/^now/);
  await user.type(known, 'jak');
  expect((known as HTMLInputElement).value).toBe('jak');
  expect(sent(answerFinding)).toHaveLength(1);
});

test('Enter on a line opens and closes it, and answers nothing', async () => {
  const now = sheet({ findings: [size, normals] });
  const { user, sent } = open(now, [answer(answerFinding, () => now)]);
  const shown = await condition();
  const line = shown.getByRole('button', { name: /faceted/ });
  line.focus();
  await user.keyboard('{Enter}');
  expect(line.getAttribute('aria-expanded')).toBe('true');
  await user.keyboard('{Enter}');
  expect(line.getAttribute('aria-expanded')).toBe('false');
  expect(sent(answerFinding)).toMatchObject([]);
});

test('after a click on a line, or a step past it, Enter takes what is in hand', async () => {
  const now = sheet({ findings: [size, normals] });
  const { user, sent } = open(now, [answer(answerFinding, () => now)]);
  const shown = await condition();
  await user.click(shown.getByRole('button', { name: /faceted/ }));
  await user.keyboard('{Enter}');
  await waitFor(() =>
    expect(sent(answerFinding)).toMatchObject([{ key: 'second', answer: { kind: 'taken', choiceId: 'set' } }]),
  );
  shown.getByRole('button', { name: /faceted/ }).focus();
  await user.keyboard('k{Enter}');
  await waitFor(() => expect(sent(answerFinding)).toHaveLength(2));
  expect(sent(answerFinding)[1]).toMatchObject({ key: 'size' });
});

test('Enter in a field of the finding in hand is for that field, and answers nothing', async () => {
  const now = sheet({ findings: [size] });
  const { user, sent } = open(now, [answer(answerFinding, () => now)]);
  await condition();
  const side = await screen.findByRole('combobox', { name: /Known size/ });
  side.focus();
  await user.keyboard('{Enter}');
  expect(await screen.findByRole('option', { name: 'width' })).toBeTruthy();
  await user.keyboard('{Escape}');
  expect(sent(answerFinding)).toMatchObject([]);
});

test('Enter on the guess that was taken does not take it again', async () => {
  const now = sheet({ findings: [{ ...size, settled: true, answer: { kind: 'taken', choiceId: 'cm' } }] });
  const { user, sent } = open(now, [answer(answerFinding, () => now)]);
  const shown = await condition();
  await user.click(shown.getByRole('button', { name: /Size: centimetres/ }));
  shown.getByRole('radio', { name: /centimetres/ }).focus();
  await user.keyboard('{Enter}');
  expect(sent(answerFinding)).toMatchObject([]);
});

test('Enter on a guess takes that guess, not the first', async () => {
  const now = sheet({ findings: [size] });
  const { user, sent } = open(now, [answer(answerFinding, () => now)]);
  const shown = await condition();
  await user.click(shown.getByRole('radio', { name: /millimetres/ }));
  await user.keyboard('{Enter}');
  await waitFor(() =>
    expect(sent(answerFinding)).toMatchObject([{ key: 'size', answer: { kind: 'taken', choiceId: 'mm' } }]),
  );
});

test('setting aside wants a reason, and rights that block cannot be set aside', async () => {
  const now = sheet({ findings: [licence, size] });
  const { user, sent } = open(now, [answer(answerFinding, () => now)]);
  const shown = await condition();
  // the licence is in hand first
  await user.keyboard('s');
  expect(screen.queryByLabelText('Why?')).toBeNull();
  await user.click(shown.getByRole('button', { name: /May be in centimetres/ }));
  await user.keyboard('s');
  const why = await screen.findByLabelText('Why?');
  const act = within(why.closest('form')!).getByRole<HTMLButtonElement>('button', { name: 'Set aside' });
  expect(act.disabled).toBe(true);
  await user.type(why, 'only seen from afar{Enter}');
  expect(sent(answerFinding)).toMatchObject([
    { key: 'size', answer: { kind: 'set-aside', reason: 'only seen from afar' } },
  ]);
});

test('a finding that waits for another says what comes first, and is not in hand before it', async () => {
  open(sheet({ findings: [{ ...size, after: ['second'] }, normals] }));
  const shown = await condition();
  expect(shown.getByRole('button', { name: /faceted/ }).getAttribute('aria-expanded')).toBe('true');
  expect(shown.getByRole('button', { name: /centimetres/ }).getAttribute('aria-expanded')).toBe('false');
});

test('what was answered says how and can be taken back', async () => {
  const now = sheet({ findings: [{ ...size, settled: true, answer: { kind: 'taken', choiceId: 'cm' } }] });
  const { user, sent } = open(now, [answer(answerFinding, () => now)]);
  const shown = await condition();
  await user.click(shown.getByRole('button', { name: /Size: centimetres as you said/ }));
  await user.click(shown.getByRole('button', { name: 'Take the answer back' }));
  expect(sent(answerFinding)).toMatchObject([{ key: 'size', answer: null }]);
});

test('one known measure settles the size: what it is scaled by follows from what is shown and from what was taken', async () => {
  treatInPlace(() => ({ figures: exampleOf(FiguresSchema, { box: { min: [0, 0, 0], max: [1, 3.2, 1] } }) }));
  const now = sheet({
    findings: [size],
    steps: [{ id: 's1', title: 'Scale', enabled: true, step: { kind: 'scale', schema: 1, factor: 0.01, label: 'x' } }],
  });
  const { user, sent } = open(now, [answer(answerFinding, () => now)]);
  const field = await screen.findByLabelText('now 3.20 m');
  await user.type(field, '1,6 m');
  await user.click(screen.getByRole('button', { name: 'Take × 0.005' }));
  expect(sent(answerFinding)).toMatchObject([
    {
      key: 'size',
      answer: expect.objectContaining({
        kind: 'own',
        summary: 'height 1.60 m',
        steps: [expect.objectContaining({ factor: 0.005 })],
      }),
    },
  ]);
});

test('a measure nobody can read is said, with how to write one', async () => {
  const { user } = open(sheet({ findings: [size] }));
  await user.type(await screen.findByLabelText(/^now/), 'tall');
  expect(await screen.findByLabelText(/Write it as 78 cm/)).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: /^Take ×/ }).disabled).toBe(true);
});

test('all sure proposals are taken by one button or by a', async () => {
  const now = sheet({ findings: [size], sureCount: 3 });
  const { user, sent } = open(now, [answer(takeSure, () => now)]);
  await user.click(await screen.findByRole('button', { name: 'Take 3 sure proposals' }));
  await user.keyboard('a');
  await waitFor(() => expect(sent(takeSure)).toHaveLength(2));
});

test('a step says what it changed, is switched off and stays; what it did not find is named', async () => {
  treatInPlace((steps) => ({
    outcomes: steps.map((step, i) => ({
      kind: step.kind,
      title: '',
      changed: '3.2 m high',
      unmatched: i === 1 ? ['rudder'] : [],
      worse: i === 1 ? ['2 of 4 creased edges are gone'] : [],
    })),
  }));
  const scale = { kind: 'scale' as const, schema: 1 as const, factor: 0.01, label: 'x' };
  const now = sheet({
    steps: [
      { id: 's1', title: 'Scale', enabled: true, step: scale },
      { id: 's2', title: 'Flip faces', enabled: true, step: { kind: 'flip-faces', schema: 1, parts: [] } },
      { id: 's3', title: 'Scale again', enabled: false, step: scale },
    ],
  });
  const { user, sent } = open(now, [answer(switchStep, () => now)]);
  const strip = within(await screen.findByRole('region', { name: 'Treatment' }));
  expect(await strip.findAllByText('3.2 m high')).toHaveLength(2);
  expect(strip.getByText('not found, or left as it is: rudder')).toBeTruthy();
  expect(strip.getByText('2 of 4 creased edges are gone')).toBeTruthy();
  expect(strip.getByText('off')).toBeTruthy();
  await user.click(strip.getByRole('button', { name: 'switch off: Scale' }));
  await user.click(strip.getByRole('button', { name: 'switch on: Scale again' }));
  expect(sent(switchStep)).toEqual([
    { stepId: 's1', enabled: false },
    { stepId: 's3', enabled: true },
  ]);
});

test('what a step brought about that was not wrong before stands at it, once the result is judged', async () => {
  const flip = { kind: 'flip-faces' as const, schema: 1 as const, parts: [] };
  treatInPlace(
    (steps) => ({
      outcomes: steps.map(({ kind }) => ({ kind, title: '', changed: 'done', unmatched: [], worse: [] })),
    }),
    { judgeAgain: () => Promise.resolve([{ step: 1, title: '1 part is inside out' }]) },
  );
  const steps = ['Scale', 'Flip faces'].map((title, i) => ({ id: `s${i}`, title, enabled: true, step: flip }));
  open(sheet({ steps, planned: steps.map((row) => ({ ...row, isGuess: false })) } as Partly<Sheet>));
  const strip = within(await screen.findByRole('region', { name: 'Treatment' }));
  expect(await strip.findByText('now: 1 part is inside out')).toBeTruthy();
  const cards = strip.getAllByRole('listitem').map(({ textContent }) => textContent);
  expect(cards[0]).not.toContain('inside out');
  expect(cards[1]).toContain('inside out');
});

test.each([
  [{ kind: 'taken' as const, choiceId: 'mm', by: 'haveld' as const }, 'Size: millimetres by Haveld'],
  [{ kind: 'taken' as const, choiceId: 'mm', by: 'glance' as const }, 'Size: millimetres by a glance'],
  [{ kind: 'taken' as const, choiceId: 'mm' }, 'Size: millimetres as you said'],
  [{ kind: 'own' as const, summary: 'height 3.20 m', steps: [] }, 'Size: height 3.20 m as you said'],
  [{ kind: 'set-aside' as const, reason: 'seen from afar' }, 'May be in centimetres (84 %) set aside: seen from afar'],
])('a settled finding says what is so now and by whom: %j', async (said, words) => {
  open(sheet({ findings: [{ ...size, settled: true, answer: said }] }));
  const lines = (await condition()).getAllByRole('button').map(({ textContent }) => textContent?.trim());
  expect(lines).toContain(words);
});

test('figures stand beside the budget of its category, and a size that is not real says so', async () => {
  treatInPlace(() => ({
    figures: exampleOf(FiguresSchema, {
      triangles: 900,
      materials: 1,
      maps: 2,
      box: { min: [0, 0, 0], max: [1, 3.2, 1] },
    }),
  }));
  open(sheet({ findings: [{ ...size, settled: true, answer: { kind: 'taken', choiceId: 'none' } }] }));
  await waitFor(() => expect(screen.getByText('materials').parentElement!.textContent).toBe('materials1 was 2'));
  expect(screen.getByText('size').parentElement!.textContent).toContain('not real');
  expect(screen.getByText('ground offset').parentElement!.textContent).toContain('on the ground');
});

test('while its unit is open nothing is said in metres: lengths are counts of the unit', async () => {
  treatInPlace((steps) => ({
    outcomes: steps.map(({ kind }) => ({
      kind,
      title: '',
      changed: 'moved by 30.57 m, on the ground',
      unmatched: [],
      worse: [],
    })),
    figures: exampleOf(FiguresSchema, {
      triangles: 312,
      box: { min: [0, 0, 0], max: [51.92, 52.01, 25.05] },
      texelDensity: 9,
    }),
  }));
  const pivot = { kind: 'set-pivot' as const, schema: 1 as const, at: 'base-centre' as const, onGround: true };
  open(sheet({ findings: [size], steps: [{ id: 's1', title: 'Pivot', enabled: true, step: pivot }] }));
  await waitFor(() =>
    expect(screen.getByText('size').parentElement!.textContent).toContain('51.92 × 52.01 × 25.05 units'),
  );
  expect(screen.getByText('texel density').parentElement!.textContent).toContain('–');
  const strip = within(await screen.findByRole('region', { name: 'Treatment' }));
  expect(await strip.findByText('moved by 30.57 units, on the ground')).toBeTruthy();
});

test('a treatment that cannot be shown says why', async () => {
  treatInPlace(() => {
    throw new Error('The file ends early.');
  });
  open(sheet());
  expect(await screen.findByText('The treated model cannot be shown: The file ends early.')).toBeTruthy();
});

test('what stands between it and the catalogue is listed; nothing is sent', async () => {
  const { user, sent } = open(sheet({ missing: ['Its licence is open.', 'Its size is open.'] }));
  await user.click(await screen.findByRole('button', { name: 'Catalogue' }));
  const dialog = within(await screen.findByRole('dialog', { name: 'Not yet' }));
  expect(dialog.getAllByRole('listitem').map((item) => item.textContent)).toEqual([
    ' Its licence is open.',
    ' Its size is open.',
  ]);
  await user.click(dialog.getByRole('button', { name: 'Back to the bench' }));
  expect(sent(catalogueAsset)).toEqual([]);
});

test('its category is proposed by what its name says, and more triangles than its budget are told', async () => {
  treatInPlace(() => ({ figures: exampleOf(FiguresSchema, { triangles: 135_000 }) }));
  const now = sheet({ name: 'Rowing boat', category: null, proposedCategory: { id: 'watercraft', word: 'boat' } });
  const { user } = open(now, []);
  await user.click(await screen.findByRole('button', { name: 'Catalogue' }));
  expect((await screen.findByLabelText('Category')).textContent).toBe('vehicles, boats and ships');
  expect(screen.getByText('It has 135 k triangles, more than the 100 k of its budget.')).toBeTruthy();
  await user.click(screen.getByLabelText('Category'));
  expect((await screen.findByRole('option', { name: /^trees/ })).textContent).toBe('trees 30.0 k triangles');
});

test('it is catalogued under a name and a category', async () => {
  const now = sheet();
  const { user, sent, where } = open(now, [answer(catalogueAsset, () => now)]);
  await user.click(await screen.findByRole('button', { name: 'Catalogue' }));
  const name = await screen.findByLabelText(/^Name/);
  await user.clear(name);
  await user.type(name, ' Bell buoy, red ');
  await user.click(screen.getByLabelText('Category'));
  await user.click(await screen.findByRole('option', { name: /^furniture/ }));
  await user.click(screen.getByRole('button', { name: 'Catalogue it' }));
  expect(sent(catalogueAsset)).toEqual([{ name: 'Bell buoy, red', category: 'furniture', tags: [] }]);
  // the next one has the focus: Enter goes on with it
  await waitFor(() => expect(document.activeElement?.getAttribute('aria-label')).toBe('Next one: Signal mast'));
  await user.keyboard('{Enter}');
  expect(where()).toBe('/bench/mast');
});

test('n goes on with the next one on the bench, and from the last to the first', async () => {
  const { user, where } = renderAt('/bench/buoy', [
    answer(getSheet, ({ params: { id } }) => sheet({ id })),
    answer(listStandIns, () => []),
    answer(listBench, () => BENCH),
  ]);
  await screen.findByRole('link', { name: 'Next one: Signal mast' });
  await user.keyboard('n');
  await waitFor(() => expect(where()).toBe('/bench/mast'));
  await screen.findByRole('link', { name: 'Next one: Bell buoy' });
});

test('whose it is can be corrected where it blocks; a page that is no address is told before it is sent', async () => {
  const now = sheet({ findings: [licence] });
  const { user, sent } = open(now, [
    answer(changeProvenance, ({ body }) => ({ ...now, provenance: { ...now.provenance, ...body.change } })),
  ]);
  const form = within(await screen.findByRole('form', { name: 'Whose it is' }));
  await user.type(form.getByLabelText('Author'), 'Ines Falkenrot');
  await user.type(form.getByLabelText('Its page'), 'somewhere');
  await user.click(form.getByRole('button', { name: 'Save' }));
  expect(await form.findByText('This is no web address.')).toBeTruthy();
  expect(sent(changeProvenance)).toMatchObject([]);
  await user.clear(form.getByLabelText('Its page'));
  await user.type(form.getByLabelText('Why'), 'she signs so');
  await user.click(form.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(sent(changeProvenance)).toMatchObject([
      { change: expect.objectContaining({ author: 'Ines Falkenrot' }), why: 'she signs so' },
    ]),
  );
});

test('the source card says what is declared, what is not, and what could not be kept as it was', async () => {
  open(sheet({ log: [{ text: 'A curve was left out.', consequence: 'It draws nothing.' }, { text: '3 comments.' }] }));
  const shown = await condition();
  expect(shown.getByText('declares no unit and no up axis')).toBeTruthy();
  expect(shown.getByText('hull (3)')).toBeTruthy();
  expect(
    within(shown.getByRole('list', { name: 'What could not be kept as it was' })).getByText('It draws nothing.'),
  ).toBeTruthy();
  expect(shown.getByText('1 line without consequence')).toBeTruthy();
});

test('pivots of parts are set for all or for one, and taken back together', async () => {
  treatInPlace(() => ({}), {
    listParts: () =>
      Promise.resolve([
        { name: 'door', ordinal: 0, signature: 'a' },
        { name: '', ordinal: 0, signature: 'b' },
      ]),
  });
  const pivot = {
    kind: 'pivot' as const,
    key: 'pivot',
    heading: 'size-and-orientation' as const,
    mark: 'look' as const,
    title: 'Its pivot is off',
  };
  const set = {
    kind: 'set-part-pivot' as const,
    schema: 1 as const,
    parts: [{ name: 'door', ordinal: 0, signature: 'a' }],
    point: [0, 0, 0.5] as [number, number, number],
    label: 'x',
  };
  const now = sheet({
    findings: [pivot],
    steps: [{ id: 's', title: 'x', enabled: true, findingKey: 'own:part-pivots', step: set }],
  });
  const { user, sent } = open(now, [answer(setOwnSteps, () => now)]);
  const form = within(await screen.findByRole('form', { name: 'Pivots of its parts' }));
  await user.click(form.getByLabelText('Pivot of'));
  await user.click(await screen.findByRole('option', { name: 'part 2' }));
  await user.click(form.getByLabelText('to'));
  await user.click(await screen.findByRole('option', { name: 'foot of its left edge' }));
  await user.click(form.getByRole('button', { name: 'Set' }));
  expect(
    sent(setOwnSteps)[0].steps.map((step) => step.kind === 'set-part-pivot' && [step.parts[0].signature, step.label]),
  ).toEqual([
    ['a', 'x'],
    ['b', 'foot of its left edge'],
  ]);
  await user.click(form.getByRole('button', { name: 'Take back' }));
  await waitFor(() => expect(sent(setOwnSteps).at(-1)?.steps).toEqual([]));
});

test('it is looked at again when somebody asks, not while it is busy', async () => {
  const { user, sent } = open(sheet(), [answer(lookAgain, () => sheet({ busy: 'looking at it again' }))]);
  await user.click(await screen.findByRole('button', { name: 'Re-analyse' }));
  expect(sent(lookAgain)).toHaveLength(1);
});

test('a refusal is told in its own words and leaves the sheet as it was', async () => {
  const { user } = open(sheet({ findings: [size] }), [
    answer(answerFinding, () => {
      throw new DomainError('out-of-step', 'Somebody has answered this already.');
    }),
  ]);
  await user.click(await screen.findByRole('button', { name: 'Take “centimetres”' }));
  expect(await screen.findByText('Somebody has answered this already.')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Take “centimetres”' })).toBeTruthy();
});
