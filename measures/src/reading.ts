import { readModel } from '@haveld/core/formats/read-model';
import { drawPortrait, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import { assess } from '@haveld/core/condition/assess';
import { examine } from '@haveld/core/condition/examination';
import { writeGlb } from '@haveld/core/scene/document-io';
import { createReadingContext } from '@haveld/engine/reading-context';
import { sharpCodec } from '@haveld/engine/sharp-codec';

// Reading an OBJ, looking at it, and drawing it, one core. Medians of 5.

/** A waved sheet of `side` × `side` quads with a layout. */
function createSheet(side: number): Uint8Array {
  const lines: string[] = [];
  for (let y = 0; y <= side; y++) {
    for (let x = 0; x <= side; x++) {
      lines.push(
        `v ${(x / side).toFixed(5)} ${(0.1 * Math.sin(x / 20) * Math.cos(y / 15)).toFixed(5)} ${(y / side).toFixed(5)}`,
        `vt ${(x / side).toFixed(4)} ${(y / side).toFixed(4)}`,
      );
    }
  }
  lines.push('s 1');
  for (let y = 0; y < side; y++) {
    for (let x = 0; x < side; x++) {
      const a = y * (side + 1) + x + 1;
      lines.push(`f ${[a, a + side + 1, a + side + 2, a + 1].map((i) => `${i}/${i}`).join(' ')}`);
    }
  }
  return Buffer.from(lines.join('\n'));
}

const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

async function measure(side: number): Promise<void> {
  const bytes = createSheet(side);
  const files = { paths: ['sheet.obj'], read: () => Promise.resolve(bytes), hash: () => 'x' };
  const times: Record<string, number[]> = { read: [], write: [], assess: [], draw: [] };
  for (let i = 0; i < 5; i++) {
    let from = performance.now();
    const lap = (name: string): void => {
      times[name].push(performance.now() - from);
      from = performance.now();
    };
    const { document, log } = await readModel('sheet.obj', createReadingContext(files));
    lap('read');
    await writeGlb(document);
    lap('write');
    assess(examine({ document, name: 'sheet', log, pictures: [], belonging: new Set(), stated: [] }));
    lap('assess');
    drawPortrait((await prepareDrawing(document, sharpCodec))!, 1);
    lap('draw');
  }
  const figures = Object.entries(times).map(([name, values]) => `${name} ${(median(values) / 1000).toFixed(2)} s`);
  console.log(
    `${(side * side * 2).toLocaleString('en')} triangles, OBJ of ${(bytes.length / 2 ** 20).toFixed(0)} MiB: ${figures.join(', ')}; resident ${(process.memoryUsage.rss() / 2 ** 20).toFixed(0)} MiB`,
  );
}

await measure(316);
await measure(707);
