import { GrowableFloats } from '../../geometry/growable';
import { decodeText } from '../../text/decode-text';
import { NumberScanner } from '../../text/number-scanner';
import type { ParsedStl, StlSolid } from './read';

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
      if (word.startsWith('endloop') && points.length - loopStart !== 9) {
        damages.push({
          text: `The facet that ends in line ${line} has ${(points.length - loopStart) / 3} corners.`,
          line,
        });
        points.length = loopStart;
      } else if (word.startsWith('endsolid')) close();
    }
    at = end + 1;
  }
  if (isOpen) {
    damages.push({ text: `The file ends in line ${line - 1} within a solid.`, line: line - 1 });
    close();
  }
  return { solids, header, damages: damages.slice(0, 20) };
}
