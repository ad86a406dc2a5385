import { GrowableFloats } from '../../geometry/growable';
import { decodeText } from '../../text/decode-text';
import { NumberScanner } from '../../text/number-scanner';
import type { ParsedStl, StlSolid } from './parsed-stl';

/** Reads ASCII STL: `solid name`, `facet normal`, `outer loop`, three `vertex` lines. Words count, lines and case do not. */
export function parseAsciiStl(bytes: Uint8Array): ParsedStl {
  const solids: StlSolid[] = [];
  const damages: ParsedStl['damages'] = [];
  const scanner = new NumberScanner(bytes);
  let points = new GrowableFloats();
  let name = '';
  let isOpen = false;
  let loopStart = 0;
  let line = 1;
  let header = '';
  const close = (): void => {
    if (!isOpen) return;
    const whole = points.length - (points.length % 9);
    solids.push({ name, points: Float32Array.from(points.data.subarray(0, whole)), colours: null });
    points = new GrowableFloats();
    isOpen = false;
  };
  for (let at = 0; at < bytes.length; line++) {
    let end = bytes.indexOf(0x0a, at);
    if (end < 0) end = bytes.length;
    while (at < end && bytes[at] <= 0x20) at++;
    const first = bytes[at] | 0x20;
    if (first === 0x76) {
      // vertex
      scanner.at = at + 6;
      for (let axis = 0; axis < 3; axis++) {
        scanner.skipBlanks();
        points.push(scanner.readNumber());
      }
    } else if (first === 0x73) {
      close();
      name = decodeText(bytes.subarray(at + 5, end)).trim();
      if (header === '') header = name;
      isOpen = true;
      loopStart = 0;
    } else if (first === 0x6f) loopStart = points.length;
    else if (first === 0x65) {
      const word = decodeText(bytes.subarray(at, Math.min(end, at + 16))).toLowerCase();
      const corners = Math.floor((points.length - loopStart) / 3);
      if (word.startsWith('endloop') && corners !== 3) {
        const isMore = corners > 3;
        damages.push({
          text: `The facet that ends in line ${line} has ${corners} corners${isMore ? '; it was cut into triangles' : ''}.`,
          line,
          missing: !isMore,
        });
        if (isMore) cutIntoTriangles(points, loopStart, corners);
        else points.length = loopStart;
      } else if (word.startsWith('endsolid')) close();
    }
    at = end + 1;
  }
  if (isOpen) {
    damages.push({ text: `The file ends in line ${line - 1} within a solid.`, line: line - 1, missing: false });
    close();
  }
  return { solids, header, damages: damages.slice(0, 20) };
}

/** Turns the last corners into a fan around their first. */
function cutIntoTriangles(points: GrowableFloats, from: number, corners: number): void {
  const loop = points.data.slice(from, from + corners * 3);
  points.length = from;
  for (let corner = 1; corner + 1 < corners; corner++)
    for (const taken of [0, corner, corner + 1])
      for (let axis = 0; axis < 3; axis++) points.push(loop[taken * 3 + axis]);
}
