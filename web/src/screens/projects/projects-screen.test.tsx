import { DomainError } from '@haveld/contract/error';
import {
  createProject,
  getProject,
  listProjects,
  ProjectRowSchema,
  ProjectSchema,
} from '@haveld/contract/api/projects';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen } from '../../testing/render-at';

const DAY = '2026-11-02T10:00:00.000Z';
const tideHouse = exampleOf(ProjectRowSchema, {
  id: 'tide',
  name: 'Tide House',
  purpose: 'a touring show',
  use: { commercial: true },
  uses: 3,
  live: true,
  createdAt: DAY,
});

test('each project says what it is for, whether it earns money, and what of its rights has changed', async () => {
  renderAt('/projects', [
    answer(listProjects, () => [
      tideHouse,
      { ...tideHouse, id: 'ebb', name: 'Ebb House', live: false, reopenings: 2, uses: 1, newer: 4 },
    ]),
  ]);
  const [, tide, ebb] = (await screen.findAllByRole('row')).map((row) => row.textContent);
  expect(tide).toContain('Tide Housea touring showcommercial');
  expect(tide).toContain('3 assets');
  expect(tide).toContain('rights sheet');
  expect(ebb).toContain('ended');
  expect(ebb).toContain('2 changes to look at');
});

test('a library without a project says what one is good for', async () => {
  renderAt('/projects', [answer(listProjects, () => [])]);
  expect(await screen.findByText('No project yet')).toBeTruthy();
});

test('a new project is not opened before it says whether it earns money and what becomes of the models', async () => {
  const { user, sent, where } = renderAt('/projects', [
    answer(listProjects, () => [tideHouse]),
    answer(createProject, ({ body }) => ({ ...tideHouse, ...body, id: 'new' })),
    answer(getProject, () => exampleOf(ProjectSchema, { ...tideHouse })),
  ]);
  await user.click(await screen.findByRole('button', { name: 'New project' }));
  const open = screen.getByRole<HTMLButtonElement>('button', { name: 'Open it' });
  await user.type(screen.getByLabelText('Name'), ' Harbour lights ');
  expect(open.disabled).toBe(true);
  await user.click(screen.getByRole('radio', { name: 'Non-commercial' }));
  for (const box of screen.getAllByRole<HTMLInputElement>('checkbox')) if (box.checked) await user.click(box);
  expect(open.disabled).toBe(true);
  await user.click(screen.getByRole('checkbox', { name: 'printing it as an object or a sheet' }));
  await user.click(open);
  expect(sent(createProject)).toEqual([
    expect.objectContaining({
      name: 'Harbour lights',
      use: expect.objectContaining({ commercial: false, uses: ['print'], arrangement: 'unsaid' }),
    }),
  ]);
  expect(where()).toBe('/projects');
});

test('a list that cannot be had says so and can be asked for again', async () => {
  let tries = 0;
  const { user } = renderAt('/projects', [
    answer(listProjects, () => {
      if (tries++ === 0) throw new DomainError('broken', 'The database is starting.');
      return [tideHouse];
    }),
  ]);
  expect((await screen.findByRole('alert')).textContent).toContain('The database is starting.');
  await user.click(screen.getByRole('button', { name: 'Try again' }));
  expect(await screen.findByText('Tide House')).toBeTruthy();
});

test('later versions that are neither taken nor left are counted; of what has ended nobody is told', async () => {
  renderAt('/projects', [
    answer(listProjects, () => [
      { ...tideHouse, newer: 2 },
      { ...tideHouse, id: 'ebb', name: 'Ebb House', live: false, newer: 4 },
    ]),
  ]);
  await screen.findByText('Tide House');
  expect(screen.getByText(/newer versions?$/).textContent).toContain('2 newer versions');
});
