import {
  changeMe,
  changeRole,
  createLink,
  getMe,
  invitePerson,
  listPeople,
  listSessions,
  endSession,
  listTokens,
  createToken,
  deleteToken,
  lookAtLink,
  removePerson,
  enterByLink,
  type Member,
} from '@haveld/contract/api/people';
import { DEMO_PASSWORD } from '@haveld/demo/studio';
import { many, run } from '../database/statements';
import { PASSWORD, TestClient } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary({ worker: false });
const OWN = 'kelp lantern ferry';

const memberOf = async (signIn: string): Promise<Member> =>
  (await given.client.call(listPeople)).find((member) => member.signIn === signIn)!;

/** Whoever holds a link asks without a session. */
async function useIt(token: string, password = OWN): Promise<{ status: number; client: TestClient; message?: string }> {
  const body = JSON.stringify({ token, password });
  const answer = await given.library.app.request(enterByLink.path, { method: 'POST', body });
  const { message } = (await answer.json()) as { message?: string };
  const cookie = answer.headers.get('set-cookie')?.split(';')[0] ?? '';
  return { status: answer.status, client: new TestClient(given.library.app, cookie), message };
}

const lookAt = (token: string) => new TestClient(given.library.app, '').call(lookAtLink, { body: { token } });

describe('an invitation', () => {
  test('lets somebody choose a password, once, and signs them in as what they were invited to be', async () => {
    const { token, expiresAt } = await given.client.call(invitePerson, {
      body: { name: 'Runa Vestergaard', signIn: ' Runa ', role: 'artist' },
    });
    expect(await lookAt(token)).toEqual({
      kind: 'invitation',
      name: 'Runa Vestergaard',
      signIn: 'runa',
      role: 'artist',
      by: 'Maja Lindqvist',
      expiresAt,
    });
    expect(await memberOf('runa')).toMatchObject({ state: 'invited', linkExpiresAt: expiresAt, lastSeenAt: null });
    const { status, client } = await useIt(token);
    expect(status).toBe(200);
    expect(await client.call(getMe)).toMatchObject({ signIn: 'runa', role: 'artist', mustChange: false });
    expect(await memberOf('runa')).toMatchObject({ state: 'here', linkExpiresAt: null });
    expect(await useIt(token)).toMatchObject({
      status: 404,
      message: 'This link opens nothing any more. Ask whoever gave it to you for a new one.',
    });
    await expect(given.library.signIn('runa', OWN)).resolves.toBeTruthy();
  });

  test('opens nothing before it is used, and neither does an empty password', async () => {
    await given.client.call(invitePerson, { body: { name: 'Not yet', signIn: 'not-yet', role: 'owner' } });
    await expect(given.library.signIn('not-yet', 'anything at all')).rejects.toThrow('Name or password is wrong.');
    // an owner who never came does not count as one who stays
    await expect(
      given.client.call(removePerson, { params: { id: (await given.client.call(getMe)).id } }),
    ).rejects.toThrow('One owner has to stay.');
  });

  test('takes no password that is tried first, and stays for a better one', async () => {
    const { token } = await given.client.call(invitePerson, {
      body: { name: 'Oskar Behn', signIn: 'oskar', role: 'curator' },
    });
    for (const weak of ['password123', 'oskarbehn1', DEMO_PASSWORD, 'short'])
      expect((await useIt(token, weak)).status).toBe(400);
    expect((await useIt(token)).status).toBe(200);
  });

  test('that ran out, or that a newer one replaced, opens nothing', async () => {
    const { id, token } = await given.client.call(invitePerson, {
      body: { name: 'Late', signIn: 'late', role: 'guest' },
    });
    const next = await given.client.call(createLink, { params: { id } });
    await expect(lookAt(token)).rejects.toThrow('404');
    await run(given.library.pool, 'UPDATE person_link SET expires_at = UTC_TIMESTAMP(3) WHERE person_id = ?', [id]);
    expect((await useIt(next.token)).status).toBe(404);
    expect(await memberOf('late')).toMatchObject({ state: 'invited', linkExpiresAt: null });
  });

  test('is used by one of two who hold it', async () => {
    const { token } = await given.client.call(invitePerson, {
      body: { name: 'Two', signIn: 'two', role: 'guest' },
    });
    const statuses = (await Promise.all([useIt(token), useIt(token, 'another tidal word')])).map(
      ({ status }) => status,
    );
    expect(statuses.sort()).toEqual([200, 404]);
  });

  test('of a name somebody has is refused, with whose it is', async () => {
    const invite = (signIn: string) =>
      given.client.call(invitePerson, { body: { name: 'Other', signIn, role: 'guest' } });
    await expect(invite('MAJA')).rejects.toThrow('Maja Lindqvist signs in as “maja” already.');
    await expect(invite('two words')).rejects.toThrow('400');
  });

  test('stands in the database as a hash alone', async () => {
    const { token } = await given.client.call(invitePerson, {
      body: { name: 'Hashed', signIn: 'hashed', role: 'guest' },
    });
    const rows = await many<Record<string, unknown>>(given.library.pool, 'SELECT * FROM person_link');
    expect(rows.length).toBeGreaterThan(0);
    expect(JSON.stringify(rows)).not.toContain(token);
  });
});

