import { getSheet, listBench, listStandIns, type Sheet } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import type { Partly } from '@haveld/contract/testing/example-of';
import type { PointsAt } from '@haveld/core/condition/pointing/points-at';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';
import { exampleSheet } from '../../testing/example-sheet';

const LID = { name: 'lid', ordinal: 0, signature: '24:12:1×1×1' };
const TURN = { kind: 'flip-faces' as const, schema: 1 as const, parts: [LID] };
const SCALE: Step = { kind: 'scale', schema: 1, factor: 0.01, label: 'centimetres' } as Step;

const inverted = {
  kind: 'inverted-faces' as const,
  key: 'inverted-faces',
  heading: 'geometry' as const,
  mark: 'look' as const,
  title: '1 part inside out',
  choices: [{ id: 'turn', label: 'Flip their faces outwards', confidence: 0.9, steps: [TURN] }],
};
const smeared = {
  kind: 'uv' as const,
  key: 'uv:flat',
  heading: 'textures' as const,
  mark: 'look' as const,
  title: 'Faces with no UV area: “oak”, 12 %',
  about: { materials: ['oak'], layout: 'flat' as const },
};
const size = {
  kind: 'size' as const,
  key: 'size',
  heading: 'size-and-orientation' as const,
  mark: 'look' as const,
  title: 'May be in centimetres (84 %)',
};

const open = (sheet: Partly<Sheet>) =>
  renderAt('/bench/chest', [
    answer(getSheet, () =>
      exampleSheet({ id: 'chest', name: 'Chest', documentSha256: 'd'.repeat(64), ...sheet } as Partly<Sheet>),
    ),
    answer(listStandIns, () => []),
    answer(listBench, () => []),
  ]);

let asked: { steps: Step[]; pointed: PointsAt }[] = [];
let drawn: unknown[] = [];
beforeEach(() => {
  asked = [];
  drawn = [];
  treatInPlace(() => ({}), {
    listPointedFaces: (_, steps, __, pointed) => {
      asked.push({ steps, pointed });
      return Promise.resolve(new Float32Array(9));
    },
    drawLayout: (_, material, __, trouble) => {
      drawn.push({ material, trouble });
      return Promise.resolve(null);
    },
  });
});

test('the finding in hand asks for its faces, as received and as treated; one about the whole asks for none', async () => {
  const { user } = open({ findings: [size, inverted], steps: [{ id: 's', enabled: true, step: SCALE }] as never });
  const shown = within(await screen.findByRole('region', { name: 'Condition' }));
  await shown.findByText(/May be in centimetres/);
  expect(asked).toEqual([]);
  await user.click(shown.getByRole('button', { name: /1 part inside out/ }));
  await waitFor(() => expect(asked).toHaveLength(2));
  expect(asked.map(({ steps }) => steps.length).sort()).toEqual([0, 1]);
  for (const { pointed } of asked) expect(pointed).toEqual({ kind: 'parts', parts: [LID] });
});

test('what is wrong with a layout is drawn on its picture too, and the key says what the hatch is', async () => {
  open({ findings: [smeared] });
  await waitFor(() => expect(drawn).toEqual([{ material: 'oak', trouble: 'flat' }]));
  await waitFor(() => expect(asked[0]?.pointed).toEqual({ kind: 'materials', materials: ['oak'], layout: 'flat' }));
  expect(screen.getByText('on itself')).toBeTruthy();
  expect(screen.getByText('mirrored')).toBeTruthy();
  expect(screen.getByText('affected faces')).toBeTruthy();
});

test('a model that cannot be shown says why, where it would stand', async () => {
  treatInPlace(() => {
    throw new Error('the document is cut off');
  });
  open({ findings: [size] });
  expect(await screen.findByText('The model cannot be shown: the document is cut off')).toBeTruthy();
  expect(screen.queryByText('Loading the model …')).toBeNull();
});
