import { AssetPageSchema, getAsset } from '@haveld/contract/api/catalogue';
import { getMe, PersonSchema } from '@haveld/contract/api/people';
import {
  addRemark,
  answerRemark,
  ColleagueSchema,
  getInbox,
  listColleagues,
  listRemarks,
  NoticeSchema,
  readInbox,
  RemarkSchema,
  resolveRemark,
  type Remark,
} from '@haveld/contract/api/remarks';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { answer, renderAt, screen, waitFor, within } from '../../testing/render-at';

const DAY = '2026-11-30T10:00:00.000Z';
const remark = (more: Partly<Remark> = {}): Remark =>
  exampleOf(RemarkSchema, {
    id: 'r1',
    about: { kind: 'asset' },
    text: 'The bell hangs askew, @runa',
    personName: 'Oskar',
    at: DAY,
    ...more,
  } as Partly<Remark>);
const RESOLVED = remark({ id: 'r0', text: 'Too red', resolved: { personName: 'Runa', at: DAY } });

const open = (remarks: Remark[], role: 'artist' | 'guest' = 'artist') =>
  renderAt('/catalogue/buoy', [
    answer(getMe, () => exampleOf(PersonSchema, { role })),
    answer(getAsset, () =>
      exampleOf(AssetPageSchema, {
        card: { id: 'buoy', name: 'Bell buoy', state: 'catalogued', licenceId: 'MIT' },
        provenance: { licenceId: 'MIT' },
      }),
    ),
    answer(listRemarks, () => remarks),
    answer(listColleagues, () => [exampleOf(ColleagueSchema, { id: 'runa', name: 'Runa', signIn: 'runa' })]),
    answer(addRemark, () => remarks),
    answer(answerRemark, () => remarks),
    answer(resolveRemark, () => remarks),
  ]);

test('open remarks stand there with who said them, resolved ones behind a click; who is mentioned stands out', async () => {
  const { user } = open([remark({ answers: [{ id: 'a', text: 'So it is', personName: 'Runa', at: DAY }] }), RESOLVED]);
  const one = within(await screen.findByRole('article', { name: 'Remark by Oskar' }));
  expect((await one.findByText('@runa')).tagName).toBe('STRONG');
  expect(one.getByText('So it is')).toBeTruthy();
  expect(screen.queryByText('Too red')).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Show 1 resolved remark' }));
  expect(screen.getByText('Too red')).toBeTruthy();
  expect(screen.getByText(/resolved by Runa/)).toBeTruthy();
});

test('something is said, answered and resolved; letters that are typed are no keys of the screen', async () => {
  const { user, sent } = open([remark()]);
  await user.type(await screen.findByLabelText(/^New remark/), 'fine for me');
  await user.click(screen.getByRole('button', { name: 'Add remark' }));
  expect(sent(addRemark)).toEqual([{ about: { kind: 'asset' }, text: 'fine for me' }]);
  await waitFor(() => expect(screen.getByLabelText<HTMLTextAreaElement>(/^New remark/).value).toBe(''));
  await user.click(screen.getByRole('button', { name: 'Answer' }));
  await user.type(screen.getByLabelText('Answer'), 'mended');
  await user.click(screen.getByRole('button', { name: 'Answer' }));
  expect(sent(answerRemark)).toEqual([{ text: 'mended' }]);
  await user.click(await screen.findByRole('button', { name: 'Resolve' }));
  expect(sent(resolveRemark)).toEqual([{ isResolved: true }]);
});

test('a guest is shown no remarks', async () => {
  const { askedOf } = open([remark()], 'guest');
  await screen.findByRole('heading', { name: 'Bell buoy' });
  expect(screen.queryByText('Remarks')).toBeNull();
  expect(askedOf(listRemarks)).toHaveLength(0);
});

describe('the inbox', () => {
  const told = (id: string, isRead: boolean) =>
    exampleOf(NoticeSchema, {
      id,
      reason: 'mentioned',
      assetId: 'buoy',
      accession: 'HV-000001',
      assetName: 'Bell buoy',
      isCatalogued: true,
      personName: 'Oskar',
      text: `text of ${id}`,
      at: DAY,
      isRead,
    });
  const openInbox = (notices: ReturnType<typeof told>[]) =>
    renderAt('/inbox', [answer(getInbox, () => notices), answer(readInbox, () => ({}))]);

  test('what was told leads to its asset, and is read by going there or all at once', async () => {
    const { user, sent } = openInbox([told('n1', false), told('n2', true)]);
    const [link] = await screen.findAllByRole('link', { name: 'HV-000001 Bell buoy' });
    expect(link.getAttribute('href')).toBe('/catalogue/buoy');
    expect(screen.getByText('1 unread')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Mark all as read' }));
    expect(sent(readInbox)).toEqual([{ ids: ['n1'] }]);
  });

  test('an empty one says what will stand there', async () => {
    openInbox([]);
    expect(await screen.findByText('Nothing in the inbox yet')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Mark all as read' })).toBeNull();
  });
});
