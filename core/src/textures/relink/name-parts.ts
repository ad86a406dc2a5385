import type { TextureRole } from '@haveld/contract/texture-role';
import { dropCopyMarks, fileStem, readMapName, RESOLUTION, splitName } from '../judging/read-map-name';

/** A map's name, taken apart. */
export interface NameParts {
  /** File name, case and Unicode form folded. */
  name: string;
  stem: string;
  /** The stem without copy marks, resolution and tile, in one piece of letters and digits. */
  core: string;
  /** Words of the model or material, lower case, without digits in front that only order. */
  subject: string[];
  /** Words that are numbers or end in one: sets differ by them. */
  numbers: string[];
  role: TextureRole | null;
  /** 1001 and up where it is one of several tiles; 0 for the word that stands for all. */
  tile: number | null;
}

const TILE = /[._-](1[0-9]{3}|<udim>|%28udim%29|u\d+_v\d+)$/i;

/** Folds case and Unicode form: names that a person would take for the same. */
export const foldName = (name: string): string => name.normalize('NFKC').toLowerCase();

/** @param path as a model writes it or as it lies in an arrival; percent-encoding and back-slashes are read */
export function readNameParts(path: string, habit: Readonly<Record<string, TextureRole>> = {}): NameParts {
  const plain = decode(
    path
      .trim()
      .replace(/^["']|["']$/g, '')
      .replaceAll('\\', '/'),
  );
  const own = plain.slice(plain.lastIndexOf('/') + 1).normalize('NFKC');
  const stem = fileStem(own);
  const [, tileWords] = TILE.exec(stem) ?? [];
  const untiled = tileWords ? stem.slice(0, -tileWords.length - 1) : stem;
  const bare = tileWords ? untiled : dropCopyMarks(untiled);
  const reading = readMapName(`${bare}.x`, habit);
  const words = (reading?.subject ?? splitName(bare)).filter((word) => !RESOLUTION.test(word));
  return {
    name: foldName(own),
    stem: foldName(stem),
    core: splitName(bare)
      .filter((word) => !RESOLUTION.test(word))
      .join(''),
    subject: words.filter((word) => !/^\d+$/.test(word)),
    numbers: words.filter((word) => /\d$/.test(word)).map((word) => word.replace(/^.*?0*(\d+)$/, '$1')),
    role: reading?.role ?? null,
    tile: tileWords === undefined ? null : /^\d+$/.test(tileWords) ? Number(tileWords) : 0,
  };
}

function decode(path: string): string {
  if (!/%[0-9a-f]{2}/i.test(path)) return path;
  try {
    return decodeURIComponent(path);
  } catch (error) {
    // a name with a per cent sign of its own
    if ((error as Error).name !== 'URIError') throw error;
    return path;
  }
}
