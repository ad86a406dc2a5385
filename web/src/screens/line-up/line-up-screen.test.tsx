import { cleanup } from '@testing-library/react';
import { answerFindQuestion, setFindAside } from '@haveld/contract/api/arrivals';
import { answerFinding, changeProvenance, SheetSchema } from '@haveld/contract/api/bench';
import {
  answerMany,
  CardFindingSchema,
  confirmLineUp,
  getLineUp,
  LineUpCardSchema,
  nameAsset,
  type CardChoice,
  type CardFinding,
  type HeldBack,
  HeldBackSchema,
  type LineUpCard,
} from '@haveld/contract/api/line-up';
import { settleRights } from '@haveld/contract/api/rights';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { layOut } from '../../testing/lay-out';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

beforeEach(() => {
  sessionStorage.clear();
  layOut({ width: 1200, height: 900 });
});

const box = (width: number, height: number) => ({
  min: [-width / 2, 0, -0.2] as [number, number, number],
  max: [width / 2, height, 0.2] as [number, number, number],
});
const card = (id: string, more: Partly<LineUpCard> = {}): LineUpCard =>
  exampleOf(LineUpCardSchema, {
    id,
    name: id,
    category: null,
    proposedCategory: { id: 'furniture', word: null },
    standing: { sha256: 'a'.repeat(64), box: box(0.5, 0.9) },
    hasSize: true,
    busy: null,
    failure: null,
    steps: [],
    guessed: [],
    asked: [],
    decided: [{ kind: 'size', by: 'haveld' }],
    provenance: { licenceId: 'CC0-1.0', author: 'Tor Aldersund' },
    ...more,
  } as Partly<LineUpCard>);

const choice = (id: string, label: string, confidence: number, scale = 1): CardChoice => ({
  id,
  label,
  confidence,
  scale,
});
const finding = ({ choices, ...more }: Partly<CardFinding> & { choices: CardChoice[] }): CardFinding =>
  exampleOf(CardFindingSchema, {
    heading: 'size-and-orientation',
    mark: 'look',
    steps:
      choices[0] && choices[0].scale !== 1 ? [{ kind: 'scale', schema: 1, factor: choices[0].scale, label: '' }] : [],
    choices,
    ...more,
  } as Partly<CardFinding>);
const sizeGuess = finding({
  kind: 'size',
  key: 'size',
  choices: [
    choice('cm', 'centimetre', 0.71, 0.01),
    choice('in', 'inch', 0.2, 0.0254),
    choice('none', 'no real size', 0.09),
  ],
});
const noLicence = finding({
  kind: 'rights:licence',
  key: 'rights:licence',
  heading: 'rights',
  mark: 'blocks',
  title: 'No licence came with it',
  choices: [],
});

const held = (about: Partial<HeldBack>): HeldBack =>
  exampleOf(HeldBackSchema, { id: 'f9', arrivalId: 'a1', why: 'It waits.', state: 'read', ...about });

const open = (cards: LineUpCard[], { reading = 0, heldBack = [] as HeldBack[] } = {}) =>
  renderAt('/line-up', [
    answer(getLineUp, () => ({ cards, reading, heldBack })),
    answer(confirmLineUp, ({ body }) => ({ catalogued: body.ids, left: [] })),
    answer(answerFinding, () => exampleOf(SheetSchema)),
    answer(answerMany, ({ body }) => ({ answered: body.ids.length })),
    answer(nameAsset, () => ({})),
    answer(answerFindQuestion, () => ({})),
    answer(setFindAside, () => ({})),
    answer(changeProvenance, () => exampleOf(SheetSchema)),
    answer(settleRights, ({ body }) => ({ settled: body.assetIds.length })),
  ]);
const cardOf = (name: string) => screen.findByRole('article', { name });

test('all that has no question is confirmed at once; what asks something stays', async () => {
  const { user, sent } = open([
    card('Chair'),
    card('Stool', { guessed: [sizeGuess] }),
    card('Asked', { asked: [noLicence] }),
  ]);
  expect(await screen.findByText('3 models · 1 as they should be · 1 in pencil · 1 with a question')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'These 2 are right' }));
  expect(sent(confirmLineUp).map(({ ids }) => [...ids].sort())).toEqual([['Chair', 'Stool']]);
});

test('where every one is right the button says so, and one key does it', async () => {
  const { user, sent } = open([card('Chair'), card('Stool')]);
  await screen.findByRole('button', { name: 'All of these are right' });
  await user.keyboard('a');
  await waitFor(() => expect(sent(confirmLineUp)).toHaveLength(1));
});

