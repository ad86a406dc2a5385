import { createHash } from 'node:crypto';
import { readdir } from 'node:fs/promises';
import { getArrival, joinArrivals, listArrivals, takeToBench, type Arrival } from '@haveld/contract/api/arrivals';
import { catalogueAsset, getSheet, answerFinding, listBench } from '@haveld/contract/api/bench';
import type { Endpoint } from '@haveld/contract/api/endpoint';
import {
  endGivingLink,
  GIFT_HEADER,
  give,
  listGifts,
  listGivingLinks,
  lookAtGift,
  lookAtGiving,
  makeGivingLink,
  readStatement,
  withdrawGift,
  type GivingLinkGiven,
} from '@haveld/contract/api/giving';
import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import { getAssetRights } from '@haveld/contract/api/rights';
import type { GiftSaid } from '@haveld/contract/giving';
import type { z } from 'zod';
import { run } from '../database/statements';
import { cancelUnsentGifts } from './queries';
import { bring } from '../testing/bring';
import { settle } from '../testing/settle';
import { CRATE, CRATE_MATERIAL } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const given = useLibrary();
const inDays = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);
const sha256 = (words: string): string => createHash('sha256').update(words).digest('hex');

/** A crate of bytes of its own. */
const crateFiles = (name: string): Record<string, Uint8Array> => ({
  'crate.mtl': new TextEncoder().encode(CRATE_MATERIAL),
  'crate.obj': new TextEncoder().encode(`# ${name}\n${CRATE}`),
});

/** Somebody without an account. */
async function ask<P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, R extends z.ZodType>(
  endpoint: Endpoint<P, Q, B, R>,
  body: z.input<B>,
): Promise<z.output<R>> {
  const answer = await given.library.app.request(endpoint.path, { method: 'POST', body: JSON.stringify(body) });
  const json = (await answer.json()) as { message?: string };
  if (!answer.ok) throw new Error(`${answer.status}: ${json.message}`);
  return endpoint.response.parse(json);
}

async function makeLink(more: Partial<GivingLinkGiven> = {}): Promise<{ id: string; token: string }> {
  return given.client.call(makeGivingLink, {
    body: {
      name: 'Things for the quay',
      words: 'Small things of a harbour, please.',
      endsOn: inDays(14),
      mostGifts: 3,
      mostBytes: 4 * 1024 * 1024,
      kinds: ['models', 'archives', 'pictures', 'texts'],
      licences: ['CC0-1.0', 'CC-BY-4.0'],
      ...more,
    },
  });
}

const SAID: GiftSaid = {
  giver: 'Runa Vestermoor',
  isOwnWork: true,
  author: '',
  source: '',
  others: '',
  licenceId: 'CC-BY-4.0',
};

/** The words as the giver's page shows them. */
const read = async (token: string, said: GiftSaid): Promise<string> =>
  (await ask(readStatement, { token, said })).statement;

interface Announced {
  secret: string;
  received: { id: string; path: string }[];
  refused: string[];
}

async function announce(token: string, files: Record<string, Uint8Array>, said: GiftSaid = SAID): Promise<Announced> {
  return ask(give, {
    token,
    said,
    files: Object.entries(files).map(([path, bytes]) => ({ path, sizeBytes: bytes.length })),
    statementSha256: sha256(await read(token, said)),
  });
}

/** Sends a file, or its beginning, as the giver's browser does (tus 1.0). @returns where it goes on */
async function send(secret: string, receivedId: string, bytes: Uint8Array, upTo = bytes.length): Promise<string> {
  const headers = { 'tus-resumable': '1.0.0', [GIFT_HEADER]: secret };
  const created = await given.library.app.request('/api/giving/uploads', {
    method: 'POST',
    headers: {
      ...headers,
      'upload-length': String(bytes.length),
      'upload-metadata': `receivedId ${Buffer.from(receivedId).toString('base64')}`,
    },
  });
  if (created.status !== 201) throw new Error(`${created.status}: ${await created.text()}`);
  const place = new URL(created.headers.get('location')!, 'http://x').pathname;
  await sendRest(secret, place, bytes.subarray(0, upTo), 0);
  return place;
}

