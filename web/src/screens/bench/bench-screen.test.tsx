import { BenchRowSchema, listBench, type BenchRow } from '@haveld/contract/api/bench';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen } from '../../testing/render-at';

const row = (more: Partly<BenchRow>): BenchRow =>
  exampleOf(BenchRowSchema, {
    id: 'x',
    state: 'on-bench',
    arrivalName: 'harbour.zip',
    next: 'Say its size',
    ...more,
  } as Partly<BenchRow>);
const kit = { id: 'k', name: 'Harbour kit' };

test('each says what is next and how much is open', async () => {
  renderAt('/bench', [
    answer(listBench, () => [
      row({ id: 'a', name: 'Bell buoy', accession: 'HV-00012', open: 3, sure: 2 }),
      row({ id: 'b', name: 'Crate', next: 'Ready for the catalogue' }),
    ]),
  ]);
  const links = (await screen.findAllByRole('link', { name: /harbour.zip/ })).map((link) => link.textContent);
  expect(links[0]).toContain('3 findings open, 2 of them sure');
  expect(links[1]).toContain('Ready for the catalogue');
  expect(links[1]).toContain('nothing open');
  expect(screen.getByText('2 models, the newest first')).toBeTruthy();
});

test('pieces of one kit stand in one row, where the first of them stands; one piece alone is itself', async () => {
  renderAt('/bench', [
    answer(listBench, () => [
      row({ id: 'p1', name: 'Plank', accession: 'HV-00020', kit, open: 1 }),
      row({ id: 'a', name: 'Bell buoy' }),
      row({ id: 'p2', name: 'Post', accession: 'HV-00021', kit }),
      row({ id: 'q', name: 'Rope', kit: { id: 'other', name: 'Ropes' } }),
    ]),
  ]);
  const links = await screen.findAllByRole('link', { name: /harbour.zip/ });
  expect(links.map((link) => link.getAttribute('href'))).toEqual(['/bench/kits/k', '/bench/a', '/bench/q']);
  expect(links[0].textContent).toContain('HV-00020 to HV-00021');
  expect(links[0].textContent).toContain('Harbour kit, 2 pieces of a kit');
  expect(links[0].textContent).toContain('1 piece with something open');
});

test('an empty bench says where things come from', async () => {
  renderAt('/bench', [answer(listBench, () => [])]);
  expect(await screen.findByText('The bench is clear')).toBeTruthy();
});
