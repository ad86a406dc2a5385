import type { AnyEndpoint, BytesEndpoint } from '@haveld/contract/api/endpoint';
import { changePassword, createToken, getMe, signOut } from '@haveld/contract/api/people';
import { mayAs, ROLES, type Role } from '@haveld/contract/role';
import { removePerson } from '../people/members';
import type { TestClient } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';
import { listServedBytes, listServedEndpoints } from './serve-endpoint';

const given = useLibrary({ worker: false });

type Route = AnyEndpoint | BytesEndpoint;
type Headers = Record<string, string>;

const listRoutes = (): Route[] => [...listServedEndpoints(given.library.app), ...listServedBytes(given.library.app)];

const nameOf = ({ method, path }: Route): string => `${method} ${path}`;

/** What a route answers to somebody who asks with nothing that could be done. */
async function ask({ method, path }: Route, headers: Headers): Promise<number> {
  const answer = await given.library.app.request(path.replace(/:\w+/g, 'x'), {
    method: method.toUpperCase(),
    headers,
    body: method === 'get' || method === 'head' ? undefined : '{}',
  });
  await answer.body?.cancel();
  return answer.status;
}

/** Asks every route, and says where somebody got further, or less far, than they should. */
async function compare(headers: Headers, shouldOpen: (route: Route) => boolean, refusal: number): Promise<string[]> {
  const wrong: string[] = [];
  // signing out ends what the others are asked with
  for (const route of listRoutes().filter((one) => (one as unknown) !== signOut)) {
    const status = await ask(route, headers);
    const opened = status !== 401 && status !== 403;
    if (opened !== shouldOpen(route) || (!opened && status !== refusal)) wrong.push(`${nameOf(route)}: ${status}`);
  }
  return wrong;
}

const isOpen = ({ may }: Route): boolean => may === 'anybody';
const openTo =
  (role: Role) =>
  ({ may }: Route): boolean =>
    may === 'anybody' || mayAs(role, may);
const openToProgram =
  (role: Role) =>
  (route: Route): boolean =>
    openTo(role)(route) && !(route.inPerson && route.may !== 'anybody');

async function addToken(client: TestClient, role: Role): Promise<Headers> {
  const { token } = await client.call(createToken, { body: { name: 'a program', role, days: 30 } });
  return { authorization: `Bearer ${token}` };
}

test('every route says who may; each role opens something that the one before it does not', () => {
  const routes = listRoutes();
  const counts = ROLES.map((role) => routes.filter(openTo(role)).length);
  expect(counts).toEqual([...counts].sort((a, b) => a - b));
  expect(new Set(counts).size).toBe(ROLES.length);
  expect(counts.at(-1)).toBe(routes.length);
});

test('nobody opens anything but the door', async () => {
  expect(await compare({}, isOpen, 401)).toEqual([]);
});

test('a session and a token that were never given open nothing', async () => {
  expect(await compare({ cookie: 'haveld_session=abcdefgh' }, isOpen, 401)).toEqual([]);
  // a program that shows a token means it: the door does not let it by either
  expect(await compare({ authorization: 'Bearer haveld_abcdefgh' }, () => false, 401)).toEqual([]);
});

test.each(ROLES)('somebody who is %s opens what their role may and nothing else', async (role) => {
  const { cookie } = await given.library.signInAs(role, `one-${role}`);
  expect(await compare({ cookie }, openTo(role), 403)).toEqual([]);
});

test.each(ROLES)('a token of an owner that may what %s may opens that, and no account', async (role) => {
  const headers = await addToken(given.client, role);
  expect(await compare(headers, openToProgram(role), 403)).toEqual([]);
});

test('a token is never more than its person, also when they become less', async () => {
  const client = await given.library.signInAs('curator', 'rising');
  await expect(addToken(client, 'owner')).rejects.toThrow('403: A token may be no more than the person it is of.');
  const headers = await addToken(client, 'curator');
  await given.library.pool.query("UPDATE person SET role = 'guest' WHERE sign_in = 'rising'");
  expect(await compare(headers, openToProgram('guest'), 403)).toEqual([]);
  expect(await compare({ cookie: client.cookie }, openTo('guest'), 403)).toEqual([]);
});

test('a password that was printed once opens its change and nothing else, for an owner too', async () => {
  const { cookie } = await given.library.signInAs('owner', 'printed', { mustChange: true });
  const allowed = new Set<unknown>([getMe, changePassword, signOut]);
  expect(await compare({ cookie }, (route) => isOpen(route) || allowed.has(route), 403)).toEqual([]);
});

test('somebody who was removed opens nothing, by session or by token', async () => {
  const client = await given.library.signInAs('owner', 'leaving');
  const headers = await addToken(client, 'owner');
  const { id } = await client.call(getMe);
  await removePerson(given.library.pool, id);
  expect(await compare({ cookie: client.cookie }, isOpen, 401)).toEqual([]);
  expect(await compare(headers, () => false, 401)).toEqual([]);
});

test('a token and a session that ran out open nothing', async () => {
  const client = await given.library.signInAs('owner', 'long-ago');
  const headers = await addToken(client, 'owner');
  const past = 'SET expires_at = UTC_TIMESTAMP(3) - INTERVAL 1 SECOND';
  const who = "WHERE person_id = (SELECT id FROM person WHERE sign_in = 'long-ago')";
  await given.library.pool.query(`UPDATE session ${past} ${who}`);
  await given.library.pool.query(`UPDATE program_token ${past} ${who}`);
  expect(await compare({ cookie: client.cookie }, isOpen, 401)).toEqual([]);
  expect(await compare(headers, () => false, 401)).toEqual([]);
});

test('a refusal says who may, and who one is here', async () => {
  const { cookie } = await given.library.signInAs('artist', 'asking');
  const answer = await given.library.app.request('/api/house/rules', {
    method: 'PUT',
    headers: { cookie },
    body: '{}',
  });
  expect(await answer.json()).toMatchObject({
    code: 'not-allowed',
    message: 'This is for curators and owners; you are here as an artist.',
  });
});