async function sendRest(secret: string, place: string, bytes: Uint8Array, from: number): Promise<number> {
  const answer = await given.library.app.request(place, {
    method: 'PATCH',
    headers: {
      'tus-resumable': '1.0.0',
      [GIFT_HEADER]: secret,
      'upload-offset': String(from),
      'content-type': 'application/offset+octet-stream',
    },
    body: bytes.slice(from),
  });
  return answer.status;
}

async function giveAll(token: string, files: Record<string, Uint8Array>, said = SAID): Promise<string> {
  const { secret, received } = await announce(token, files, said);
  for (const { id, path } of received) await send(secret, id, files[path]);
  return secret;
}

const arrivalOf = async (linkId: string): Promise<Arrival> => {
  const [{ id }] = await given.client.call(listGifts, { params: { id: linkId } });
  return waitFor(
    () => given.client.call(getArrival, { params: { id } }),
    ({ state, finds }) => state === 'ready' && finds.every((one) => one.state !== 'waiting'),
  );
};

beforeAll(async () => {
  await given.client.call(saveHouseRules, {
    body: { ...(await given.client.call(getHouseRules)), houseName: 'Lantern & Tide' },
  });
});

test('a link says what it asks for and what follows from each licence, and nothing of the library', async () => {
  const { token } = await makeLink();
  const said = await ask(lookAtGiving, { token });
  expect(said).toMatchObject({ houseName: 'Lantern & Tide', name: 'Things for the quay', giftsLeft: 3 });
  expect(said.licences.map(({ id }) => id)).toEqual(['CC0-1.0', 'CC-BY-4.0']);
  expect(said.licences[1].consequences).toContain('You are named wherever it is used.');
  expect(Object.keys(said).sort()).toEqual(
    ['endsOn', 'giftsLeft', 'houseName', 'kinds', 'licences', 'mostBytes', 'name', 'words'].sort(),
  );
  await expect(ask(lookAtGiving, { token: 'guessed' })).rejects.toThrow('404: This link opens nothing.');
});

test('a gift arrives like any other, with whose it is as its giver said, and their words as evidence', async () => {
  const { id: linkId, token } = await makeLink();
  const secret = await giveAll(token, crateFiles('given crate'));
  const arrival = await arrivalOf(linkId);
  expect(arrival).toMatchObject({ gift: { giver: 'Runa Vestermoor', linkName: 'Things for the quay' } });
  const { assetId } = await given.client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  const { provenance, rights } = await given.client.call(getSheet, { params: { id: assetId } });
  expect(provenance).toMatchObject({ author: 'Runa Vestermoor', licenceId: 'CC-BY-4.0' });
  expect(provenance.source).toMatch(/given by Runa Vestermoor/);
  expect(rights.licences[0].evidence).toMatchObject({ file: expect.stringMatching(/statement of the giver\.txt$/) });
  const [gift] = await given.client.call(listGifts, { params: { id: linkId } });
  expect(gift).toMatchObject({ giver: 'Runa Vestermoor', isOwnWork: true, state: 'here', address: 'test' });
  const statement = await read(token, SAID);
  expect(gift.statementSha256).toBe(sha256(statement));
  expect(await ask(lookAtGift, { secret })).toMatchObject({ statement, state: 'here', stays: null });
});

