import { listWatchedFolders, unwatchFolder, watchFolder, WatchedFolderSchema } from '@haveld/contract/api/watching';
import { DomainError } from '@haveld/contract/error';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

const FOLDER = exampleOf(WatchedFolderSchema, {
  id: 'f',
  path: '/srv/watched/in',
  together: 'folders',
  afterwards: 'move',
  author: 'Ines Falkenrot',
  taken: 3,
  lastTakenAt: '2026-11-30T10:00:00.000Z',
  trouble: '“a.zip” waits: the end of the zip is missing.',
});

test('each folder says what becomes of its files, how much was taken, and what stands in the way', async () => {
  const { user, askedOf } = renderAt('/arrivals/folders', [
    answer(listWatchedFolders, () => ({ roots: ['/srv/watched'], folders: [FOLDER] })),
    answer(unwatchFolder, () => ({})),
  ]);
  const card = await screen.findByRole('region', { name: '/srv/watched/in' });
  expect(card.textContent).toMatch(
    /each sub-folder is one arrival; files that were taken are moved into its folder “taken”; by Ines Falkenrot/,
  );
  expect(card.textContent).toMatch(/3 files taken, the last 30 Nov/);
  expect(within(card).getByRole('status').textContent).toContain('the end of the zip is missing');
  await user.click(within(card).getByRole('button', { name: /no more/ }));
  await waitFor(() => expect(askedOf(unwatchFolder)).toHaveLength(1));
});

test('a folder is named below the roots; a refusal stays with what was typed', async () => {
  let isRefused = true;
  const { user, sent } = renderAt('/arrivals/folders', [
    answer(listWatchedFolders, () => ({ roots: ['/srv/watched', '/mnt/downloads'], folders: [] })),
    answer(watchFolder, () => {
      if (isRefused) throw new DomainError('bad-request', 'There is no folder “in” on the server.');
      return { id: 'f' };
    }),
  ]);
  expect(await screen.findByText('No folder is watched')).toBeTruthy();
  expect(screen.getByText('below /srv/watched or /mnt/downloads')).toBeTruthy();
  const path = screen.getByRole<HTMLInputElement>('textbox', { name: 'Folder' });
  await user.type(path, 'in');
  await user.click(screen.getByRole('combobox', { name: 'Files that were taken' }));
  await user.click(await screen.findByRole('option', { name: /get a file beside them/ }));
  await user.click(screen.getByRole('button', { name: 'Watch it' }));
  expect(await screen.findByText('There is no folder “in” on the server.')).toBeTruthy();
  expect(path.value).toBe('in');
  isRefused = false;
  await user.click(screen.getByRole('button', { name: 'Watch it' }));
  await waitFor(() => expect(path.value).toBe(''));
  expect(sent(watchFolder).at(-1)).toMatchObject({ path: 'in', together: 'each', afterwards: 'mark', author: '' });
});