test('only the chosen are confirmed where some are chosen', async () => {
  const { user, sent } = open([card('Chair'), card('Stool')]);
  await user.click(await screen.findByRole('checkbox', { name: 'Choose Stool' }));
  await user.click(screen.getByRole('button', { name: 'This one is right' }));
  expect(sent(confirmLineUp)).toEqual([{ ids: ['Stool'] }]);
});

test('a size in pencil says how likely it is, and the other guess is one click away', async () => {
  const { user, sent } = open([card('Stool', { guessed: [sizeGuess], decided: [] })]);
  const article = await cardOf('Stool');
  expect(article.textContent).toContain('0.90 m in pencil, 71 % or');
  // 90 of the file's units: in inches 2.29 m
  await user.click(within(article).getByRole('button', { name: '2.29 m high: Stool' }));
  expect(sent(answerFinding)).toMatchObject([{ key: 'size', answer: { kind: 'taken', choiceId: 'in' } }]);
});

test('what is said of one is offered for others by its author, and done for none of them unasked', async () => {
  const guessed = [sizeGuess];
  const { user, sent } = open([
    card('Stool', { guessed, decided: [] }),
    card('Bench', { guessed, decided: [] }),
    card('Settled'),
    card('Another', { guessed, decided: [], provenance: { licenceId: 'CC0-1.0', author: 'Ines Falkenrot' } }),
  ]);
  await user.click(await screen.findByRole('button', { name: '2.29 m high: Stool' }));
  const offer = within(await screen.findByRole('region', { name: 'The same for others' }));
  expect(offer.getByText('Stool is in inches, as you said. 1 more model by Tor Aldersund may be too.')).toBeTruthy();
  expect(sent(answerMany)).toEqual([]);
  await user.click(offer.getByRole('button', { name: 'That one in inches' }));
  expect(sent(answerMany)).toEqual([{ ids: ['Bench'], kind: 'size', choiceId: 'in', reason: '' }]);
  await waitFor(() => expect(screen.queryByRole('region', { name: 'The same for others' })).toBeNull());
});

test('a picture is dragged by its upper edge until it is as high as it should be', async () => {
  const { user, sent } = open([card('Stool', { guessed: [sizeGuess], decided: [] })]);
  await cardOf('Stool');
  const grip = screen.getByRole('button', { name: 'Drag to set the height of Stool' });
  const heightPx = Number.parseFloat(grip.style.bottom);
  await user.pointer([
    { keys: '[MouseLeft>]', target: grip, coords: { clientY: 500 } },
    { target: grip, coords: { clientY: 500 - heightPx } },
  ]);
  // twice as high as the 0.90 m it was drawn
  expect(screen.getByRole('status').textContent).toBe('1.80 m');
  await user.pointer({ keys: '[/MouseLeft]', target: grip });
  expect(sent(answerFinding)).toMatchObject([
    {
      key: 'size',
      answer: {
        kind: 'own',
        summary: 'height 1.80 m',
        steps: [{ kind: 'scale', schema: 1, factor: expect.closeTo(0.02, 9), label: 'height 1.80 m' }],
      },
    },
  ]);
});

test('a hand that trembles changes nothing', async () => {
  const { user, sent } = open([card('Stool', { guessed: [sizeGuess], decided: [] })]);
  await cardOf('Stool');
  const grip = screen.getByRole('button', { name: 'Drag to set the height of Stool' });
  await user.pointer([
    { keys: '[MouseLeft>]', target: grip, coords: { clientY: 500 } },
    { target: grip, coords: { clientY: 499.6 } },
    { keys: '[/MouseLeft]', target: grip },
  ]);
  expect(sent(answerFinding)).toMatchObject([]);
  expect(screen.queryByRole('status')).toBeNull();
});

test('an offer can be left', async () => {
  const { user, sent } = open([
    card('Stool', { guessed: [sizeGuess], decided: [] }),
    card('Bench', { guessed: [sizeGuess], decided: [] }),
  ]);
  await user.click(await screen.findByRole('button', { name: '2.29 m high: Stool' }));
  await user.click(await screen.findByRole('button', { name: 'Only this one' }));
  expect(screen.queryByRole('region', { name: 'The same for others' })).toBeNull();
  expect(sent(answerMany)).toEqual([]);
});