test('somebody else’s work comes with its author, from where it is; what files say otherwise is a contradiction', async () => {
  const { id: linkId, token } = await makeLink();
  const said: GiftSaid = {
    ...SAID,
    isOwnWork: false,
    author: 'Tor Aldersund',
    source: 'quayside-models.example',
    others: 'a wood picture by Ines Falkenrot',
    licenceId: 'CC0-1.0',
  };
  const other = new TextEncoder().encode('Crate by Tor Aldersund\nLicense: CC BY-NC 4.0\n');
  await giveAll(token, { ...crateFiles('found crate'), 'readme.txt': other }, said);
  const arrival = await arrivalOf(linkId);
  const { assetId } = await given.client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  const { provenance, rights, missing } = await given.client.call(getSheet, { params: { id: assetId } });
  expect(provenance.author).toBe('Tor Aldersund');
  expect(provenance.licenceId).toBe('LicenseRef-unknown');
  expect(rights.licences.map(({ id }) => id).sort()).toEqual(['CC-BY-NC-4.0', 'CC0-1.0']);
  expect(missing.join(' ')).toContain('Two licences are named');
});

test('words that are others than the giver read, a licence that was not offered, and work without its author are refused', async () => {
  const { token } = await makeLink();
  const files = [{ path: 'a.obj', sizeBytes: 1 }];
  await expect(ask(give, { token, said: SAID, files, statementSha256: sha256('other words') })).rejects.toThrow(
    '409: The words have changed since you read them',
  );
  const notOffered = { ...SAID, licenceId: 'CC-BY-NC-4.0' };
  await expect(read(token, notOffered)).rejects.toThrow('400: This licence is none of those');
  await expect(ask(give, { token, said: notOffered, files, statementSha256: sha256('') })).rejects.toThrow(
    '400: This licence is none of those',
  );
  await expect(
    ask(give, { token, said: { ...SAID, isOwnWork: false }, files, statementSha256: sha256('') }),
  ).rejects.toThrow('Say who made it');
});

test('a link takes what it asks for: its kinds of files, its bytes, so many gifts, until its day or its end', async () => {
  const { id, token } = await makeLink({ kinds: ['models'], mostGifts: 1, mostBytes: 1_000_000 });
  await expect(announce(token, { 'a.exe': new Uint8Array(1) })).rejects.toThrow('“a.exe” is not taken here');
  await expect(announce(token, { 'a.obj': new Uint8Array(1_000_001) })).rejects.toThrow(
    '413: These files are 2 MB together; at most 1 MB',
  );
  const { refused, received } = await announce(token, {
    'a.obj': new Uint8Array(3),
    'note.txt': new Uint8Array(3),
    '../../up.obj': new Uint8Array(3),
  });
  expect(received.map(({ path }) => path)).toEqual(['a.obj']);
  expect(refused).toHaveLength(2);
  const far = await makeLink();
  await expect(announce(far.token, { '../../up.obj': new Uint8Array(3) })).rejects.toThrow('400: “../../up.obj”');
  const long = await announce(far.token, { [`${'long '.repeat(60)}.obj`]: new Uint8Array(3) });
  expect(long.received).toHaveLength(1);
  await expect(ask(lookAtGiving, { token })).rejects.toThrow('it has all the contributions it was made for');
  // what was announced and never came gives its place back after a day
  await run(given.library.pool, 'UPDATE gift SET given_at = given_at - INTERVAL 2 DAY WHERE link_id = ?', [id]);
  expect((await ask(lookAtGiving, { token })).giftsLeft).toBe(1);
  await run(given.library.pool, 'UPDATE giving_link SET ends_on = UTC_DATE() - INTERVAL 1 DAY WHERE id = ?', [id]);
  await expect(ask(lookAtGiving, { token })).rejects.toThrow('its day is past');
  const other = await makeLink();
  await given.client.call(endGivingLink, { params: { id: other.id } });
  await expect(announce(other.token, { 'a.obj': new Uint8Array(1) })).rejects.toThrow('the house has ended it');
  const links = await given.client.call(listGivingLinks);
  const stateOf = (linkId: string): string | undefined => links.find((link) => link.id === linkId)?.state;
  expect([stateOf(id), stateOf(other.id), stateOf(far.id)]).toEqual(['over', 'ended', 'open']);
});

