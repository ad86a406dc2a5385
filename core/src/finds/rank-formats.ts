import { NOTHING_INSIDE } from '../formats/inside';
import { findFormat } from '../formats/model-formats';
import type { HeapFile } from './heap-file';

/** A format as people say it. */
export const formatName = (id: string): string => findFormat(id)?.name ?? id.toUpperCase();

/** Lower is read first: what moves before what does not, numbers before text, then what the format can carry. */
export function rankFormat(file: HeapFile, others: readonly HeapFile[]): number {
  const inside = file.inside ?? NOTHING_INSIDE;
  const someoneMoves = others.some((other) => (other.inside?.clips ?? 0) > 0);
  const lacksMotion = someoneMoves && inside.clips === 0 ? 100 : 0;
  return lacksMotion + (findFormat(file.format)?.rank ?? Infinity);
}

/** Why this file was read, from what is really inside: `GLB carries 2 clips and physically based materials; the OBJ of the same model has neither`. */
export function describeChoice(chosen: HeapFile, others: readonly HeapFile[]): string {
  const formats = [...new Set(others.map((file) => file.format))].filter((format) => format !== chosen.format);
  if (formats.length === 0) return '';
  const has = listCarried(chosen);
  const lacking = others.filter(
    (file) =>
      file.format !== chosen.format && has.every((one) => !listCarried(file).some((other) => other.what === one.what)),
  );
  const names = [...new Set(lacking.map((file) => formatName(file.format)))];
  const said =
    has.length > 0
      ? joinWords(has.map(({ words }) => words))
      : (findFormat(chosen.format)?.carries ?? 'what could be read');
  const rest =
    has.length > 0 && names.length > 0
      ? `the ${joinWords(names)} of the same model has ${has.length === 1 ? 'none' : has.length === 2 ? 'neither' : 'none of it'}`
      : `kept beside it: ${formats.map(formatName).join(', ')}`;
  return `${formatName(chosen.format)} carries ${said}; ${rest}`;
}

function listCarried({ inside = NOTHING_INSIDE }: HeapFile): { what: string; words: string }[] {
  return [
    ...(inside.clips > 0 ? [{ what: 'clips', words: inside.clips === 1 ? 'a clip' : `${inside.clips} clips` }] : []),
    ...(inside.hasSkin ? [{ what: 'joints', words: 'joints' }] : []),
    ...(inside.materials === 'physical' ? [{ what: 'physical', words: 'physically based materials' }] : []),
  ];
}

const joinWords = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