test('every guess is said, and a pivot in pencil is shown where it will be', async () => {
  const pivot = finding({ kind: 'pivot', key: 'pivot', choices: [choice('base-centre', 'base centre', 0.7)] });
  const front = finding({ kind: 'front-axis', key: 'front-axis', choices: [choice('+z', 'faces forwards', 0.6)] });
  const smooth = finding({
    kind: 'normals',
    key: 'normals',
    heading: 'geometry',
    choices: [choice('smooth-40', 'Smooth below 40°', 0.87)],
  });
  open([card('Lamp', { guessed: [pivot, front, smooth] })]);
  const words = (await cardOf('Lamp')).textContent;
  expect(words).toContain('faces forwards, base centre, smooth below 40° in pencil');
  expect(screen.getByRole('img', { name: 'Pivot of Lamp, in pencil' })).toBeTruthy();
});

test('what is being drawn anew cannot be confirmed until it is seen', async () => {
  open([card('Chair', { busy: 'being drawn' })]);
  expect((await screen.findByRole('button', { name: 'None is ready yet' })).hasAttribute('disabled')).toBe(true);
});

test('what is known says by what', async () => {
  open([card('Chair'), card('Bench', { decided: [{ kind: 'size', by: 'glance' }] })]);
  expect((await cardOf('Chair')).textContent).toContain('0.90 m by Haveld');
  expect((await cardOf('Bench')).textContent).toContain('0.90 m by a glance');
});

test('a height is typed on the card, and nothing typed there is taken for a command', async () => {
  const { user, sent } = open([
    card('Chair', { steps: [{ findingKey: 'size', step: { kind: 'scale', schema: 1, factor: 0.01, label: '' } }] }),
  ]);
  (await cardOf('Chair')).focus();
  await user.keyboard('h');
  await user.type(screen.getByRole('textbox', { name: 'Height' }), '45 cm{Enter}');
  const [{ key, answer: given }] = sent(answerFinding);
  expect(key).toBe('size');
  // from 0.9 m to 0.45 m: half of the factor that stands
  expect(given).toMatchObject({ kind: 'own', summary: 'height 0.45 m', steps: [{ kind: 'scale', factor: 0.005 }] });
  expect(sent(confirmLineUp)).toEqual([]);
});

test('what is no length is refused in words, and kept', async () => {
  const { user, sent } = open([card('Chair')]);
  (await cardOf('Chair')).focus();
  await user.keyboard('h');
  await user.type(screen.getByRole('textbox', { name: 'Height' }), 'tall{Enter}');
  expect(screen.getByRole('textbox', { name: /Write it as 78 cm/ })).toHaveProperty('value', 'tall');
  expect(sent(answerFinding)).toMatchObject([]);
});

test('keys mend the card in hand: the other guess, a tip, its category, an answer', async () => {
  const part = finding({
    kind: 'stranger',
    key: 'stranger:wall',
    title: '“wall” looks like a back wall',
    choices: [choice('leave-out', 'Leave it out', 0.8), choice('keep', 'It belongs to it', 0.2)],
  });
  const { user, sent } = open([card('Stool', { guessed: [sizeGuess], asked: [part] })]);
  (await cardOf('Stool')).focus();
  await user.keyboard('o');
  await user.keyboard('x');
  await user.keyboard('2');
  await waitFor(() => expect(sent(answerFinding)).toHaveLength(3));
  expect(sent(answerFinding).map(({ key }) => key)).toEqual(['size', 'up', 'stranger:wall']);
  expect(sent(answerFinding)[2].answer).toEqual({ kind: 'taken', choiceId: 'keep' });
  await user.selectOptions(screen.getByRole('combobox', { name: 'Category of Stool' }), 'building');
  await waitFor(() => expect(sent(nameAsset)).toMatchObject([{ category: 'building' }]));
});

test('tags are written in one field, separated by commas; an empty one takes them away', async () => {
  const { user, sent } = open([card('Stool', { tags: ['harbour'] })]);
  (await cardOf('Stool')).focus();
  await user.keyboard('t');
  const field = screen.getByRole('textbox', { name: 'Tags, separated by commas' });
  expect(field).toHaveProperty('value', 'harbour');
  await user.clear(field);
  await user.type(field, `Old wood, ${'x'.repeat(41)}`);
  expect(screen.getByRole('textbox', { name: /at most 40 letters/ })).toBe(field);
  await user.clear(field);
  await user.type(field, 'Old wood, pier{Enter}');
  await waitFor(() => expect(sent(nameAsset)).toMatchObject([{ tags: ['old wood', 'pier'] }]));
  await user.click(screen.getByRole('button', { name: /tags of Stool/ }));
  await user.clear(screen.getByRole('textbox', { name: /Tags/ }));
  await user.keyboard('{Enter}');
  await waitFor(() => expect(sent(nameAsset)[1]).toMatchObject({ tags: [] }));
});

