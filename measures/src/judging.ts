import { assess } from '@haveld/core/condition/assess';
import { examine } from '@haveld/core/condition/examination';
import { readModel } from '@haveld/core/formats/read-model';
import { drawThumbnail, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import { sharpCodec } from '@haveld/engine/pictures/sharp-codec';
import { createReadingContext } from '@haveld/engine/reading/reading-context';
import { median } from './parts/run-timed';
import { Sheet, writeGlb } from './parts/sheet';

// The thumbnail of 200 k triangles (aim ≤ 1 s of one core) and the basic checks of 1 M (aim ≤ 1 s). Medians of 5, first runs left in.
const RUNS = 5;

async function measure(words: string, side: number, act: (document: Read) => Promise<unknown>): Promise<void> {
  const sheet = new Sheet(side);
  const bytes = new Uint8Array(await writeGlb(sheet));
  const source = { paths: ['sheet.glb'], read: () => Promise.resolve(bytes), hash: () => 'none' };
  const taken: number[] = [];
  for (let i = 0; i < RUNS; i++) {
    const { document } = await readModel('sheet.glb', createReadingContext(source));
    const from = performance.now();
    await act(document);
    taken.push((performance.now() - from) / 1000);
  }
  console.log(
    `${words} of ${sheet.triangles.toLocaleString('en')} triangles: ${median(taken).toFixed(2)} s (${taken.map((s) => s.toFixed(2)).join(', ')})`,
  );
}
type Read = Parameters<typeof prepareDrawing>[0];

await measure('thumbnail', 316, async (document) =>
  sharpCodec.encodePng(drawThumbnail((await prepareDrawing(document, sharpCodec))!, 1)),
);
await measure('basic checks', 707, (document) =>
  Promise.resolve(
    assess(examine({ document, name: 'sheet', log: [], pictures: [], belonging: new Set(), stated: [] })),
  ),
);
