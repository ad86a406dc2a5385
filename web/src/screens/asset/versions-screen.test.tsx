import { AssetPageSchema, getAsset, type AssetPage } from '@haveld/contract/api/catalogue';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, within } from '../../testing/render-at';

const DAY = '2026-11-02T10:00:00.000Z';
const box = { min: [-0.9, 0, -0.9] as const, max: [0.9, 3.2, 0.9] as const };
const scale = (factor: number) => ({ kind: 'scale' as const, schema: 1 as const, factor, label: '' });
const version = (number: number, triangles: number, factor: number) => ({
  id: `v${number}`,
  number,
  state: 'made' as const,
  createdAt: DAY,
  personName: number === 1 ? 'Maja Lindqvist' : 'Oskar Brand',
  steps: [scale(factor)],
  outcomes: [{ kind: 'scale', title: `Scaled by ${factor}`, changed: '' }],
  after: { triangles, maps: 2, box },
});
const page = (versions = [version(3, 900, 0.02), version(2, 1000, 0.01), version(1, 1400, 0.01)]): AssetPage =>
  exampleOf(AssetPageSchema, {
    card: { id: 'buoy', accession: 'HV-00012', name: 'Bell buoy', state: 'catalogued', heightM: 3.2, licenceId: 'MIT' },
    provenance: { licenceId: 'MIT' },
    versions,
  });
const open = (path = '/catalogue/buoy/versions', now = page()) => renderAt(path, [answer(getAsset, () => now)]);
const rowOf = async (name: string): Promise<(string | null)[]> =>
  within((await screen.findByText(name)).closest('tr')!)
    .getAllByRole('cell')
    .map((cell) => cell.textContent);

test('the last two versions are compared: figures that differ first, and what was done otherwise', async () => {
  open();
  expect(await rowOf('triangles')).toEqual(['triangles', '1.0 k', '900']);
  const rows = screen.getAllByRole('row').map((row) => row.className);
  expect(rows[1]).toBe('differs');
  expect(rows.filter((name) => name === 'differs')).toHaveLength(1);
  expect(screen.getByText('Scaled by 0.02').closest('li')!.textContent).toBe('new Scaled by 0.02');
  expect(screen.getByText('Scaled by 0.01').closest('li')!.textContent).toBe('no more Scaled by 0.01');
  expect(screen.getByText(/^Version 2: Oskar Brand/).textContent).toContain('Version 3: Oskar Brand');
});

test('any two are chosen, and stand in the address', async () => {
  const { user, where } = open('/catalogue/buoy/versions?from=1&to=2');
  expect(await rowOf('triangles')).toEqual(['triangles', '1.4 k', '1.0 k']);
  expect(screen.getByText('The same steps')).toBeTruthy();
  await user.click(screen.getByLabelText('To'));
  await user.click(await screen.findByRole('option', { name: /^Version 3/ }));
  expect(where()).toBe('/catalogue/buoy/versions?from=1&to=3');
  expect(await rowOf('triangles')).toEqual(['triangles', '1.4 k', '900']);
});

test('of one version alone nothing is compared, and it says so', async () => {
  open('/catalogue/buoy/versions', page([version(1, 1400, 1)]));
  expect(await screen.findByText('Only one version so far')).toBeTruthy();
  expect(screen.getByRole('link', { name: 'Back to “Bell buoy”' })).toBeTruthy();
});

test('an address that names no version shows the last two', async () => {
  open('/catalogue/buoy/versions?from=17&to=lost');
  expect(await rowOf('triangles')).toEqual(['triangles', '1.0 k', '900']);
});