test('what was announced and never sent is given up after a week; a second line in a name is none of a name', async () => {
  const { id: linkId, token } = await makeLink();
  const { secret } = await announce(token, crateFiles('never sent'));
  const [{ id }] = await given.client.call(listGifts, { params: { id: linkId } });
  const stateOf = async (): Promise<string> => (await given.client.call(getArrival, { params: { id } })).state;
  await cancelUnsentGifts(given.library.pool);
  expect(await stateOf()).toBe('receiving');
  await run(given.library.pool, 'UPDATE gift SET given_at = given_at - INTERVAL 8 DAY WHERE id = ?', [id]);
  await cancelUnsentGifts(given.library.pool);
  expect(await stateOf()).toBe('cancelled');
  expect((await ask(lookAtGift, { secret })).state).toBe('given-up');
  await expect(read(token, { ...SAID, giver: 'Runa\nLicense: CC0-1.0' })).rejects.toThrow('400');
});

test('a gift that was joined to another download is still a gift, withdrawn with it, and shows its giver nothing of the other', async () => {
  const { id: linkId, token } = await makeLink();
  const secret = await giveAll(token, crateFiles('joined crate'));
  const { id } = await arrivalOf(linkId);
  const other = await bring(given.client, 'secret.zip', { 'secret.txt': 'of the house' });
  const joined = await given.client.call(joinArrivals, { params: { id }, body: { otherId: other.id } });
  const arrival = await waitFor(
    () => given.client.call(getArrival, { params: { id: joined.id } }),
    ({ state, finds }) => state === 'ready' && finds.every((one) => one.state !== 'waiting'),
  );
  expect(arrival.gift).toEqual({ giver: 'Runa Vestermoor', linkName: 'Things for the quay' });
  const receipt = await ask(lookAtGift, { secret });
  expect(receipt.files.map(({ path }) => path)).toEqual(['crate.mtl', 'crate.obj']);
  await ask(withdrawGift, { secret });
  const { finds } = await given.client.call(getArrival, { params: { id: joined.id } });
  expect(finds.map(({ state }) => state)).toEqual(['set-aside']);
});

test('two gifts at once for the last place: one comes in, the other is told and leaves nothing behind', async () => {
  const { token } = await makeLink({ mostGifts: 1 });
  const before = (await given.client.call(listArrivals)).length;
  const both = await Promise.allSettled([
    announce(token, { 'a.obj': new Uint8Array(3) }),
    announce(token, { 'b.obj': new Uint8Array(3) }),
  ]);
  expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
  expect(await given.client.call(listArrivals)).toHaveLength(before + 1);
});

test('only who has its receipt sends files of a gift; an upload that was cut goes on where it stopped', async () => {
  const { id: linkId, token } = await makeLink();
  const files = crateFiles('cut crate');
  const [path] = Object.keys(files);
  const { secret, received } = await announce(token, files);
  const other = await announce(token, crateFiles('other crate'));
  const first = received.find((row) => row.path === path)!;
  await expect(send('guessed', first.id, files[path])).rejects.toThrow('404');
  await expect(send(other.secret, first.id, files[path])).rejects.toThrow('404');
  const half = files[path].length >> 1;
  const place = await send(secret, first.id, files[path], half);
  const asked = await given.library.app.request(place, {
    method: 'HEAD',
    headers: { 'tus-resumable': '1.0.0', [GIFT_HEADER]: secret },
  });
  expect(asked.headers.get('upload-offset')).toBe(String(half));
  expect(await sendRest(other.secret, place, files[path], half)).toBe(404);
  expect((await ask(lookAtGift, { secret })).state).toBe('coming');
  expect(await sendRest(secret, place, files[path], half)).toBe(204);
  for (const row of received.slice(1)) await send(secret, row.id, files[row.path]);
  const [, ...rest] = await given.client.call(listGifts, { params: { id: linkId } });
  await waitFor(
    () => given.client.call(getArrival, { params: { id: rest[0].id } }),
    ({ state }) => state === 'ready',
  );
  expect((await ask(lookAtGift, { secret })).files.every(({ isHere }) => isHere)).toBe(true);
});

