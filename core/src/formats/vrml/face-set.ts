import type { CornerLayer, PolygonMesh, SmoothingRule } from '../../geometry/polygon-mesh';
import { toLinear } from '../shading';
import { boolOf, nodeOf, numberOf, numbersOf } from './fields';
import type { VrmlNode } from './parse-vrml';

/** What an IndexedFaceSet shows, and how many of its faces could not be. */
export interface FaceSet {
  mesh: PolygonMesh;
  isTwoSided: boolean;
  broken: number;
}

/** Faces as the file lists them: points up to −1. */
interface Faces {
  corners: Int32Array;
  sizes: Int32Array;
  /** Where each corner stands in the list of indices, so that other lists are read beside it. */
  places: Int32Array;
  /** Number of each face in the file. */
  numbers: Int32Array;
  broken: number;
}

/**
 * An IndexedFaceSet (ISO/IEC 14772-1:1997, clause 6.23): normals, layout and colours by corner, point or face.
 * @returns null where it has no points or no faces
 */
export function readFaceSet(node: VrmlNode): FaceSet | null {
  const positions = numbersOf(nodeOf(node, 'coord'), 'point');
  const index = numbersOf(node, 'coordIndex');
  if (!positions || !index || positions.length < 9) return null;
  const faces = listFaces(index, Math.floor(positions.length / 3));
  if (faces.sizes.length === 0) return null;
  if (boolOf(node, 'ccw') === false) turnRound(faces);
  const layer = (values: Float64Array | null, width: number, list: string, isByCorner: boolean): CornerLayer | null =>
    values && values.length >= width
      ? { width, values, index: readIndex(numbersOf(node, list), faces, isByCorner, Math.floor(values.length / width)) }
      : null;
  const normals = layer(
    numbersOf(nodeOf(node, 'normal'), 'vector'),
    3,
    'normalIndex',
    boolOf(node, 'normalPerVertex') !== false,
  );
  const layout = layer(numbersOf(nodeOf(node, 'texCoord'), 'point'), 2, 'texCoordIndex', true);
  const colours = layer(
    numbersOf(nodeOf(node, 'color'), 'color')?.map(toLinear) ?? null,
    3,
    'colorIndex',
    boolOf(node, 'colorPerVertex') !== false,
  );
  return {
    mesh: {
      positions,
      corners: faces.corners,
      sizes: faces.sizes,
      normals,
      uvs: layout ? [{ ...layout, values: layout.values.map((value, i) => (i % 2 === 1 ? 1 - value : value)) }] : [],
      colours: colours ? [colours] : [],
      smoothing: readSmoothing(node),
    },
    isTwoSided: boolOf(node, 'solid') === false,
    broken: faces.broken,
  };
}

/** Its crease angle where it states one; the format's own zero is what exporters leave out. */
function readSmoothing(node: VrmlNode): SmoothingRule {
  const crease = numberOf(node, 'creaseAngle');
  return crease === null ? { by: 'none' } : { by: 'angle', degrees: Math.min(180, (crease * 180) / Math.PI) };
}

function listFaces(index: Float64Array, points: number): Faces {
  const corners = new Int32Array(index.length);
  const places = new Int32Array(index.length);
  const sizes: number[] = [];
  const numbers: number[] = [];
  let kept = 0;
  let number = 0;
  let broken = 0;
  for (let from = 0; from < index.length; number++) {
    let end = from;
    let good = true;
    while (end < index.length && index[end] >= 0) {
      if (!(index[end] < points)) good = false;
      end++;
    }
    if (good && end - from >= 3) {
      for (let i = from; i < end; i++) {
        corners[kept] = index[i];
        places[kept++] = i;
      }
      sizes.push(end - from);
      numbers.push(number);
    } else if (end > from) broken++;
    from = end + 1;
  }
  return {
    corners: corners.subarray(0, kept),
    places: places.subarray(0, kept),
    sizes: Int32Array.from(sizes),
    numbers: Int32Array.from(numbers),
    broken,
  };
}

/** Faces written clockwise are turned, corner by corner. */
function turnRound({ corners, places, sizes }: Faces): void {
  for (let k = 0, from = 0; k < sizes.length; from += sizes[k++]) {
    corners.subarray(from, from + sizes[k]).reverse();
    places.subarray(from, from + sizes[k]).reverse();
  }
}

/** Element per corner: by a list beside the points' own, by the points themselves, by face; −1 where there is no such element. */
function readIndex(list: Float64Array | null, faces: Faces, isByCorner: boolean, count: number): Int32Array {
  const { corners, places, sizes, numbers } = faces;
  const dst = new Int32Array(corners.length);
  for (let k = 0, c = 0; k < sizes.length; k++)
    for (let i = 0; i < sizes[k]; i++, c++) {
      const element = isByCorner ? (list ? list[places[c]] : corners[c]) : list ? list[numbers[k]] : numbers[k];
      dst[c] = element >= 0 && element < count ? element : -1;
    }
  return dst;
}
