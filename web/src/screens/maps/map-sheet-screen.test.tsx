import { answerFinding, getSheet, setOwnSteps, takeSure, type Sheet } from '@haveld/contract/api/bench';
import { listHouseMaterials, saveHouseMaterial } from '@haveld/contract/api/house-materials';
import type { MaterialLook } from '@haveld/core/textures/materials/describe-materials';
import type { Partly } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';
import { exampleSheet } from '../../testing/example-sheet';

const [OAK, SPARE] = ['1'.repeat(64), '2'.repeat(64)];
const look = (name: string, slots: MaterialLook['slots'] = {}): MaterialLook => ({
  name,
  factors: {
    baseColor: [1, 1, 1, 1],
    metallic: 0,
    roughness: 0.5,
    emissive: [0, 0, 0],
    alphaMode: 'OPAQUE',
    doubleSided: false,
  },
  slots,
  triangles: 100,
  parts: [
    { name: 'hull', ordinal: 0, signature: 'a' },
    { name: 'keel', ordinal: 0, signature: 'b' },
  ],
});
const lost = {
  kind: 'map' as const,
  key: 'map:tar:baseColor',
  about: { material: 'tar', slot: 'baseColor' as const },
  heading: 'textures' as const,
  mark: 'look' as const,
  title: 'tar.png is not here',
  choices: [
    { id: SPARE, label: 'maps/tar_old.png', confidence: 0.7, steps: [] },
    { id: OAK, label: 'maps/oak.png', confidence: 0.2, steps: [] },
  ],
};
const sheet = (more: Partly<Sheet> = {}): Sheet =>
  exampleSheet({
    id: 'boat',
    name: 'Rowing boat',
    state: 'on-bench',
    documentSha256: 'd'.repeat(64),
    maps: [
      {
        material: 'oak',
        slot: 'baseColor',
        reference: 'oak.png',
        status: 'found',
        path: 'boat/oak.png',
        sha256: OAK,
        width: 2048,
        height: 2048,
      },
      { material: 'tar', slot: 'baseColor', reference: 'tar.png', status: 'missing' },
    ],
    unused: [{ sha256: SPARE, path: 'boat/tar_old.png' }],
    findings: [lost],
    ...more,
  } as Partly<Sheet>);

const open = (now = sheet(), more: Answer[] = []) =>
  renderAt('/bench/boat/maps', [
    answer(getSheet, () => now),
    answer(listHouseMaterials, () => []),
    answer(answerFinding, () => now),
    answer(setOwnSteps, () => now),
    ...more,
  ]);

beforeEach(() =>
  treatInPlace(() => ({ materials: [look('oak', { baseColor: 'k1' }), look('tar')] }), {
    listPictures: (keys) => Promise.resolve(keys.map((key) => ({ key, width: 2048, height: 2048, url: 'data:,' }))),
  }),
);

test('what is lost is in hand first, and its guess is taken by Enter or by its number', async () => {
  const { user, sent } = open();
  const hand = within(await screen.findByRole('region', { name: 'The map in hand' }));
  expect(hand.getByText('of “tar”')).toBeTruthy();
  expect(screen.getByText('1 to look at, by j and Enter, or a number')).toBeTruthy();
  await user.keyboard('{Enter}');
  await waitFor(() => expect(sent(answerFinding)).toHaveLength(1));
  await user.keyboard('2');
  await waitFor(() =>
    expect(sent(answerFinding).map(({ answer: one }) => one)).toEqual([
      { kind: 'taken', choiceId: SPARE },
      { kind: 'taken', choiceId: OAK },
    ]),
  );
});

test('a guess that is hardly one is not taken by Enter, only by its number', async () => {
  const doubtful = { ...lost, choices: [{ ...lost.choices[0], confidence: 0.4 }] };
  const { user, sent } = open(sheet({ findings: [doubtful] }));
  await screen.findByRole('region', { name: 'The map in hand' });
  await user.keyboard('{Enter}1');
  await waitFor(() => expect(sent(answerFinding)).toHaveLength(1));
});

