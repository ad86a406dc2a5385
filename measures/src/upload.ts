import { sendFile, startServer } from './parts/start-server';

// Claim: a file of 2 GiB passes with the server under 300 MiB above idle.
const SIZE = 2 * 2 ** 30;
const PART = 32 * 2 ** 20;

const server = await startServer();
await new Promise((resolve) => setTimeout(resolve, 2000));
const idle = server.residentMiB();
let peak = idle;
const watch = setInterval(() => (peak = Math.max(peak, server.residentMiB())), 20);

const part = Buffer.alloc(PART, 'haveld ');
const started = performance.now();
const id = await sendFile(server, { path: 'large.bin', sizeBytes: SIZE, part: () => part });
const sentMs = performance.now() - started;
for (;;) {
  const arrivals = (await (
    await fetch(`${server.base}/api/arrivals`, { headers: { cookie: server.cookie } })
  ).json()) as { id: string; state: string }[];
  const state = arrivals.find((arrival) => arrival.id === id)?.state;
  if (state === 'ready' || state === 'failed') break;
  await new Promise((resolve) => setTimeout(resolve, 200));
}
clearInterval(watch);
console.log(
  `2 GiB upload: sent in ${(sentMs / 1000).toFixed(1)} s, kept and identified after ${((performance.now() - started) / 1000).toFixed(1)} s; server idle ${idle.toFixed(0)} MiB, peak ${peak.toFixed(0)} MiB, ${(peak - idle).toFixed(0)} MiB above idle (aim: under 300)`,
);
await server.stop();