describe('a way back in', () => {
  test('replaces a forgotten password and ends what was signed in with it', async () => {
    const before = await given.library.signInAs('artist', 'forgot');
    const { id } = await before.call(getMe);
    const { token } = await given.client.call(createLink, { params: { id } });
    expect(await lookAt(token)).toMatchObject({ kind: 'reset', name: 'forgot' });
    // until it is used the old password holds
    await expect(before.call(getMe)).resolves.toBeTruthy();
    const { client } = await useIt(token);
    await expect(client.call(getMe)).resolves.toMatchObject({ id });
    await expect(before.call(getMe)).rejects.toThrow('401');
    await expect(given.library.signIn('forgot', PASSWORD)).rejects.toThrow('wrong');
  });
});

describe('removed', () => {
  test('somebody is out at once, keeps their name on what they did, and can come back', async () => {
    const client = await given.library.signInAs('curator', 'leaving');
    const { token } = await client.call(createToken, { body: { name: 'build', role: 'guest', days: 30 } });
    const { id } = await client.call(getMe);
    const link = await given.client.call(createLink, { params: { id } });
    await given.client.call(removePerson, { params: { id } });
    await expect(client.call(getMe)).rejects.toThrow('401');
    await expect(given.library.signIn('leaving')).rejects.toThrow('Name or password is wrong.');
    expect((await useIt(link.token)).status).toBe(404);
    const asProgram = await given.library.app.request('/api/me', { headers: { authorization: `Bearer ${token}` } });
    expect(asProgram.status).toBe(401);
    expect(await memberOf('leaving')).toMatchObject({ state: 'removed', tokens: 0, linkExpiresAt: null });
    await expect(
      given.client.call(invitePerson, { body: { name: 'New', signIn: 'leaving', role: 'guest' } }),
    ).rejects.toThrow('was removed');
    const back = await given.client.call(createLink, { params: { id } });
    expect(await lookAt(back.token)).toMatchObject({ kind: 'invitation' });
    await expect((await useIt(back.token)).client.call(getMe)).resolves.toMatchObject({ id, role: 'curator' });
  });
});

