import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { mkdir, writeFile } from 'node:fs/promises';
import { createServer, type ServerResponse } from 'node:http';
import { connect, createServer as createRelay, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readPage } from '@haveld/core/pages/read-page';
import { decodePage } from '@haveld/core/text/decode-page';
import { createSites } from '@haveld/demo/sites/serve-sites';
import { SALTMARSH_TOKEN } from '@haveld/demo/sites/saltmarsh';
import { fetchFile } from '@haveld/engine/fetching/fetch-file';
import { fetchText } from '@haveld/engine/fetching/fetch-text';
import { SourceFault } from '@haveld/engine/fetching/source-fault';
import { ADAPTERS } from '@haveld/engine/sources/adapters';
import type { SourceContext } from '@haveld/engine/sources/source-adapter';
import { watchFolder } from '@haveld/engine/watching/watch-folder';

// Claims: 1 000 pages are read a minute; a search over three sources takes at most 1.2 times the slowest that answers; 2 GiB cut ten
// times are whole, with at most 100 MiB of memory; of 10 000 files that appear in a watched folder each is taken once.
const folder = mkdtempSync(join(tmpdir(), 'haveld-measure-'));
const median = (values: number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1];
const timed = async (act: () => Promise<unknown>): Promise<number> => {
  const began = performance.now();
  await act();
  return performance.now() - began;
};

await fetchLarge();
await readPages();
await watchMany();
rmSync(folder, { recursive: true });
process.exit(0);

async function readPages(): Promise<void> {
  const { server, sites } = createSites();
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  const context = {
    reach: { hosts: [], standIns: new Map(sites.map(({ host }) => [host, { address: '127.0.0.1', port }])) },
    now: new Date(),
    token: SALTMARSH_TOKEN,
    termsAccepted: true,
    readPage: (bytes: Uint8Array, address: string) => readPage(decodePage(bytes), address),
  };
  const paths: Record<string, string> = { quayside: 'models', tidewrack: 'm', saltmarsh: 'shelf' };
  const pages: { text: string; address: string }[] = [];
  for (const adapter of ADAPTERS)
    for (const { slug } of sites.find(({ host }) => adapter.hosts.includes(host))!.models)
      pages.push(await fetchText(`https://${adapter.hosts[0]}/${paths[adapter.kind]}/${slug}`, {}, context));
  const COUNT = 1000;
  const ms = await timed(async () => {
    for (let i = 0; i < COUNT; i++) await readPage(pages[i % pages.length].text, pages[i % pages.length].address);
  });
  console.log(
    `${COUNT} pages in three markups read in ${(ms / 1000).toFixed(1)} s on one core: ${Math.round((COUNT / ms) * 60_000)} a minute (aim: 1 000)`,
  );
  await searchThree('on the same two cores', context);
  // as far away as sites are: each connection waits, the slowest a fifth of a second
  const relays = await Promise.all(sites.map((_, i) => openRelay(port, 80 + 60 * i)));
  const far = new Map(sites.map(({ host }, i) => [host, { address: '127.0.0.1', port: relays[i].port }]));
  await searchThree('80, 140 and 200 ms away', { ...context, reach: { hosts: [], standIns: far } });
  for (const { close } of relays) close();
  server.close();
}

/** One search of all sources, against the slowest of them alone. */
async function searchThree(where: string, context: SourceContext): Promise<void> {
  const alone = new Map<string, number[]>(ADAPTERS.map(({ kind }) => [kind, []]));
  const together: number[] = [];
  for (let i = 0; i < 15; i++) {
    for (const adapter of ADAPTERS)
      alone.get(adapter.kind)!.push(await timed(() => adapter.search('brass', null, context)));
    together.push(await timed(() => Promise.all(ADAPTERS.map((adapter) => adapter.search('brass', null, context)))));
  }
  const slowest = Math.max(...[...alone.values()].map(median));
  console.log(
    `a search over three sources, ${where}: ${median(together).toFixed(1)} ms, the slowest alone ${slowest.toFixed(1)} ms: ${(median(together) / slowest).toFixed(2)} times (aim: 1.2)`,
  );
}

/** Leads to a port, and lets each connection wait. */
async function openRelay(to: number, waitMs: number): Promise<{ port: number; close: () => void }> {
  const relay = createRelay((near) => {
    near.on('error', () => near.destroy());
    setTimeout(() => {
      const away = connect(to, '127.0.0.1');
      away.on('error', () => near.destroy());
      near.pipe(away).pipe(near);
    }, waitMs);
  });
  await new Promise<void>((resolve) => relay.listen(0, '127.0.0.1', resolve));
  return { port: (relay.address() as AddressInfo).port, close: () => relay.close() };
}