test('arrows go from card to card, Space chooses, Enter opens', async () => {
  const { user, where } = open([card('High', { standing: { sha256: null, box: box(1, 2) } }), card('Low')]);
  await cardOf('Low');
  await user.keyboard('{ArrowRight}{ArrowRight}');
  await waitFor(async () => expect(document.activeElement).toBe(await cardOf('Low')));
  await user.keyboard(' ');
  expect(screen.getByRole('checkbox', { name: 'Choose Low' })).toHaveProperty('checked', true);
  await user.keyboard('{Enter}');
  expect(where()).toBe('/bench/Low');
});

test('j and k go to what is guessed or asked, and pass over what is right', async () => {
  const tall = { standing: { sha256: null, box: box(1, 3) } };
  const middle = { standing: { sha256: null, box: box(1, 2) } };
  const { user } = open([
    card('Tall', tall),
    card('Middle', { ...middle, guessed: [sizeGuess] }),
    card('Low', { asked: [noLicence] }),
  ]);
  await cardOf('Low');
  await user.keyboard('j');
  await waitFor(async () => expect(document.activeElement).toBe(await cardOf('Middle')));
  await user.keyboard('j');
  await waitFor(async () => expect(document.activeElement).toBe(await cardOf('Low')));
  await user.keyboard('k');
  await waitFor(async () => expect(document.activeElement).toBe(await cardOf('Middle')));
});

test('two licences named are two buttons; what is chosen is written with its reason', async () => {
  const { user, sent } = open([
    card('Chair', {
      asked: [{ ...noLicence, title: 'Two licences are named' }],
      namedLicences: ['CC0-1.0', 'CC-BY-4.0'],
    } as Partly<LineUpCard>),
  ]);
  await user.click(within(await cardOf('Chair')).getByRole('button', { name: 'CC BY 4.0: Chair' }));
  expect(sent(changeProvenance)).toMatchObject([{ change: { licenceId: 'CC-BY-4.0' }, why: 'said in the line-up' }]);
});

test('what several leave open alike is asked once, above them all', async () => {
  const noSource = finding({
    kind: 'rights:source',
    key: 'rights:source',
    heading: 'rights',
    mark: 'blocks',
    choices: [],
  });
  const { user, sent } = open([card('Chair', { asked: [noSource] }), card('Stool', { asked: [noSource] })]);
  const shared = await screen.findByRole('form', { name: '2 models without a source' });
  await user.type(within(shared).getByRole('textbox', { name: 'Source' }), 'the old disc{Enter}');
  expect(sent(settleRights)).toMatchObject([{ change: { source: 'the old disc' } }]);
  expect([...sent(settleRights)[0].assetIds].sort()).toEqual(['Chair', 'Stool']);
});

test('missing textures of several are left out with one click', async () => {
  const missing = finding({ kind: 'map', key: 'map:a:baseColor', heading: 'textures', mark: 'blocks', choices: [] });
  const { user, sent } = open([card('Chair', { asked: [missing] }), card('Stool', { asked: [missing] })]);
  const shared = await screen.findByRole('form', { name: '2 models with missing textures' });
  await user.click(within(shared).getByRole('button', { name: 'Leave them out' }));
  expect(sent(answerMany)).toMatchObject([{ kind: 'map', choiceId: null }]);
});

test('the chosen are given one unit together', async () => {
  const { user, sent } = open([card('Chair', { guessed: [sizeGuess] }), card('Stool', { guessed: [sizeGuess] })]);
  await user.click(await screen.findByRole('checkbox', { name: 'Choose Chair' }));
  await user.click(screen.getByRole('checkbox', { name: 'Choose Stool' }));
  await user.click(screen.getByRole('button', { name: 'The 2 chosen are …' }));
  await user.click(screen.getByRole('menuitem', { name: 'in inches' }));
  expect(sent(answerMany)).toMatchObject([{ kind: 'size', choiceId: 'in' }]);
});

test('what is held back stands first with its reason; what is read shows how far it is', async () => {
  open([card('Chair')], {
    reading: 2,
    heldBack: [held({ name: 'buoy.obj', why: 'It may be here already.', duplicates: 1 })],
  });
  const list = await screen.findByRole('list', { name: 'Held back' });
  expect(list.textContent).toContain('buoy.obj It may be here already.');
  expect(within(list).getByRole('link', { name: 'buoy.obj' }).getAttribute('href')).toBe('/arrivals/a1');
  expect(screen.getByText(/1 of 3 are here/)).toBeTruthy();
});

