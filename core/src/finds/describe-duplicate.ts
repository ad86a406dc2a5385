import type { Duplicate, DuplicateRelation } from '@haveld/contract/api/duplicates';
import { compareShapes, type ShapeComparison } from '../geometry/compare-shapes';
import type { ShapeSignature } from '../geometry/shape-signature';
import { formatCount } from '../text/count';
import { compareLooks, LOOK_TOLERANCE } from '../textures/pictures/picture-look';
import { formatName } from './rank-formats';

/** What is compared of a find. */
export interface DuplicateFacts {
  modelSha256: string;
  format: string;
  triangles: number;
  shape: ShapeSignature | null;
  /** Metres a unit as its file declares; null where it declares none. */
  metres: number | null;
  /** Up as the file declares. */
  up: string | null;
  maps: { sha256: string; look: string | null }[];
  clips: number;
}

/**
 * How two finds are alike, and the lines that say in what.
 * @param arePageMates both are what one page offers, at two times
 * @returns null where they are different things
 */
export function compareFinds(
  mine: DuplicateFacts,
  other: DuplicateFacts,
  arePageMates = false,
): { relation: DuplicateRelation; summary: string; lines: Duplicate['lines'] } | null {
  if (mine.modelSha256 === other.modelSha256)
    return {
      relation: 'same-file',
      summary: 'The same model file, byte for byte.',
      lines: describeLines(mine, other, null),
    };
  const shapes = mine.shape && other.shape && compareShapes(mine.shape, other.shape);
  if (!shapes)
    return arePageMates
      ? { relation: 'same-page', summary: WORDS['same-page'], lines: describeLines(mine, other, null) }
      : null;
  const maps = compareMaps(mine.maps, other.maps);
  const relation = shapes.relation === 'mirrored' ? 'mirrored' : maps === 'other' ? 'other-maps' : 'same-shape';
  return { relation, summary: WORDS[relation], lines: describeLines(mine, other, shapes) };
}

const WORDS: Record<DuplicateRelation, string> = {
  'same-file': 'The same model file, byte for byte.',
  'same-shape': 'The same shape, in whatever unit and stance.',
  'same-page': 'From the same page, in another shape: a newer version of it.',
  'other-maps': 'The same shape with other maps: a twin in other colours, no double.',
  mirrored: 'A mirrored twin: left and right of one thing, no double.',
};

type MapAnswer = 'none' | 'same' | 'same pictures' | 'other';

/** The same bytes, the same pictures at another size or compression, or others. */
function compareMaps(mine: DuplicateFacts['maps'], other: DuplicateFacts['maps']): MapAnswer {
  if (mine.length === 0 && other.length === 0) return 'none';
  if (mine.length === 0 || other.length === 0) return 'none';
  const hashes = new Set(other.map(({ sha256 }) => sha256));
  if (mine.every(({ sha256 }) => hashes.has(sha256))) return 'same';
  const looksLike = (a: string | null): boolean =>
    a !== null && other.some(({ look }) => look !== null && compareLooks(a, look) <= LOOK_TOLERANCE);
  const telling = mine.filter(({ sha256, look }) => look !== null || hashes.has(sha256));
  return telling.length > 0 && telling.every(({ sha256, look }) => hashes.has(sha256) || looksLike(look))
    ? 'same pictures'
    : 'other';
}

function describeLines(
  mine: DuplicateFacts,
  other: DuplicateFacts,
  shapes: ShapeComparison | null,
): Duplicate['lines'] {
  const line = (what: string, a: string, b: string): Duplicate['lines'][number] => ({
    what,
    mine: a,
    other: b,
    same: a === b,
  });
  const maps = compareMaps(mine.maps, other.maps);
  const mapWords = (own: DuplicateFacts['maps']): string => (own.length === 0 ? 'none' : String(own.length));
  return [
    line('format', formatName(mine.format), formatName(other.format)),
    line('triangles', formatCount(mine.triangles), formatCount(other.triangles)),
    ...(shapes
      ? [
          {
            what: 'shape',
            mine: shapes.relation === 'mirrored' ? 'mirrored' : 'as the other',
            other: `differs by ${(shapes.distance * 25).toFixed(2)} %`,
            same: shapes.relation === 'same-shape',
          },
        ]
      : []),
    ...(shapes ? [describeScale(mine, other, shapes)] : []),
    line('up axis stated', mine.up?.toUpperCase() ?? 'not stated', other.up?.toUpperCase() ?? 'not stated'),
    {
      what: 'maps',
      mine: mapWords(mine.maps),
      other:
        maps === 'same'
          ? 'the same'
          : maps === 'same pictures'
            ? 'the same at another size or compression'
            : mapWords(other.maps),
      same: maps === 'same' || maps === 'same pictures' || (mine.maps.length === 0 && other.maps.length === 0),
    },
    line('clips', String(mine.clips), String(other.clips)),
  ];
}

/** In real size where both declare a unit, else as the numbers stand. */
function describeScale(
  mine: DuplicateFacts,
  other: DuplicateFacts,
  { scale }: ShapeComparison,
): Duplicate['lines'][number] {
  const isReal = mine.metres !== null && other.metres !== null;
  const times = isReal ? (scale * other.metres!) / mine.metres! : scale;
  const isSame = Math.abs(times - 1) < 0.005;
  const words = isSame
    ? 'the same'
    : times > 1
      ? `${formatTimes(times)} times larger`
      : `${formatTimes(1 / times)} times smaller`;
  return { what: isReal ? 'size' : 'size in its own units', mine: 'as it is', other: words, same: isSame };
}

const formatTimes = (times: number): string => (times >= 9.5 ? formatCount(Math.round(times)) : times.toPrecision(3));