/** Goes on when there is room again, or nobody reads any more. */
function drained(response: ServerResponse): Promise<void> {
  return new Promise((resolve) => {
    const go = (): void => {
      response.off('drain', go).off('close', go);
      resolve();
    };
    response.on('drain', go).on('close', go);
  });
}

/** Bytes that say where they stand, so that a piece in the wrong place shows. */
function blockAt(index: number): Buffer {
  const block = Buffer.alloc(1 << 20, index & 255);
  block.writeUInt32LE(index, 0);
  return block;
}

async function fetchLarge(): Promise<void> {
  const BLOCKS = 2048;
  const CUTS = 10;
  const size = BLOCKS * 2 ** 20;
  const whole = createHash('sha256');
  for (let i = 0; i < BLOCKS; i++) whole.update(blockAt(i));
  let calls = 0;
  const server = createServer((request, response) => {
    void (async () => {
      const from = Number(/^bytes=(\d+)-$/.exec(request.headers.range ?? '')?.[1] ?? 0);
      const stop = calls < CUTS ? Math.ceil(((calls + 1) * size) / (CUTS + 1.5)) : size;
      calls++;
      response.writeHead(from > 0 ? 206 : 200, {
        etag: '"large"',
        'content-length': size - from,
        ...(from > 0 ? { 'content-range': `bytes ${from}-${size - 1}/${size}` } : {}),
      });
      for (let at = from; at < stop && !response.destroyed;) {
        const block = blockAt(at >> 20);
        const piece = block.subarray(at & ((1 << 20) - 1), Math.min(1 << 20, (at & ((1 << 20) - 1)) + stop - at));
        at += piece.length;
        if (!response.write(piece)) await drained(response);
      }
      if (stop < size) response.socket?.end();
      else response.end();
    })();
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  let kept: { validator: string | null; keptBytes: number } = { validator: null, keptBytes: 0 };
  let peak = 0;
  const began = performance.now();
  const before = process.memoryUsage().rss;
  for (let tries = 0; tries < 40; tries++)
    try {
      const { sha256 } = await fetchFile(
        { address: 'https://large.example/large.zip', sizeBytes: size, sha256: whole.copy().digest('hex') },
        { path: join(folder, 'large'), ...kept },
        {
          reach: { hosts: [], standIns: new Map([['large.example', { address: '127.0.0.1', port }]]) },
          now: new Date(),
          limitBytes: size,
          onProgress: () => (peak = Math.max(peak, process.memoryUsage.rss())),
          onKept: (validator, keptBytes) => {
            kept = { validator, keptBytes };
            return Promise.resolve();
          },
        },
      );
      console.log(
        `2 GiB fetched and proved in ${((performance.now() - began) / 1000).toFixed(1)} s, cut ${tries} times, whole: ${sha256 === whole.digest('hex')}; ` +
          `memory ${Math.round((peak - before) / 2 ** 20)} MiB above the ${Math.round(before / 2 ** 20)} of the process that also sends them (aim: 100)`,
      );
      break;
    } catch (error) {
      if (!(error instanceof SourceFault) || error.kind !== 'cut-off') throw error;
    }
  server.closeAllConnections();
  server.close();
}

async function watchMany(): Promise<void> {
  const COUNT = 10_000;
  const watched = join(folder, 'watched');
  await mkdir(watched);
  const taken = new Map<string, number>();
  const watch = watchFolder(watched, {
    together: 'each',
    onReady: ({ paths }) => {
      for (const path of paths) taken.set(path, (taken.get(path) ?? 0) + 1);
      return Promise.resolve();
    },
  });
  const began = performance.now();
  for (let i = 0; i < COUNT; i++) await writeFile(join(watched, `model ${i}.obj`), `v ${i} 0 0\n`);
  const written = performance.now();
  while (taken.size < COUNT && performance.now() - written < 300_000)
    await new Promise((resolve) => setTimeout(resolve, 100));
  const ended = performance.now();
  await new Promise((resolve) => setTimeout(resolve, 3000));
  console.log(
    `${COUNT} files written in ${((written - began) / 1000).toFixed(1)} s: ${taken.size} taken ${((ended - written) / 1000).toFixed(1)} s after the last (2 s of them to rest), ` +
      `${[...taken.values()].filter((times) => times > 1).length} twice (aim: none)`,
  );
  await watch.close();
}
