import { changePassword, getMe, signOut } from '@haveld/contract/api/people';
import { DEMO_PASSWORD } from '@haveld/demo/studio';
import { createApp } from '../app';
import { many, run } from '../database/statements';
import { addPerson, ensureOwner } from './service';
import { PASSWORD, TestLibrary } from '../testing/test-library';

let library: TestLibrary;
beforeAll(async () => {
  library = await TestLibrary.open();
});
afterAll(() => library.close());

describe('with a password that was printed once', () => {
  let cookie: string;
  beforeAll(async () => {
    await addPerson(library.pool, {
      signIn: 'new',
      name: 'New',
      role: 'artist',
      password: 'printed once',
      mustChange: true,
    });
    const answer = await library.app.request('/api/sign-in', {
      method: 'POST',
      body: JSON.stringify({ signIn: 'new', password: 'printed once' }),
    });
    cookie = answer.headers.get('set-cookie')!.split(';')[0];
  });

  test('one’s own can be chosen, and opens the rest', async () => {
    const ask = (path: string, method = 'GET', body?: object) =>
      library.app.request(path, { method, headers: { cookie }, body: body && JSON.stringify(body) });
    expect((await ask('/api/me')).status).toBe(200);
    const change = { before: 'printed once', after: 'kelp lantern ferry' };
    expect((await ask('/api/me/password', 'PUT', change)).status).toBe(200);
    expect((await ask('/api/projects')).status).toBe(200);
  });
});

test('a wrong name and a wrong password are told apart by nobody', async () => {
  const tryIt = async (signIn: string, password: string) => {
    const body = JSON.stringify({ signIn, password });
    const answer = await library.app.request('/api/sign-in', { method: 'POST', body });
    return { status: answer.status, body: (await answer.json()) as object };
  };
  const wrong = await tryIt('maja', 'wrong');
  expect(wrong).toMatchObject({ status: 401, body: { message: 'Name or password is wrong.' } });
  expect(await tryIt('nobody', PASSWORD)).toEqual(wrong);
});

test('the cookie cannot be read by scripts and does not leave the site', async () => {
  const answer = await library.app.request('/api/sign-in', {
    method: 'POST',
    body: JSON.stringify({ signIn: 'maja', password: PASSWORD }),
  });
  expect(answer.headers.get('set-cookie')).toMatch(/HttpOnly/);
  expect(answer.headers.get('set-cookie')).toMatch(/SameSite=Strict/);
});

test('where people come by TLS alone the cookie never leaves it, and browsers are told so', async () => {
  const byTls = createApp({ ...library.dependencies, isTls: true }, {});
  const body = JSON.stringify({ signIn: 'maja', password: PASSWORD });
  const answer = await byTls.request('/api/sign-in', { method: 'POST', body });
  // RFC 6265bis, 4.1.3.2: Secure, of the whole host and of no other
  expect(answer.headers.get('set-cookie')).toMatch(/^__Host-haveld_session=[\w-]{43}; /);
  expect(answer.headers.get('set-cookie')).toMatch(/; Path=\/; HttpOnly; Secure; SameSite=Strict$/);
  expect(answer.headers.get('set-cookie')).not.toMatch(/Domain/);
  const ask = (cookie: string) => byTls.request('/api/me', { headers: { cookie } });
  const [, token] = /=([\w-]+);/.exec(answer.headers.get('set-cookie')!)!;
  expect((await ask(`__Host-haveld_session=${token}`)).status).toBe(200);
  // one that a page without TLS could have put there counts for nothing
  expect((await ask(`haveld_session=${token}`)).status).toBe(401);
  expect(answer.headers.get('strict-transport-security')).toBe('max-age=63072000');
  const plain = await library.app.request('/api/sign-in', { method: 'POST', body });
  expect(plain.headers.get('set-cookie')).not.toMatch(/; Secure/);
  expect(plain.headers.get('strict-transport-security')).toBeNull();
});

test('a page of another site cannot change anything', async () => {
  const client = await library.signIn();
  const answer = await client.request('/api/projects', {
    method: 'POST',
    headers: { origin: 'https://elsewhere.example', host: 'localhost' },
    body: '{}',
  });
  expect(answer.status).toBe(403);
});

test('signing out ends the session; a new password ends the others', async () => {
  const [one, two, three] = [await library.signIn(), await library.signIn(), await library.signIn()];
  await one.call(signOut);
  await expect(one.call(getMe)).rejects.toThrow('401');
  await expect(two.call(changePassword, { body: { before: 'wrong', after: 'long enough now' } })).rejects.toThrow(
    '401',
  );
  await expect(two.call(changePassword, { body: { before: PASSWORD, after: 'short' } })).rejects.toThrow('400');
  await two.call(changePassword, { body: { before: PASSWORD, after: 'long enough now' } });
  expect((await two.call(getMe)).mustChange).toBe(false);
  await expect(three.call(getMe)).rejects.toThrow('401');
});

test('a password is kept as Argon2id with the least that OWASP gives: 19 MiB, 2 passes, 1 lane', async () => {
  // OWASP Password Storage Cheat Sheet, Argon2id
  const rows = await many<{ hash: string }>(library.pool, 'SELECT password_hash AS hash FROM person');
  for (const { hash } of rows) {
    const [, memory, passes] = /^\$argon2id\$v=19\$m=(\d+),t=(\d+),p=1\$/.exec(hash)!;
    expect(Number(memory)).toBeGreaterThanOrEqual(19 * 1024);
    expect(Number(passes)).toBeGreaterThanOrEqual(2);
  }
});