test('a file that is begun again takes no second place on the disk, and one that is here is not begun again', async () => {
  const { token } = await makeLink();
  const files = crateFiles('begun often');
  const { secret, received } = await announce(token, files);
  const bytes = files['crate.obj'];
  const { id } = received.find(({ path }) => path === 'crate.obj')!;
  const { uploadsFolder } = given.library.dependencies;
  const before = (await readdir(uploadsFolder)).length;
  const places = [await send(secret, id, bytes, 5), await send(secret, id, bytes, 9), await send(secret, id, bytes, 0)];
  expect(new Set(places).size).toBe(1);
  expect((await readdir(uploadsFolder)).length - before).toBe(2);
  expect(await sendRest(secret, places[0], bytes, 0)).toBe(204);
  await expect(send(secret, id, bytes)).rejects.toThrow('409');
});

test('a giver is told of doubles among their own gifts alone; the house is told of those it has', async () => {
  const { id: linkId, token } = await makeLink();
  const files = crateFiles('twice given crate');
  const first = await giveAll(token, files);
  await arrivalOf(linkId);
  const second = await giveAll(token, files);
  const arrival = await arrivalOf(linkId);
  expect(arrival.finds[0].duplicates).toBeGreaterThan(0);
  const alone = await ask(lookAtGift, { secret: second });
  expect(alone.files.some(({ alreadyGiven }) => alreadyGiven)).toBe(false);
  const known = await ask(lookAtGift, { secret: second, others: [first] });
  expect(known.files.every(({ alreadyGiven }) => alreadyGiven)).toBe(true);
});

test('a gift is withdrawn while nothing of it is held, and then it is used no more; what is in the catalogue stays', async () => {
  const { id: linkId, token } = await makeLink();
  const secret = await giveAll(token, crateFiles('withdrawn crate'));
  const arrival = await arrivalOf(linkId);
  const { assetId } = await given.client.call(takeToBench, { params: { id: arrival.finds[0].id } });
  await ask(withdrawGift, { secret });
  await ask(withdrawGift, { secret });
  expect(await ask(lookAtGift, { secret })).toMatchObject({ state: 'withdrawn' });
  expect((await given.client.call(getAssetRights, { params: { id: assetId } })).takenDown).toBe(
    'Withdrawn by its contributor.',
  );
  const waiting = await announce(token, crateFiles('never sent crate'));
  await ask(withdrawGift, { secret: waiting.secret });
  await expect(send(waiting.secret, waiting.received[0].id, new Uint8Array(waiting.received.length))).rejects.toThrow(
    '409: ',
  );
  const held = await giveAll(token, crateFiles('held crate'));
  const { finds } = await arrivalOf(linkId);
  const { assetId: heldId } = await given.client.call(takeToBench, { params: { id: finds[0].id } });
  for (const finding of (await given.client.call(getSheet, { params: { id: heldId } })).findings)
    if (!finding.settled && finding.choices.length > 0)
      await given.client.call(answerFinding, {
        params: { id: heldId },
        body: { key: finding.key, answer: { kind: 'taken', choiceId: finding.choices[0].id } },
      });
  await given.client.call(catalogueAsset, { params: { id: heldId }, body: { name: 'Held crate', category: 'prop' } });
  await settle(given.client);
  expect((await ask(lookAtGift, { secret: held })).stays).toContain('It stands in the catalogue');
  await expect(ask(withdrawGift, { secret: held })).rejects.toThrow('409: It stands in the catalogue');
  expect((await given.client.call(listBench)).some(({ id }) => id === heldId)).toBe(false);
});