describe('roles', () => {
  test('hold from the next request on; a change somebody else made meanwhile is told and not undone', async () => {
    const client = await given.library.signInAs('guest', 'rising');
    const { id } = await client.call(getMe);
    await given.client.call(changeRole, { params: { id }, body: { role: 'artist', seen: 'guest' } });
    expect((await client.call(getMe)).role).toBe('artist');
    await expect(
      given.client.call(changeRole, { params: { id }, body: { role: 'owner', seen: 'guest' } }),
    ).rejects.toThrow('409: Somebody else changed this: rising is an artist now.');
    expect((await client.call(getMe)).role).toBe('artist');
  });

  test('of two owners who step down at the same moment one stays', async () => {
    const owners = (await given.client.call(listPeople)).filter(
      ({ role, state }) => role === 'owner' && state === 'here',
    );
    const second = await given.library.signInAs('owner', 'second');
    const ids = [...owners.map(({ id }) => id), (await second.call(getMe)).id];
    expect(ids).toHaveLength(2);
    const done = await Promise.allSettled(
      ids.map((id) => given.client.call(changeRole, { params: { id }, body: { role: 'curator', seen: 'owner' } })),
    );
    expect(done.filter(({ status }) => status === 'fulfilled').length).toBeLessThan(2);
    const left = await many(
      given.library.pool,
      "SELECT id FROM person WHERE role = 'owner' AND password_hash IS NOT NULL",
    );
    expect(left.length).toBeGreaterThan(0);
    await run(given.library.pool, "UPDATE person SET role = 'owner' WHERE sign_in = 'maja'");
  });
});

describe('one’s own', () => {
  test('name is changed for everybody to see', async () => {
    const client = await given.library.signInAs('guest', 'renamed');
    await client.call(changeMe, { body: { name: '  Tjark Sundholm ' } });
    expect(await memberOf('renamed')).toMatchObject({ name: 'Tjark Sundholm' });
  });

  test('sessions are listed with where they are, and one of them is ended', async () => {
    const one = await given.library.signInAs('guest', 'roaming');
    const signIn = await given.library.app.request('/api/sign-in', {
      method: 'POST',
      headers: { 'user-agent': 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0' },
      body: JSON.stringify({ signIn: 'roaming', password: PASSWORD }),
    });
    const two = new TestClient(given.library.app, signIn.headers.get('set-cookie')!.split(';')[0]);
    const sessions = await one.call(listSessions);
    expect(sessions).toHaveLength(2);
    expect(sessions[0]).toMatchObject({ isThis: true, browser: '', address: 'test' });
    expect(sessions[1]).toMatchObject({ isThis: false, browser: 'Firefox on Linux' });
    // somebody else’s cannot be ended, whatever its number
    await expect(given.client.call(endSession, { params: { id: sessions[1].id } })).rejects.toThrow('404');
    await one.call(endSession, { params: { id: sessions[1].id } });
    await expect(two.call(getMe)).rejects.toThrow('401');
    expect(await one.call(listSessions)).toHaveLength(1);
  });

  test('a new sign-in in the same browser ends the session before it', async () => {
    const one = await given.library.signInAs('guest', 'again');
    const answer = await one.request('/api/sign-in', {
      method: 'POST',
      body: JSON.stringify({ signIn: 'again', password: PASSWORD }),
    });
    const two = new TestClient(given.library.app, answer.headers.get('set-cookie')!.split(';')[0]);
    expect(two.cookie).not.toBe(one.cookie);
    await expect(one.call(getMe)).rejects.toThrow('401');
    expect(await two.call(listSessions)).toHaveLength(1);
  });

  test('tokens are shown once, seen when used, and ended', async () => {
    const client = await given.library.signInAs('artist', 'building');
    const { token, ...made } = await client.call(createToken, { body: { name: 'nightly', role: 'guest', days: 90 } });
    expect(await client.call(listTokens)).toEqual([{ ...made, lastUsedAt: null }]);
    const headers = { authorization: `Bearer ${token}` };
    const me = await given.library.app.request('/api/me', { headers });
    expect(await me.json()).toMatchObject({ signIn: 'building', role: 'guest' });
    expect((await client.call(listTokens))[0].lastUsedAt).not.toBeNull();
    await expect(given.client.call(deleteToken, { params: { id: made.id } })).rejects.toThrow('404');
    await client.call(deleteToken, { params: { id: made.id } });
    expect((await given.library.app.request('/api/me', { headers })).status).toBe(401);
  });
});