test('the owner is made once, with a password that must be changed', async () => {
  expect(await ensureOwner(library.pool)).toBeNull();
});

test('a body that is no JSON, and one that breaks the contract, get a sentence', async () => {
  const client = await library.signIn('maja', 'long enough now');
  expect((await client.request('/api/projects', { method: 'POST', body: '{' })).status).toBe(400);
  const answer = await client.request('/api/projects', { method: 'POST', body: '{"name":""}' });
  expect(await answer.json()).toMatchObject({ code: 'bad-request', place: 'name' });
});

describe('tries', () => {
  const signIn = async (name: string, password: string) => {
    const answer = await library.app.request('/api/sign-in', {
      method: 'POST',
      body: JSON.stringify({ signIn: name, password }),
    });
    return { status: answer.status, message: ((await answer.json()) as { message?: string }).message };
  };
  /** As if the wait were over. */
  const waitOut = () => run(library.pool, 'UPDATE failed_try SET open_at = UTC_TIMESTAMP(3) - INTERVAL 1 SECOND');

  test('five may fail; after that each makes its account wait longer, and nobody else', async () => {
    for (let i = 0; i < 5; i++) expect((await signIn(' Maja ', 'no')).status).toBe(401);
    expect(await signIn('maja', 'long enough now')).toMatchObject({
      status: 429,
      message: expect.stringMatching(/^Too many tries; the next is taken in [12] seconds?\.$/) as string,
    });
    expect((await signIn('jonas', 'no')).status).toBe(401);
    for (let i = 0; i < 6; i++) {
      await waitOut();
      expect((await signIn('maja', 'no')).status).toBe(401);
    }
    expect((await signIn('maja', 'no')).message).toMatch(/in (6\d) seconds/);
    await waitOut();
    expect((await signIn('maja', 'long enough now')).status).toBe(200);
    // it begins anew
    for (let i = 0; i < 4; i++) expect((await signIn('maja', 'no')).status).toBe(401);
    expect((await signIn('maja', 'long enough now')).status).toBe(200);
  });

  test('many accounts from one address are too many too, and signing in clears nothing of that', async () => {
    await run(library.pool, 'DELETE FROM failed_try');
    for (let i = 0; i < 30; i++) await signIn(`guess${i}`, 'no');
    expect((await signIn('maja', 'long enough now')).status).toBe(200);
    const statuses: number[] = [];
    for (let i = 30; i < 62; i++) statuses.push((await signIn(`guess${i}`, 'no')).status);
    expect(statuses.at(-1)).toBe(429);
  });

  test('behind a proxy they are told apart by what it says, not by what they say; on one’s own machine only accounts count', async () => {
    await run(library.pool, 'DELETE FROM failed_try');
    const byTls = createApp({ ...library.dependencies, isTls: true }, {});
    const from = async (forwarded: string, name: string, password = 'no') => {
      const headers = { 'x-forwarded-for': forwarded };
      const body = JSON.stringify({ signIn: name, password });
      return (await byTls.request('/api/sign-in', { method: 'POST', headers, body })).status;
    };
    for (let i = 0; i < 62; i++) await from(`10.9.9.${i}, 10.0.0.1`, `guess${i}`);
    expect(await from('10.0.0.1', 'maja', 'long enough now')).toBe(429);
    expect(await from('10.0.0.2', 'maja', 'long enough now')).toBe(200);
    for (let i = 0; i < 62; i++) await from('127.0.0.1', `other${i}`);
    expect(await from('127.0.0.1', 'maja', 'long enough now')).toBe(200);
  });

  test('who is asked for the password before a new one has no more tries', async () => {
    await run(library.pool, 'DELETE FROM failed_try');
    const client = await library.signIn('maja', 'long enough now');
    for (let i = 0; i < 5; i++)
      await expect(client.call(changePassword, { body: { before: 'no', after: 'long enough 2' } })).rejects.toThrow(
        '401',
      );
    await expect(
      client.call(changePassword, { body: { before: 'long enough now', after: 'long enough 2' } }),
    ).rejects.toThrow('429');
    await waitOut();
    await expect(
      client.call(changePassword, { body: { before: 'long enough now', after: DEMO_PASSWORD } }),
    ).rejects.toThrow('400');
  });

  test.each(['password123', 'maja1234567', 'qwertyuiop[]', 'aaaaaaaaaaaaaa', 'Password2026'])(
    'one that is tried first is refused as a new one: %s',
    async (after) => {
      await run(library.pool, 'DELETE FROM failed_try');
      const client = await library.signIn('maja', 'long enough now');
      await expect(client.call(changePassword, { body: { before: 'long enough now', after } })).rejects.toThrow('400');
    },
  );

  test('the password that is printed with the demo opens nothing where others reach Haveld', async () => {
    await run(library.pool, 'DELETE FROM failed_try');
    await addPerson(library.pool, {
      signIn: 'demo',
      name: 'D',
      role: 'artist',
      password: DEMO_PASSWORD,
      mustChange: false,
    });
    expect(await signIn('demo', DEMO_PASSWORD)).toMatchObject({
      status: 401,
      message: expect.stringContaining('printed for everybody') as string,
    });
    const alone = createApp({ ...library.dependencies, takesPublished: true }, {});
    const answer = await alone.request('/api/sign-in', {
      method: 'POST',
      body: JSON.stringify({ signIn: 'demo', password: DEMO_PASSWORD }),
    });
    expect(answer.status).toBe(200);
  });
});
