import { createRandom } from '@haveld/core/testing/random';
import { writeRawZip } from '@haveld/engine/testing/raw-zip';
import { sendFile, startServer } from './parts/start-server';

// Claim: 1 000 models of about 1 kB, dropped as one archive, are read within 120 s on two cores; the list of arrivals stays small.
const COUNT = 1000;

/** A box of other sides than all others. */
function writeBox(random: () => number): Buffer {
  const [x, y, z] = [0, 0, 0].map(() => 0.1 + random() * 2);
  const points = Array.from({ length: 8 }, (_, i) => [i & 1 ? x : 0, i & 2 ? y : 0, i & 4 ? z : 0]);
  const faces = ['1 3 4 2', '5 6 8 7', '1 2 6 5', '3 7 8 4', '1 5 7 3', '2 4 8 6'];
  return Buffer.from(
    [
      '# a made-up box; CC0 1.0',
      ...points.map((point) => `v ${point.map((value) => value.toFixed(12)).join(' ')}`),
      ...points.map((point) => `vt ${point[0].toFixed(12)} ${point[1].toFixed(12)}`),
      ...faces.map((face) => `f ${face.replace(/\d/g, '$&/$&')}`),
    ].join('\n'),
  );
}

const random = createRandom(20261129);
const files = Array.from({ length: COUNT }, (_, i) => ({ name: `thing ${i}/box.obj`, bytes: writeBox(random) }));
const zip = writeRawZip(files);
const server = await startServer();
const ask = async (path: string): Promise<string> =>
  (await fetch(server.base + path, { headers: { cookie: server.cookie } })).text();

const started = performance.now();
const seconds = (): string => ((performance.now() - started) / 1000).toFixed(1);
await sendFile(server, { path: 'many.zip', sizeBytes: zip.length, part: () => zip });
let found = '';
for (;;) {
  const [arrival] = JSON.parse(await ask('/api/arrivals')) as { state: string; finds: unknown[] }[];
  if (arrival.state === 'reading' && found === '') found = seconds();
  if (arrival.state === 'ready' || arrival.state === 'failed') break;
  if (performance.now() - started > 900_000) break;
  await new Promise((resolve) => setTimeout(resolve, 1000));
}
const from = performance.now();
const list = await ask('/api/arrivals');
console.log(
  `${COUNT} models of ${files[0].bytes.length} bytes: found after ${found} s, read after ${seconds()} s (aim: 120); ` +
    `the list of arrivals is ${(list.length / 1000).toFixed(0)} kB, told in ${(performance.now() - from).toFixed(0)} ms`,
);
await server.stop();