test('what is held back is answered right there: an edition by its button, a kit and a double on their own screens', async () => {
  const question = { text: 'Which edition?', choices: [{ id: 'glb', label: 'the GLB' }] };
  const { user, sent, askedOf } = open([], {
    heldBack: [
      held({ id: 'f1', name: 'mast', question }),
      held({ id: 'f2', name: 'Quay furniture', kitId: 'k1' }),
      held({ id: 'f3', name: 'buoy', duplicates: 1 }),
      held({ id: 'f4', name: 'torn.zip', state: 'failed' }),
    ],
  });
  await user.click(await screen.findByRole('button', { name: 'the GLB: mast' }));
  expect(sent(answerFindQuestion)).toEqual([{ choiceId: 'glb' }]);
  expect(askedOf(answerFindQuestion)[0].params).toEqual({ id: 'f1' });
  const href = (name: string) => screen.getByRole('link', { name }).getAttribute('href');
  expect(href('See its pieces: Quay furniture')).toBe('/kits/k1');
  expect(href('Compare: buoy')).toBe('/arrivals/duplicates/f3');
  await user.click(screen.getByRole('button', { name: 'Set aside: torn.zip' }));
  expect(askedOf(setFindAside)[0].params).toEqual({ id: 'f4' });
});

test('of many that are held back four stand there until the rest is asked for', async () => {
  const { user } = open([card('Chair')], {
    heldBack: Array.from({ length: 7 }, (_, i) => held({ id: `f${i}`, name: `buoy ${i}`, duplicates: 1 })),
  });
  const list = await screen.findByRole('list', { name: 'Held back' });
  expect(within(list).getAllByRole('link', { name: /^buoy/ })).toHaveLength(4);
  await user.click(within(list).getByRole('button', { name: '3 more held back' }));
  expect(within(list).getAllByRole('link', { name: /^buoy/ })).toHaveLength(7);
});

test('without a size a model stands below the rows and asks', async () => {
  const size = finding({
    kind: 'size',
    key: 'size',
    title: 'May be in feet (11 %)',
    choices: [choice('ft', 'foot', 0.11, 0.3)],
  });
  open([card('Dresser', { hasSize: false, asked: [size], decided: [] })]);
  const rest = await screen.findByRole('region', { name: 'Size unknown' });
  expect(within(rest).getByRole('button', { name: 'foot: Dresser' })).toBeTruthy();
});

test('an empty line-up says where models come from', async () => {
  open([]);
  expect(await screen.findByRole('link', { name: 'To the arrivals' })).toBeTruthy();
});

test('after a reload it goes on where one was: what was chosen is chosen, what was in hand is in hand', async () => {
  const cards = ['High', 'Middle', 'Low'].map((name, i) =>
    card(name, { standing: { sha256: null, box: box(1, 3 - i) } }),
  );
  const { user } = open(cards);
  await user.click(await screen.findByRole('checkbox', { name: 'Choose High' }));
  await user.keyboard('{Escape}');
  (document.activeElement as HTMLElement).blur();
  await user.keyboard('{ArrowRight}{ArrowRight}');
  const hand = (await screen.findAllByRole('article')).find(({ className }) => className.includes('in-hand'))!;
  const name = hand.getAttribute('aria-label')!;
  cleanup();
  open(cards);
  expect((await screen.findByRole<HTMLInputElement>('checkbox', { name: 'Choose High' })).checked).toBe(true);
  await waitFor(() => expect(screen.getByRole('article', { name }).className).toContain('in-hand'));
  expect(screen.getByRole('button', { name: /right$/ }).textContent).toBe('This one is right');
});

test('what was chosen and is no longer here is not counted', async () => {
  sessionStorage.setItem('haveld-line-up-chosen', JSON.stringify(['gone']));
  open([card('High'), card('Low')]);
  expect(await screen.findByRole('button', { name: 'All of these are right' })).toBeTruthy();
  sessionStorage.setItem('haveld-line-up-chosen', 'no JSON');
  cleanup();
  open([card('High'), card('Low')]);
  expect(await screen.findByRole('button', { name: 'All of these are right' })).toBeTruthy();
  expect(sessionStorage.getItem('haveld-line-up-chosen')).toBeNull();
});
