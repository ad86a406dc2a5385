import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import loadWabt from 'wabt';

// The kernel that counts bits, from its text to the bytes a browser or Node takes.
const folder = join(process.cwd(), 'core/src/library/bits');
const { parseWat } = await loadWabt();
const file = 'count-kernel.wat';
const { buffer } = parseWat(file, readFileSync(join(folder, file), 'utf8'), { simd: true }).toBinary({});
writeFileSync(
  join(folder, 'count-kernel.ts'),
  `/** The bytes of count-kernel.wat, base 64. Written by measures/tuning/write-count-kernel.ts (\`npm run tune kernel\`). */
export const COUNT_KERNEL = '${Buffer.from(buffer).toString('base64')}';
`,
);
console.log(`${buffer.length} bytes`);