test('arrows go from map to map and stop at the edges of the sheet', async () => {
  const { user } = open();
  const grid = within(await screen.findByRole('grid', { name: 'Materials and their maps' }));
  const inHand = () =>
    grid.getAllByText((_, element) => element?.getAttribute('aria-selected') === 'true')[0]?.textContent;
  await waitFor(() => expect(inHand()).toContain('tar, Base colour'));
  await user.keyboard('{ArrowRight}');
  expect(inHand()).toContain('tar, Normal');
  await user.keyboard('{ArrowUp}{ArrowUp}{ArrowUp}');
  expect(inHand()).toContain('oak, Normal');
  await user.keyboard('{ArrowLeft}{ArrowLeft}{ArrowLeft}');
  expect(await screen.findByRole('region', { name: 'The material in hand' })).toBeTruthy();
});

test('another picture answers the question; where nothing is asked it is a step of one’s own', async () => {
  const { user, sent } = open();
  await user.click(await screen.findByLabelText('Another picture (m)'));
  await user.click(await screen.findByRole('option', { name: 'tar_old.png' }));
  expect(sent(answerFinding)).toMatchObject([
    {
      key: lost.key,
      answer: {
        kind: 'own',
        summary: 'tar_old.png',
        steps: [
          {
            kind: 'relink-map',
            schema: 1,
            material: 'tar',
            slot: 'baseColor',
            sha256: SPARE,
            path: 'boat/tar_old.png',
          },
        ],
      },
    },
  ]);
});

test('a map in hand is left out by x, and that is a step that can be undone', async () => {
  const now = sheet({
    findings: [],
    steps: [
      {
        id: 's',
        title: 'x',
        enabled: true,
        findingKey: 'own:oak:colour',
        step: { kind: 'unlink-map', schema: 1, material: 'oak', slot: 'baseColor' },
      },
    ],
  });
  const { user, sent } = open(now);
  await screen.findByRole('grid');
  await user.click(await screen.findByRole('button', { name: /oak, Base colour/ }));
  await waitFor(() => expect(screen.getByRole('button', { name: 'Leave it out' })).toBeTruthy());
  await user.keyboard('x');
  await waitFor(() =>
    expect(sent(setOwnSteps)[0]).toMatchObject({
      key: 'own:oak:colour',
      steps: [{ kind: 'unlink-map', schema: 1, material: 'oak', slot: 'baseColor' }],
    }),
  );
  await user.click(screen.getByRole('button', { name: 'Undo my change' }));
  await waitFor(() => expect(sent(setOwnSteps).at(-1)?.steps).toEqual([]));
});

/** Opens the card of a material. */
async function holdMaterial(user: ReturnType<typeof open>['user'], name: string) {
  await user.click(await screen.findByRole('button', { name: new RegExp(`^${name}\\s*2 parts`) }));
  return within(await screen.findByRole('region', { name: 'The material in hand' }));
}

test('a material is set by what it is made of, see-through or both-sided, each a step that says so', async () => {
  const { user, sent } = open();
  const card = await holdMaterial(user, 'oak');
  await user.click(card.getByRole('checkbox', { name: 'both sides' }));
  await user.click(card.getByLabelText('Alpha'));
  await user.click(await screen.findByRole('option', { name: 'see-through' }));
  expect(
    sent(setOwnSteps).map(({ key, steps: [step] }) => [
      key,
      step.kind === 'set-material' && [step.label, step.materials],
    ]),
  ).toEqual([
    ['own:oak', ['both sides shown', ['oak']]],
    ['own:oak', ['see-through', ['oak']]],
  ]);
});

test('how strongly its normals count is set where it has a map of them, and not where it has none', async () => {
  treatInPlace(() => ({ materials: [look('oak', { baseColor: 'k1', normal: 'k2' }), look('tar')] }), {
    listPictures: (keys) => Promise.resolve(keys.map((key) => ({ key, width: 2048, height: 2048, url: 'data:,' }))),
  });
  const { user, sent } = open();
  const card = await holdMaterial(user, 'oak');
  const slider = card.getByRole('slider', { name: 'normals' });
  expect(slider.getAttribute('aria-valuenow')).toBe('1');
  slider.focus();
  await user.keyboard('{ArrowLeft}');
  await waitFor(() =>
    expect(sent(setOwnSteps)[0]).toMatchObject({
      key: 'own:oak',
      steps: [{ kind: 'set-material', label: 'normals 0.99', factors: { normalStrength: 0.99, roughness: 0.5 } }],
    }),
  );
  const other = await holdMaterial(user, 'tar');
  expect(other.queryByRole('slider', { name: 'normals' })).toBeNull();
});

