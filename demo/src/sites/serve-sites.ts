import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { FaultBook, FAULTS, type Fault } from './faults';
import { quayside } from './quayside';
import { createSaltmarsh } from './saltmarsh';
import { json, type Reply, type Site } from './site';
import { createTidewrack } from './tidewrack';

/** A busy site asks to come again after so long. */
const BUSY_SECONDS = 2;
/** A slow one sends a piece of so many bytes now and then. */
const SLOW_BYTES = 16 * 1024;
const SLOW_MS = 60;

const LONGEST_BODY = 64 * 1024;

/** The made-up sites, all on one small server, told apart by the host that is asked for. */
export function createSites(now: () => Date = () => new Date()): { server: Server; sites: Site[]; faults: FaultBook } {
  const sites = [quayside, createTidewrack(now), createSaltmarsh(now)];
  const faults = new FaultBook();
  const server = createServer((request, response) => {
    answer(request, response, sites, faults).catch((error: unknown) => {
      response.destroy(error as Error);
    });
  });
  return { server, sites, faults };
}

async function answer(
  request: IncomingMessage,
  response: ServerResponse,
  sites: Site[],
  faults: FaultBook,
): Promise<void> {
  const url = new URL(request.url ?? '/', 'http://site');
  const host = (request.headers.host ?? '').replace(/:\d+$/, '');
  const body = await readBody(request);
  if (url.pathname === '/-/faults') return send(response, request, tellFault(request, body, sites, faults), null);
  // a browser finds `quayside-models.localhost` on this machine by itself
  const site = sites.find((one) => one.host === host || one.host.replace(/\.example$/, '.localhost') === host);
  if (!site) return send(response, request, json({ error: `no site is called ${host}` }, 404), null);
  if (url.pathname === '/openapi.json') return send(response, request, json(site.openapi), null);
  const reply = await site.answer(
    {
      method: request.method ?? 'GET',
      path: decodeURI(url.pathname),
      query: url.searchParams,
      headers: Object.fromEntries(Object.entries(request.headers).map(([name, value]) => [name, String(value)])),
      body,
    },
    (slug) => faults.look(site.host, slug),
  );
  const fault = faults.look(site.host, reply.fileOf ?? '*') ? faults.take(site.host, reply.fileOf ?? '*') : null;
  return send(response, request, reply, fault);
}

async function readBody(request: IncomingMessage): Promise<string> {
  const parts: Buffer[] = [];
  let length = 0;
  for await (const part of request as AsyncIterable<Buffer>) {
    length += part.length;
    if (length <= LONGEST_BODY) parts.push(part);
  }
  return Buffer.concat(parts).toString('utf8');
}

/** `POST /-/faults {host, slug, fault, times}` tells a site to misbehave; `DELETE` forgets all of it. */
function tellFault({ method }: IncomingMessage, body: string, sites: Site[], faults: FaultBook): Reply {
  if (method === 'DELETE') {
    faults.forget();
    return json({});
  }
  const {
    host = '',
    slug = '*',
    fault = '',
    times = 1,
  } = JSON.parse(body || '{}') as {
    host?: string;
    slug?: string;
    fault?: string;
    times?: number;
  };
  if (!sites.some((site) => site.host === host) || !FAULTS.includes(fault as Fault))
    return json({ error: `faults: ${FAULTS.join(', ')}` }, 400);
  faults.tell(host, slug, fault as Fault, times);
  return json({});
}

/** Who asks has it as it is (RFC 9110, 13.1). */
const isKnown = (request: IncomingMessage, headers: Reply['headers']): boolean =>
  headers.etag !== undefined
    ? request.headers['if-none-match'] === headers.etag
    : headers['last-modified'] !== undefined && request.headers['if-modified-since'] === headers['last-modified'];

async function send(
  response: ServerResponse,
  request: IncomingMessage,
  reply: Reply,
  fault: Fault | null,
): Promise<void> {
  const { status, headers } = reply;
  let body = Buffer.from(reply.body);
  if (fault === 'busy') return void response.writeHead(429, { 'retry-after': String(BUSY_SECONDS) }).end();
  if (fault === 'silent') return void request.socket.destroy();
  if (isKnown(request, headers)) return void response.writeHead(304, headers).end();
  if (reply.fileOf === undefined)
    return void response.writeHead(status, { ...headers, 'content-length': body.length }).end(body);
  if (fault === 'page-for-file')
    return void response
      .writeHead(200, { 'content-type': 'text/html' })
      .end('<!DOCTYPE html><h1>Please wait for your turn</h1>');
  if (fault === 'wrong-bytes') body = Buffer.from(body.map((byte, i) => (i === body.length >> 1 ? byte ^ 255 : byte)));
  if (fault === 'wrong-length') body = body.subarray(0, body.length - 1000);
  if (fault === 'changed') body = Buffer.concat([body, Buffer.alloc(16)]);
  const etag = `"${body.length}-${fault === 'changed' ? 2 : 1}"`;
  const name =
    fault === 'odd-name' ? { 'content-disposition': 'attachment; filename="../../../etc/cron.d/evil.zip"' } : {};
  const from = Number(/^bytes=(\d+)-$/.exec(request.headers.range ?? '')?.[1] ?? 0);
  const isPart = from > 0 && from < body.length && request.headers['if-range'] === etag;
  const rest = isPart ? body.subarray(from) : body;
  response.writeHead(isPart ? 206 : status, {
    ...headers,
    ...name,
    etag,
    'accept-ranges': 'bytes',
    'content-length': rest.length,
    ...(isPart ? { 'content-range': `bytes ${from}-${body.length - 1}/${body.length}` } : {}),
  });
  if (fault === 'cut-off')
    return void response.write(rest.subarray(0, rest.length >> 1), () => void response.socket?.end());
  if (fault === 'slow')
    for (let at = 0; at < rest.length && !response.destroyed; at += SLOW_BYTES) {
      response.write(rest.subarray(at, at + SLOW_BYTES));
      await new Promise((resolve) => setTimeout(resolve, SLOW_MS));
    }
  response.end(fault === 'slow' ? undefined : rest);
}
