import { readFileSync, writeFileSync } from 'node:fs';
import { basename } from 'node:path';
import { readModel } from '@haveld/core/formats/read-model';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { createReadingContext } from '@haveld/engine/reading/reading-context';

/** Reads one model to a canonical GLB: `read-one <input> <output>`. What others' `export` does, for a fair comparison. */
const [, , input, output] = process.argv;
const name = basename(input);
const { document } = await readModel(
  name,
  createReadingContext({
    paths: [name],
    read: () => Promise.resolve(new Uint8Array(readFileSync(input))),
    hash: () => 'none',
  }),
);
writeFileSync(output, await writeGlb(document));
