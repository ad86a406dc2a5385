import { request as requestPlain, type IncomingMessage } from 'node:http';
import { request as requestOverTls } from 'node:https';
import { isIPv6 } from 'node:net';
import { PassThrough } from 'node:stream';
import { findTarget, type Reach, type Target } from './reach';
import { SourceFault } from './source-fault';

export interface Ask {
  method?: 'GET' | 'POST' | 'HEAD';
  headers?: Readonly<Record<string, string>>;
  body?: string;
}

export interface AskOptions {
  reach: Reach;
  signal?: AbortSignal;
  /** Without a byte for so long it counts as slow. */
  idleMs?: number;
  /** Redirects that are followed. */
  maxRedirects?: number;
}

export interface Answer {
  status: number;
  headers: IncomingMessage['headers'];
  body: AnswerBody;
  /** Where it came from in the end. */
  address: string;
  /** It was moved for good, by every redirect on the way. */
  isMoved: boolean;
}

/** What comes, to be read once. Where the line is cut, what came before is given first, then the fault. */
export interface AnswerBody extends AsyncIterable<Buffer> {
  destroy: () => void;
}

const IDLE_MS = 30_000;
const MOST_REDIRECTS = 5;

/** Moved for good, moved for now (RFC 9110, 15.4). */
const REDIRECTS = new Set([301, 302, 303, 307, 308]);
const FOR_GOOD = new Set([301, 308]);

/** Says who is asking; a source may want to know. */
const AGENT = 'Haveld (a library of models; fetches what a person asked for)';

/**
 * Asks for an address, and follows redirects, each judged anew. Words that let one in are not taken to another host, cookies are
 * neither kept nor sent, and nothing goes from TLS to plain.
 * @returns the answer, whatever its status; its body has to be read or destroyed
 * @throws {SourceFault} where it may not be reached, cannot be, or takes too long
 */
export async function ask(address: string, wanted: Ask, options: AskOptions): Promise<Answer> {
  const { reach, maxRedirects = MOST_REDIRECTS } = options;
  let target = await findTarget(address, reach);
  let { method = 'GET', headers = {}, body } = wanted;
  let isMoved = true;
  for (let hops = 0; ; hops++) {
    const { answer, kept } = await send(target, { method, headers, body }, options);
    const location = REDIRECTS.has(answer.statusCode ?? 0) ? answer.headers.location : undefined;
    if (location === undefined)
      return {
        status: answer.statusCode ?? 0,
        headers: answer.headers,
        body: kept,
        address: target.url.href,
        isMoved: hops > 0 && isMoved,
      };
    answer.destroy();
    isMoved &&= FOR_GOOD.has(answer.statusCode ?? 0);
    if (hops >= maxRedirects) throw new SourceFault('refused', `${target.url.hostname} sends in a circle.`);
    const next = URL.canParse(location, target.url) ? new URL(location, target.url).href : location;
    const to = await findTarget(next, reach);
    if (target.url.protocol === 'https:' && to.url.protocol === 'http:')
      throw new SourceFault('not-allowed', `${target.url.hostname} leads from a secure address to one that is not.`);
    if (to.url.origin !== target.url.origin) headers = withoutSecrets(headers);
    if (answer.statusCode === 303 || (method === 'POST' && (answer.statusCode ?? 0) < 303))
      [method, body] = ['GET', undefined];
    target = to;
  }
}

/** What lets one in, by whatever name a source wants it. */
const SECRET = /^(?:authorization|cookie|proxy-authorization)$|key|token|secret/i;

const withoutSecrets = (headers: Readonly<Record<string, string>>): Record<string, string> =>
  Object.fromEntries(Object.entries(headers).filter(([name]) => !SECRET.test(name)));

interface Sent {
  answer: IncomingMessage;
  kept: AnswerBody;
}

function send(target: Target, { method, headers, body }: Ask, { signal, idleMs = IDLE_MS }: AskOptions): Promise<Sent> {
  const { url, address, port, isPlain } = target;
  const host = url.hostname;
  return new Promise((resolve, reject) => {
    let answered: IncomingMessage | null = null;
    const request = (isPlain ? requestPlain : requestOverTls)(
      {
        // the address that was judged and no other: the name is not looked up again
        host: address,
        family: isIPv6(address) ? 6 : 4,
        port,
        servername: host,
        path: `${url.pathname}${url.search}`,
        method,
        agent: false,
        signal,
        headers: { 'accept-encoding': 'identity', 'user-agent': AGENT, ...headers, host: url.host },
      },
      (answer) => {
        answered = answer;
        resolve({ answer, kept: keepWhatComes(answer) });
      },
    );
    request.setTimeout(idleMs, () =>
      (answered ?? request).destroy(
        new SourceFault('slow', `${host} sent nothing for ${Math.round(idleMs / 1000)} seconds.`),
      ),
    );
    request.on('error', (error) => reject(tellFault(error, host, signal)));
    request.end(body);
  });
}

/** So much may come ahead of who reads it. */
const AHEAD_BYTES = 1024 * 1024;

/** Node drops what it has received and nobody has read when a line is cut; a source that cuts every few bytes would never come to an end. */
function keepWhatComes(answer: IncomingMessage): AnswerBody {
  const came = new PassThrough({ highWaterMark: AHEAD_BYTES });
  let fault: Error | null = null;
  answer.on('error', (error) => {
    fault = error;
    came.end();
  });
  answer.pipe(came);
  return {
    destroy() {
      answer.destroy();
      came.destroy();
    },
    async *[Symbol.asyncIterator]() {
      for await (const piece of came as AsyncIterable<Buffer>) yield piece;
      if (fault) throw fault;
    },
  };
}

function tellFault(error: Error, host: string, signal?: AbortSignal): Error {
  if (error instanceof SourceFault) return error;
  if (signal?.aborted) return signal.reason instanceof Error ? signal.reason : new Error('aborted');
  return new SourceFault('unreachable', `${host} did not answer.`, { cause: error });
}
