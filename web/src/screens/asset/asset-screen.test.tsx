import { AssetPageSchema, getAsset, type AssetPage } from '@haveld/contract/api/catalogue';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { getMe, PersonSchema } from '@haveld/contract/api/people';
import { answer, renderAt, screen, type Answer } from '../../testing/render-at';

const HASH = 'b'.repeat(64);
const DAY = '2026-11-02T10:00:00.000Z';
const figures = { triangles: 1200, polygons: 700, maps: 2, nodes: 3, cardMemoryBytes: 8 * 2 ** 20, mapSide: 2048 };
const page = (more: Partly<AssetPage> = {}): AssetPage =>
  exampleOf(AssetPageSchema, {
    card: { id: 'buoy', accession: 'HV-00012', name: 'Bell buoy', category: 'prop', state: 'catalogued', heightM: 3.2 },
    arrivalName: 'harbour.zip',
    provenance: {
      licenceId: 'CC-BY-4.0',
      author: 'Ines Falkenrot',
      pageUrl: 'https://quayside-models.example/buoy',
      source: 'quayside-models.example',
    },
    credit: '“Bell buoy” by Ines Falkenrot, CC BY 4.0',
    shortCredit: 'Ines Falkenrot',
    duties: [{ kind: 'attribution', text: 'Name the author.' }],
    versions: [
      {
        id: 'v2',
        number: 2,
        state: 'made',
        createdAt: DAY,
        personName: 'Maja Lindqvist',
        modelSha256: HASH,
        outcomes: [{ kind: 'scale', title: 'Scale', changed: '× 0.01' }],
        before: { ...figures, nodes: 9, triangles: 1400 },
        after: { ...figures, box: { min: [-0.9, 0, -0.9], max: [0.9, 3.2, 0.9] } },
        checks: [{ what: 'triangles' }, { what: 'maps' }],
      },
      {
        id: 'v1',
        number: 1,
        state: 'failed',
        message: 'The disk was full.',
        createdAt: DAY,
        personName: 'Maja Lindqvist',
      },
    ],
    originals: [{ path: 'harbour.zip/buoy/buoy.obj', sizeBytes: 1000, sha256: HASH, role: 'model' }],
    ...more,
  } as Partly<AssetPage>);
const open = (now: AssetPage, ...more: Answer[]) => renderAt('/catalogue/buoy', [answer(getAsset, () => now), ...more]);

test('what it is, whose it is, what was done to it, and its originals stand on one page', async () => {
  open(page());
  expect(await screen.findByRole('heading', { name: 'Bell buoy' })).toBeTruthy();
  expect(screen.getByText(/1.8. × 3.2. × 1.8. m/)).toBeTruthy();
  expect(screen.getByText('kept as 700 polygons')).toBeTruthy();
  expect(screen.getByText('Asked in return: Name the author.')).toBeTruthy();
  expect(screen.getByText('“Bell buoy” by Ines Falkenrot, CC BY 4.0')).toBeTruthy();
  expect(screen.getByText(/9 → 3 nodes · 1.4 k → 1.2 k triangles · 2 → 2 maps/)).toBeTruthy();
  expect(screen.getByText(/read back and compared: triangles, maps/)).toBeTruthy();
  expect(screen.getByText(/failed: The disk was full/)).toBeTruthy();
  const original = screen.getByRole('link', { name: 'buoy/buoy.obj' });
  expect(original.getAttribute('href')).toBe(`/api/bytes/${HASH}?type=file&name=buoy.obj`);
});

test('a guest looks and copies the credit; work, rights and originals are not offered', async () => {
  open(
    page({ originals: [] }),
    answer(getMe, () => exampleOf(PersonSchema, { id: 'tjark', role: 'guest' })),
  );
  expect(await screen.findByRole('heading', { name: 'Whose it is' })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Copy it' })).toBeTruthy();
  for (const name of ['On the bench', 'All about its rights']) expect(screen.queryByRole('link', { name })).toBeNull();
  expect(screen.queryByRole('button', { name: 'Hand over' })).toBeNull();
  expect(screen.queryByRole('heading', { name: 'As it arrived' })).toBeNull();
});

test('what was taken down says so and cannot be handed over', async () => {
  open(page({ takenDown: 'Its author asked.' }));
  expect(await screen.findByText(/Taken down: Its author asked/)).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Hand over' }).disabled).toBe(true);
});

test('where it is used stands with what its licence says of that today', async () => {
  const use = {
    handOverId: 'h',
    projectId: 'tide',
    projectName: 'Tide House',
    versionNumber: 1,
    format: 'glb' as const,
    at: DAY,
    receivedBytes: 4_000_000,
    handedBytes: 1_500_000,
    state: 'packed' as const,
  };
  open(page({ uses: [{ ...use, verdict: { verdict: 'not-allowed', reasons: ['It earns money.'] } }] }));
  const line = (await screen.findByRole('link', { name: 'Tide House' })).closest('li')!;
  expect(line.textContent).toContain('not allowed: It earns money.');
  expect(line.textContent).toContain('4.0 MB received → 1.5 MB handed over');
});

test('the credit is copied in both forms', async () => {
  const { user } = open(page());
  await user.click(await screen.findByRole('button', { name: 'Copy the short form' }));
  expect(await screen.findByText('The credit is on the clipboard.')).toBeTruthy();
  expect(await navigator.clipboard.readText()).toBe('Ines Falkenrot');
});

test('an asset without a version offers none', async () => {
  open(page({ versions: [] }));
  expect(await screen.findByText('no version')).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Hand over' }).disabled).toBe(true);
  expect(screen.getByText('In no project yet.')).toBeTruthy();
});
