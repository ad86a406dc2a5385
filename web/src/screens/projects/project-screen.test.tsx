import {
  ProjectSchema,
  changeProject,
  getProject,
  handOver,
  leaveNewer,
  type Project,
} from '@haveld/contract/api/projects';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen } from '../../testing/render-at';

const HASH = 'a'.repeat(64);
const DAY = '2026-11-02T10:00:00.000Z';
const project = (handOvers: Partly<Project['handOvers']>): Project =>
  exampleOf(ProjectSchema, {
    id: 'tide',
    name: 'Tide House',
    use: { commercial: true, uses: ['rendered', 'sale'], seats: 4, until: '2027-03-31' },
    live: true,
    createdAt: DAY,
    handOvers,
  });

const buoy = {
  handOverId: 'h1',
  assetId: 'buoy',
  assetName: 'Bell buoy',
  accession: 'HV-00012',
  versionNumber: 2,
  format: 'glb' as const,
  at: DAY,
  personName: 'Maja Lindqvist',
  receivedBytes: 4_000_000,
  handedBytes: 1_500_000,
  zipSha256: HASH,
  state: 'packed' as const,
  checks: [{ what: 'triangles', wanted: '1 200', found: '1 200', same: true }],
  verdict: {
    verdict: 'allowed-with-duties' as const,
    reasons: ['CC BY allows it.'],
    duties: [{ kind: 'attribution' as const, text: 'Name the author.' }],
  },
};

test('a use tells version, verdict, duties, what was read back, and where the file is', async () => {
  renderAt('/projects/tide', [answer(getProject, () => project([buoy]))]);
  const use = await screen.findByRole('article', { name: 'Bell buoy' });
  expect(use.textContent).toContain('HV-00012, version 2');
  expect(use.textContent).toContain('CC BY allows it.');
  expect(use.textContent).toContain('1 obligation:');
  expect(use.textContent).toContain('Read back after writing: triangles 1 200');
  const link = screen.getByRole('link', { name: /fetch Bell buoy/ });
  expect(link.getAttribute('href')).toBe(`/api/bytes/${HASH}?type=zip&name=Bell+buoy+glb.zip`);
});

test('what may not stand there says so first; what failed says why and offers no file', async () => {
  renderAt('/projects/tide', [
    answer(getProject, () =>
      project([
        { ...buoy, verdict: { verdict: 'not-allowed', reasons: ['Section 1(i): not for sale.'] } },
        {
          ...buoy,
          handOverId: 'h2',
          assetName: 'Net float',
          state: 'failed',
          zipSha256: null,
          message: 'A map is lost.',
        },
      ]),
    ),
  ]);
  expect((await screen.findByRole('article', { name: 'Bell buoy' })).textContent).toContain(
    'not allowed: Section 1(i): not for sale.',
  );
  const failed = screen.getByRole('article', { name: 'Net float' });
  expect(failed.textContent).toContain('A map is lost.');
  expect(screen.queryByRole('link', { name: /fetch Net float/ })).toBeNull();
});

test('a later version is told on the use of the earlier one, and taken in the same shape', async () => {
  const { user, sent } = renderAt('/projects/tide', [
    answer(getProject, () => project([{ ...buoy, projectId: 'tide', maps: 'png', newer: 3 }])),
    answer(handOver, () => project([])),
  ]);
  expect((await screen.findByRole('article', { name: 'Bell buoy' })).textContent).toContain(
    'Version 3 is in the catalogue.',
  );
  await user.click(screen.getByRole('button', { name: 'Take version 3: Bell buoy' }));
  expect(sent(handOver)).toEqual([{ assetIds: ['buoy'], format: 'glb', maps: 'png' }]);
});

test('a later version can be compared first, and left: the project stays with what it has, and says so', async () => {
  const held = { ...buoy, projectId: 'tide', versionNumber: 2 };
  const { user, sent } = renderAt('/projects/tide', [
    answer(getProject, () => project([{ ...held, newer: 3 }])),
    answer(leaveNewer, () => project([{ ...held, leftNewer: 3 }])),
  ]);
  const differs = await screen.findByRole('link', { name: 'See what differs' });
  expect(differs.getAttribute('href')).toBe('/catalogue/buoy/versions?from=2&to=3');
  await user.click(screen.getByRole('button', { name: 'Stay with version 2: Bell buoy' }));
  expect(sent(leaveNewer)).toEqual([{ number: 3 }]);
});

test('a version that was left is told quietly, and can be taken after all', async () => {
  renderAt('/projects/tide', [
    answer(getProject, () => project([{ ...buoy, projectId: 'tide', versionNumber: 2, leftNewer: 3 }])),
  ]);
  expect(await screen.findByText(/It stays with version 2; version 3 was left/)).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Take version 3: Bell buoy' })).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^Stay with/ })).toBeNull();
});

test('several hand-overs are fetched as one zip', async () => {
  renderAt('/projects/tide', [answer(getProject, () => project([buoy, { ...buoy, handOverId: 'h2', format: 'obj' }]))]);
  const link = await screen.findByRole('link', { name: 'Fetch all in one zip' });
  expect(link.getAttribute('href')).toBe('/api/projects/tide/package.zip');
});

test('a single hand-over has its own zip alone', async () => {
  renderAt('/projects/tide', [answer(getProject, () => project([buoy]))]);
  await screen.findByRole('article', { name: 'Bell buoy' });
  expect(screen.queryByRole('link', { name: 'Fetch all in one zip' })).toBeNull();
});

test('what it is for stands beside it and can be changed; an end is a change like others', async () => {
  const { user, sent } = renderAt('/projects/tide', [
    answer(getProject, () => project([])),
    answer(changeProject, ({ body }) => ({ ...project([]), ...body })),
  ]);
  expect(await screen.findByText('commercial')).toBeTruthy();
  expect(screen.getByText('4 people')).toBeTruthy();
  expect(screen.getByText('until 2027-03-31')).toBeTruthy();
  expect(screen.getByText('Nothing yet')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'What it is for' }));
  await user.click(await screen.findByRole('checkbox', { name: 'It has ended' }));
  await user.click(screen.getByRole('button', { name: 'Save' }));
  expect(sent(changeProject)).toEqual([expect.objectContaining({ name: 'Tide House', live: false })]);
});
