import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import type { Green, TextureRole } from '@haveld/contract/texture-role';
import { DECIDED_FROM, judgeMapRole } from '@haveld/core/textures/judging/judge-map-role';
import { judgeMapSet } from '@haveld/core/textures/judging/judge-map-set';
import { judgeGreen } from '@haveld/core/textures/judging/judge-green';
import { measurePicture, type PictureMeasures } from '@haveld/core/textures/judging/picture-measures';
import type { Picture } from '@haveld/core/textures/pictures/picture-codec';
import { sharpCodec } from '@haveld/engine/pictures/sharp-codec';
import { fetchMaterialSet } from './parts/fetch-material-set';
import { MATERIAL_SETS, type SetMap } from './parts/material-sets';

// What a map is, over open material sets held out whole from tuning: by name, by picture, by both, and by both within its set
// (aim: 99 % of those decided right, 5 % asked), with a confusion table; which way green points, against the height maps that came
// with normal maps. The sets are fetched from their registries: about 1.8 GB for the held-out ones.
interface Seen {
  map: SetMap;
  measures: PictureMeasures;
}

const root = process.cwd();
for (const set of MATERIAL_SETS.filter(({ use }) => use === 'held-out')) {
  const maps = set.list(await fetchMaterialSet(set, root));
  const seen: Seen[] = [];
  const green = { right: 0, wrong: 0, undecided: 0, up: 0, down: 0, unsaid: 0 };
  const heights = new Map(maps.filter(({ roles }) => roles.includes('height')).map((map) => [map.material, map.file]));
  let unread = 0;
  for (const map of maps) {
    const picture = await sharpCodec.decode(new Uint8Array(readFileSync(map.file))).catch(() => null);
    if (!picture) {
      unread++;
      continue;
    }
    seen.push({ map, measures: measurePicture(picture) });
    if (map.roles[0] !== 'normal') continue;
    const judged = judgeGreen(picture).green;
    green[judged ?? 'unsaid']++;
    const height = heights.get(map.material);
    const truth = height ? greenByHeight(picture, await sharpCodec.decode(new Uint8Array(readFileSync(height)))) : null;
    if (truth) green[judged === null ? 'undecided' : judged === truth ? 'right' : 'wrong']++;
  }
  console.log(
    `\n${set.name} (${set.licence}; truth: ${set.truth}): ${seen.length} maps${unread > 0 ? `, ${unread} not read` : ''}`,
  );
  const name = (one: Seen): string => basename(one.map.path);
  report(
    'name',
    seen,
    seen.map((one) => judgeMapRole({ path: name(one), measures: null, slot: null })),
  );
  report(
    'picture',
    seen,
    seen.map((one) => judgeMapRole({ path: 'x', measures: one.measures, slot: null })),
  );
  report(
    'both',
    seen,
    seen.map((one) => judgeMapRole({ path: name(one), measures: one.measures, slot: null })),
  );
  report(
    'within its set',
    seen,
    judgeMapSet(seen.map((one) => ({ path: one.map.path, measures: one.measures, slot: null }))),
    true,
  );
  console.log(
    `  green: ${green.up} up, ${green.down} down, ${green.unsaid} undecided; of those that came with heights ${green.right} right, ${green.wrong} wrong, ${green.undecided} undecided`,
  );
}

function report(
  by: string,
  seen: readonly Seen[],
  judged: readonly { role: TextureRole; confidence: number }[],
  withTable = false,
): void {
  let [decided, right] = [0, 0];
  const table = new Map<string, number>();
  judged.forEach(({ role, confidence }, i) => {
    const { roles } = seen[i].map;
    const isDecided = confidence >= DECIDED_FROM;
    const isRight = roles.includes(role);
    if (isDecided) decided++;
    if (isDecided && isRight) right++;
    const cell = `${roles[0]} → ${isDecided ? (isRight ? 'right' : role) : 'asked'}`;
    table.set(cell, (table.get(cell) ?? 0) + 1);
  });
  const [low, high] = wilson(right, decided);
  console.log(
    `  by ${by.padEnd(15)} decided right ${percent(right / decided)} (95 %: ${percent(low)} to ${percent(high)}, n ${decided}), asked ${percent(1 - decided / seen.length)}`,
  );
  if (withTable)
    console.log(
      `    ${[...table]
        .sort(([a], [b]) => a.localeCompare(b))
        .map(([cell, count]) => `${cell} ${count}`)
        .join('; ')}`,
    );
}

function percent(share: number): string {
  return `${(share * 100).toFixed(2)} %`;
}

/** Wilson's interval for a share: E. B. Wilson, JASA 22 (1927). */
function wilson(right: number, all: number): [number, number] {
  if (all === 0) return [0, 1];
  const z = 1.959964;
  const share = right / all;
  const middle = share + (z * z) / (2 * all);
  const reach = z * Math.sqrt((share * (1 - share)) / all + (z * z) / (4 * all * all));
  const scale = 1 + (z * z) / all;
  return [Math.max(0, (middle - reach) / scale), Math.min(1, (middle + reach) / scale)];
}

/** The convention a height map of the same material speaks for; null where the two hardly go together. */
function greenByHeight(normals: Picture, heights: Picture): Green | null {
  if (normals.width !== heights.width || normals.height !== heights.height) return null;
  const { width, height } = normals;
  const sums = { x: 0, y: 0, nx: 0, ny: 0, gx: 0, gy: 0 };
  for (let y = 1; y + 1 < height; y++)
    for (let x = 1; x + 1 < width; x++) {
      const o = (y * width + x) * 4;
      const [nx, ny] = [normals.data[o] / 127.5 - 1, normals.data[o + 1] / 127.5 - 1];
      const gx = heights.data[o + 4] - heights.data[o - 4];
      const gy = heights.data[o + width * 4] - heights.data[o - width * 4];
      sums.x += nx * gx;
      sums.y += ny * gy;
      sums.nx += nx * nx;
      sums.ny += ny * ny;
      sums.gx += gx * gx;
      sums.gy += gy * gy;
    }
  const x = sums.x / Math.sqrt(sums.nx * sums.gx || 1);
  const y = sums.y / Math.sqrt(sums.ny * sums.gy || 1);
  if (Math.abs(x) < 0.3 || Math.abs(y) < 0.3) return null;
  return y > 0 === x < 0 ? 'up' : 'down';
}
