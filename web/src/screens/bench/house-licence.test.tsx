import { changeProvenance, getSheet, listBench, listStandIns, type Sheet } from '@haveld/contract/api/bench';
import { LicencePageSchema, saveLicence } from '@haveld/contract/api/rights';
import { DomainError } from '@haveld/contract/error';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { exampleSheet } from '../../testing/example-sheet';
import { answer, renderAt, screen, waitFor, within, type Answer } from '../../testing/render-at';
import { treatInPlace } from '../../testing/treat-in-place';

const PASSAGE = 'You may sail with it, and may not sell it.';
const sheet: Partly<Sheet> = {
  id: 'buoy',
  name: 'Bell buoy',
  state: 'on-bench',
  provenance: { title: 'Bell buoy', statedGrant: 'free for sailors' },
  findings: [
    {
      kind: 'rights:licence',
      key: 'rights:licence',
      heading: 'rights',
      mark: 'blocks',
      title: 'Terms in words of their own, no licence',
      evidence: [{ text: 'terms in words of their own', passage: PASSAGE, file: 'terms.txt' }],
    },
  ],
};
const open = (more: Answer[]) =>
  renderAt('/bench/buoy', [
    answer(getSheet, () => exampleSheet(sheet)),
    answer(listStandIns, () => []),
    answer(listBench, () => []),
    answer(changeProvenance, () => exampleSheet(sheet)),
    ...more,
  ]);
beforeEach(() => treatInPlace(() => ({})));

/** Opens the form, and says what the licence is called. */
async function writeDown(user: ReturnType<typeof renderAt>['user']) {
  await user.click(await screen.findByRole('button', { name: 'Not on the list: write it down' }));
  const dialog = within(await screen.findByRole('dialog', { name: 'New house licence' }));
  await user.type(dialog.getByLabelText('Identifier'), 'sailors');
  await user.type(dialog.getByLabelText('Short, as in a credit'), 'Sailors');
  await user.type(dialog.getByLabelText('Name'), 'Sailors’ terms');
  return dialog;
}

test('a licence that is not on the list is written down from the passages that were found, and is the model’s then', async () => {
  const { user, sent } = open([
    answer(saveLicence, ({ body }) => exampleOf(LicencePageSchema, { terms: body.terms, own: true } as never)),
  ]);
  const dialog = await writeDown(user);
  expect(dialog.getByLabelText<HTMLTextAreaElement>('Licence text').value).toBe(`${PASSAGE}\n\nfree for sailors`);
  await user.click(dialog.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  expect(sent(saveLicence)[0]).toMatchObject({
    terms: { id: 'LicenseRef-sailors' },
    text: expect.stringContaining(PASSAGE),
  });
  // nothing of the model was sent with it; saving says so now
  expect(sent(changeProvenance)).toEqual([]);
  const form = within(screen.getByRole('form', { name: 'Whose it is' }));
  await user.click(form.getByRole('button', { name: 'Save' }));
  await waitFor(() => expect(sent(changeProvenance)).toHaveLength(1));
  expect(sent(changeProvenance)[0].change).toMatchObject({ licenceId: 'LicenseRef-sailors', title: 'Bell buoy' });
});

test('what is refused is said, and what was typed stays', async () => {
  const { user } = open([
    answer(saveLicence, () => {
      throw new DomainError('bad-request', 'There is a licence of that name.');
    }),
  ]);
  const dialog = await writeDown(user);
  await user.click(dialog.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText('There is a licence of that name.')).toBeTruthy();
  expect(dialog.getByLabelText<HTMLInputElement>('Name').value).toBe('Sailors’ terms');
});
