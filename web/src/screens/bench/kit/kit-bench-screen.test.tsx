import {
  answerForPieces,
  cataloguePieces,
  changeKitProvenance,
  getKitBench,
  KitBenchSchema,
  takeSureForPieces,
  type KitBench,
} from '@haveld/contract/api/kits';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../../testing/render-at';

const names = ['plank', 'post', 'rail', 'stair 2', 'stair 10'];
const ids = names.map((_, i) => `a${i}`);
const kit = (more: Partly<KitBench> = {}): KitBench =>
  exampleOf(KitBenchSchema, {
    id: 'k',
    name: 'Harbour kit',
    arrivalName: 'harbour.zip',
    provenance: { licenceId: 'CC-BY-4.0', author: 'Ines Falkenrot' },
    assets: names.map((name, i) => ({
      id: ids[i],
      name,
      accession: `HV-0000${i}`,
      state: 'on-bench' as const,
      sure: 1,
      open: i,
    })),
    findings: [
      {
        key: 'size',
        heading: 'size-and-orientation',
        title: 'Size',
        groups: [
          { choiceId: 'cm', label: 'centimetres', mark: 'look', assetIds: ids.slice(0, 4), sure: true },
          { choiceId: 'mm', label: 'millimetres', mark: 'look', assetIds: [ids[4]] },
        ],
      },
    ],
    measures: {
      unit: { id: 'cm', label: 'centimetres', confidence: 0.97, agree: 4, others: [ids[4]] },
      pieces: names.map((_, i) => ({
        assetId: ids[i],
        width: 5 - i,
        height: 1,
        depth: 1,
        pivot: 'base centre',
        isSettled: true,
        offModule: i === 2 ? [{ side: 'width' as const, off: -0.05 }] : [],
        times: i === 4 ? 0.1 : null,
      })),
    },
    ...more,
  } as Partly<KitBench>);

const open = (now = kit(), more: Answer[] = []) =>
  renderAt('/bench/kits/k', [
    answer(getKitBench, () => now),
    answer(answerForPieces, ({ body }) => ({ answered: body.assetIds.length })),
    answer(takeSureForPieces, () => ({})),
    ...more,
  ]);

test('one answer counts for all that say the same; those that differ are named', async () => {
  const { user, sent } = open();
  const finding = within(await screen.findByRole('article', { name: 'Size' }));
  expect(finding.getByText('stair 10')).toBeTruthy();
  await user.click(finding.getByRole('button', { name: 'Take for all 4: centimetres' }));
  expect(sent(answerForPieces)).toEqual([{ key: 'size', choiceId: 'cm', assetIds: ids.slice(0, 4) }]);
});

test('chosen pieces narrow what is taken: answers, sure proposals and the catalogue alike', async () => {
  const { user, sent } = open(kit(), [answer(cataloguePieces, () => ({ begun: 2, held: [] }))]);
  await user.click(await screen.findByRole('button', { name: 'Choose plank' }));
  await user.click(screen.getByRole('button', { name: 'Choose stair 10' }));
  await user.click(screen.getByRole('button', { name: 'Take for it: centimetres' }));
  await user.click(screen.getByRole('button', { name: 'Take 2 sure proposals of 2 pieces' }));
  await user.click(screen.getByRole('button', { name: 'Catalogue 2 pieces' }));
  await user.click(await screen.findByRole('button', { name: 'Catalogue them' }));
  expect(sent(answerForPieces)).toEqual([{ key: 'size', choiceId: 'cm', assetIds: ['a0'] }]);
  expect(sent(takeSureForPieces)).toEqual([{ assetIds: ['a0', 'a4'] }]);
  expect(sent(cataloguePieces)).toEqual([{ category: null, assetIds: ['a0', 'a4'] }]);
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
});

test('pieces that do not offer the answer are told, not forced', async () => {
  const { user } = renderAt('/bench/kits/k', [
    answer(getKitBench, () => kit()),
    answer(answerForPieces, () => ({ answered: 1 })),
  ]);
  await user.click(await screen.findByRole('button', { name: 'Take for all 4: centimetres' }));
  expect(await screen.findByText('3 of them do not offer this answer.')).toBeTruthy();
});

test('what was answered can be taken back for all', async () => {
  const answered = kit();
  answered.findings[0].groups[0] = { ...answered.findings[0].groups[0], settled: true, answered: true };
  const { user, sent } = open(answered);
  await user.click(await screen.findByRole('button', { name: 'Take back for 4: centimetres' }));
  expect(sent(answerForPieces)).toEqual([{ key: 'size', choiceId: null, assetIds: ids.slice(0, 4) }]);
});

test('pieces that cannot be catalogued yet are listed, each with its reason', async () => {
  const { user } = open(kit(), [
    answer(cataloguePieces, () => ({ begun: 4, held: [{ name: 'rail', why: 'Its size is open.' }] })),
  ]);
  await user.click(await screen.findByRole('button', { name: 'Catalogue 5 pieces' }));
  await user.click(await screen.findByRole('button', { name: 'Catalogue them' }));
  const dialog = within(await screen.findByRole('dialog', { name: '1 piece cannot be catalogued yet' }));
  expect(dialog.getByText(/Its size is open/)).toBeTruthy();
});

test('measures are sorted by number, not by letter, and turned round by a second click', async () => {
  const { user } = open();
  const table = within(await screen.findByRole('region', { name: 'Table of measures' }));
  const order = () => table.getAllByRole('rowheader').map((cell) => cell.textContent);
  expect(order()).toEqual(['plank', 'post', 'rail', 'stair 2', 'stair 10']);
  await user.click(table.getByRole('button', { name: 'width' }));
  expect(order()).toEqual(['stair 10', 'stair 2', 'rail', 'post', 'plank']);
  await user.click(table.getByRole('button', { name: 'width' }));
  expect(order()[0]).toBe('plank');
});

test('what stands out is said with its figure, and can be chosen at once', async () => {
  const { user } = open();
  const measures = within(await screen.findByRole('region', { name: 'Measures' }));
  expect(measures.getByText(/^width −5/)).toBeTruthy();
  expect(measures.getByText('10 times smaller than the others')).toBeTruthy();
  await user.click(measures.getByRole('button', { name: 'Choose the 2 that stand out' }));
  expect(screen.getByRole('button', { name: 'Choose rail' }).getAttribute('aria-pressed')).toBe('true');
  expect(screen.getByText('2 pieces chosen')).toBeTruthy();
  await user.click(measures.getByRole('button', { name: '1 say another' }));
  expect(screen.getByText('1 piece chosen')).toBeTruthy();
});

test('whose the kit is counts for all but those with a line of their own', async () => {
  const { user, sent } = open(kit({ ownProvenance: 2 }), [answer(changeKitProvenance, () => ({}))]);
  const rights = within(await screen.findByRole('article', { name: 'Whose the kit is' }));
  expect(rights.getByText(/counts for all but 2 pieces/)).toBeTruthy();
  await user.click(rights.getByRole('button', { name: 'Correct it' }));
  await user.type(rights.getByLabelText('Source'), 'quayside-models.example');
  await user.click(rights.getByRole('button', { name: 'Save for the kit' }));
  await waitFor(() =>
    expect(sent(changeKitProvenance)).toEqual([
      expect.objectContaining({ source: 'quayside-models.example', author: 'Ines Falkenrot' }),
    ]),
  );
});