test('one part gets a copy of its own', async () => {
  const { user, sent } = open();
  const card = await holdMaterial(user, 'oak');
  await user.click(card.getByLabelText('A copy of its own for one part'));
  await user.click(await screen.findByRole('option', { name: 'keel' }));
  expect(sent(setOwnSteps)[0]).toMatchObject({
    key: 'own:oak:split',
    steps: [{ kind: 'split-material', part: { name: 'keel' }, name: 'oak keel' }],
  });
});

test('a material is kept for the house with the maps that are here', async () => {
  const { user, sent } = open(sheet(), [answer(saveHouseMaterial, () => [])]);
  const card = await holdMaterial(user, 'oak');
  await user.click(card.getByRole('button', { name: 'Save as a house material …' }));
  await user.clear(card.getByLabelText('Its name in the house'));
  await user.type(card.getByLabelText('Its name in the house'), 'weathered oak{Enter}');
  await waitFor(() =>
    expect(sent(saveHouseMaterial)[0]).toMatchObject({
      name: 'weathered oak',
      maps: [{ slot: 'baseColor', sha256: OAK, path: 'boat/oak.png' }],
    }),
  );
});

test('sure ones are taken together, of the textures alone', async () => {
  const { user, sent } = open(sheet({ findings: [{ ...lost, sure: true }] }), [answer(takeSure, () => sheet())]);
  await user.click(await screen.findByRole('button', { name: 'Take 1 sure (a)' }));
  expect(sent(takeSure)).toEqual([{ heading: 'textures' }]);
});

test('unused textures lie in the tray, until a step uses them', async () => {
  open();
  expect(await screen.findByText('1 unused texture')).toBeTruthy();
});

test('nothing left to ask leads back; nothing with a surface says so', async () => {
  treatInPlace(() => ({ materials: [] }));
  open(sheet({ findings: [], maps: [], unused: [] }));
  expect(await screen.findByText('No materials')).toBeTruthy();
  expect(screen.getByText('all settled')).toBeTruthy();
  expect(screen.getByText('Every texture is used')).toBeTruthy();
});

const LAYOUT = { kind: 'second-layout' as const, schema: 1 as const, side: 2048 };
const layoutPanel = async () => within(await screen.findByRole('region', { name: 'UV layout for baking' }));

test('a layout for baking is made for a map of a size', async () => {
  const { user, sent } = open();
  const panel = await layoutPanel();
  await user.selectOptions(panel.getByLabelText('for a map of'), '2048 × 2048');
  await user.click(panel.getByRole('button', { name: 'Make one' }));
  await waitFor(() => expect(sent(setOwnSteps)[0]).toMatchObject({ key: 'own:second-layout', steps: [LAYOUT] }));
});

test('a layout for baking says what came of it, and goes again', async () => {
  const changed = '612 triangles in 38 pieces, as TEXCOORD_1';
  treatInPlace(() => ({
    materials: [look('oak')],
    outcomes: [{ kind: 'second-layout', title: '', changed, unmatched: [], worse: [] }],
  }));
  const row = { id: 's', step: LAYOUT, enabled: true, findingKey: 'own:second-layout', title: '', personName: 'Maja' };
  const { user, sent } = open(sheet({ steps: [row], planned: [{ ...row, isGuess: false }] } as never));
  const panel = await layoutPanel();
  expect(await panel.findByText(changed)).toBeTruthy();
  await user.click(panel.getByRole('button', { name: 'Without' }));
  await waitFor(() => expect(sent(setOwnSteps)).toMatchObject([{ steps: [], seen: [LAYOUT] }]));
});
