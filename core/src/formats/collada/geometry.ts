import { GrowableInts } from '../../geometry/growable';
import type { CornerLayer, PolygonMesh } from '../../geometry/polygon-mesh';
import type { Library, Source } from './library';
import { listElements, findElement, readNumbers, type XmlElement } from './xml-tree';

/** A mesh of the file with the symbol of the material of each polygon. */
export interface ColladaMesh extends PolygonMesh {
  symbols: string[];
  /** Index into `symbols` per polygon. */
  polygonSymbols: Int32Array;
  /** Numbers of the UV sets, as `set` has them. */
  uvSets: number[];
  /** Points two by two. */
  lines: Int32Array;
  /** Polygons that name a point that is not there, or do not end. */
  broken: number;
}

interface Input {
  semantic: string;
  offset: number;
  set: number;
  source: Source;
}

const POLYGON_KINDS = ['triangles', 'polylist', 'polygons', 'trifans', 'tristrips'];

/**
 * Reads the polygons of a `geometry`.
 * @returns null where it has none, nor lines
 */
export function readColladaGeometry(geometry: XmlElement, library: Library): ColladaMesh | null {
  const mesh = findElement(geometry, 'mesh') ?? findElement(geometry, 'convex_mesh');
  const vertices = findElement(mesh, 'vertices');
  const vertexInputs = listElements(vertices, 'input');
  const position = library.source(
    vertexInputs.find((one) => one.attributes.semantic === 'POSITION')?.attributes.source,
  );
  if (!mesh || !position || position.width < 3) return null;
  const collector = new Collector(position, vertexInputs, library);
  for (const element of mesh.children) {
    if (POLYGON_KINDS.includes(element.name)) collector.addPolygons(element);
    else if (element.name === 'lines' || element.name === 'linestrips') collector.addLines(element);
  }
  return collector.finish();
}

class Collector {
  readonly #positions: Float64Array;
  readonly #vertexInputs: XmlElement[];
  readonly #library: Library;
  readonly #corners = new GrowableInts();
  readonly #sizes = new GrowableInts();
  readonly #polygonSymbols = new GrowableInts();
  readonly #symbols: string[] = [];
  readonly #lines: number[] = [];
  /** Layers by what they mean, their set and their source: index per corner. */
  readonly #layers = new Map<string, { input: Input; index: GrowableInts }>();
  #broken = 0;

  constructor({ values, width }: Source, vertexInputs: XmlElement[], library: Library) {
    this.#positions = takeColumns(values, width, 3);
    this.#vertexInputs = vertexInputs;
    this.#library = library;
  }

  addPolygons(element: XmlElement): void {
    const { inputs, stride, vertexOffset } = this.#readInputs(element);
    if (vertexOffset < 0) return;
    const symbol = this.#indexSymbol(element.attributes.material ?? '');
    for (const [list, sizes] of listOutlines(element, stride)) {
      let at = 0;
      for (const size of sizes) {
        if ((at + size) * stride > list.length) {
          this.#broken++;
          break;
        }
        this.#addPolygon(list, at * stride, size, stride, vertexOffset, inputs, symbol);
        at += size;
      }
    }
  }

  #addPolygon(
    list: Int32Array,
    from: number,
    size: number,
    stride: number,
    vertexOffset: number,
    inputs: Input[],
    symbol: number,
  ): void {
    const points = this.#positions.length / 3;
    let good = size >= 3;
    for (let i = 0; i < size && good; i++) {
      const point = list[from + i * stride + vertexOffset];
      if (!(point >= 0 && point < points)) good = false;
    }
    if (!good) {
      this.#broken++;
      return;
    }
    const before = this.#corners.length;
    for (let i = 0; i < size; i++) this.#corners.push(list[from + i * stride + vertexOffset]);
    for (const input of inputs) {
      const { index } = this.#layer(input);
      while (index.length < before) index.push(-1);
      const count = input.source.values.length / input.source.width;
      for (let i = 0; i < size; i++) {
        const value = list[from + i * stride + input.offset];
        index.push(value >= 0 && value < count ? value : -1);
      }
    }
    this.#sizes.push(size);
    this.#polygonSymbols.push(symbol);
  }

  addLines(element: XmlElement): void {
    const { stride, vertexOffset } = this.#readInputs(element);
    if (vertexOffset < 0) return;
    for (const p of listElements(element, 'p')) {
      const list = Int32Array.from(readNumbers(p));
      const step = element.name === 'lines' ? 2 : 1;
      for (let i = 0; (i + 1) * stride + vertexOffset < list.length; i += step)
        this.#lines.push(list[i * stride + vertexOffset], list[(i + 1) * stride + vertexOffset]);
    }
  }

  #readInputs(element: XmlElement): { inputs: Input[]; stride: number; vertexOffset: number } {
    const inputs: Input[] = [];
    let stride = 1;
    let vertexOffset = -1;
    const add = ({ attributes }: XmlElement, offset: number): void => {
      const source = this.#library.source(attributes.source);
      const { semantic = '' } = attributes;
      if (source && ['NORMAL', 'TEXCOORD', 'COLOR'].includes(semantic))
        inputs.push({ semantic, offset, set: Number(attributes.set ?? 0) || 0, source });
    };
    for (const input of listElements(element, 'input')) {
      const offset = Number(input.attributes.offset ?? 0) || 0;
      stride = Math.max(stride, offset + 1);
      if (input.attributes.semantic === 'VERTEX') {
        vertexOffset = offset;
        this.#vertexInputs.forEach((one) => add(one, offset));
      } else add(input, offset);
    }
    return { inputs, stride, vertexOffset };
  }

  /** One layer a source: elements of one mesh may take the same meaning from different sources. */
  #layer(input: Input): { input: Input; index: GrowableInts } {
    const number = this.#sourceNumbers.get(input.source) ?? this.#sourceNumbers.size;
    this.#sourceNumbers.set(input.source, number);
    const key = `${input.semantic} ${input.set} ${number}`;
    let layer = this.#layers.get(key);
    if (!layer) this.#layers.set(key, (layer = { input, index: new GrowableInts() }));
    return layer;
  }
  readonly #sourceNumbers = new Map<Source, number>();

  #indexSymbol(symbol: string): number {
    const index = this.#symbols.indexOf(symbol);
    return index >= 0 ? index : this.#symbols.push(symbol) - 1;
  }

  /** Layers of one meaning and set become one, their rows behind one another. */
  #joinLayers(): { input: Input; layer: CornerLayer }[] {
    const joined = new Map<string, { input: Input; layer: CornerLayer }>();
    for (const { input, index } of this.#layers.values()) {
      while (index.length < this.#corners.length) index.push(-1);
      const key = `${input.semantic} ${input.set}`;
      const layer = toLayer(input, index.view());
      const known = joined.get(key);
      if (!known) joined.set(key, { input, layer });
      else if (known.layer.width === layer.width) {
        const shift = known.layer.values.length / layer.width;
        const values = new Float64Array(known.layer.values.length + layer.values.length);
        values.set(known.layer.values);
        values.set(layer.values, known.layer.values.length);
        const both = known.layer.index!.map((at, c) =>
          at >= 0 ? at : layer.index![c] >= 0 ? layer.index![c] + shift : -1,
        );
        known.layer = { width: layer.width, values, index: both };
      }
    }
    return [...joined.values()];
  }

  finish(): ColladaMesh | null {
    if (this.#sizes.length === 0 && this.#lines.length === 0) return null;
    const layers = this.#joinLayers();
    const of = (semantic: string) =>
      layers.filter(({ input }) => input.semantic === semantic).sort((a, b) => a.input.set - b.input.set);
    const points = this.#positions.length / 3;
    return {
      positions: this.#positions,
      corners: this.#corners.view(),
      sizes: this.#sizes.view(),
      normals: of('NORMAL')[0]?.layer ?? null,
      uvs: of('TEXCOORD').map(({ layer }) => layer),
      uvSets: of('TEXCOORD').map(({ input }) => input.set),
      colours: of('COLOR').map(({ layer }) => layer),
      smoothing: { by: 'none' },
      symbols: this.#symbols,
      polygonSymbols: this.#polygonSymbols.view(),
      lines: Int32Array.from(this.#lines.filter((point) => point >= 0 && point < points)),
      broken: this.#broken,
    };
  }
}

/** Lists of indices, each with the corners of its polygons. */
function* listOutlines(element: XmlElement, stride: number): Generator<[Int32Array, Iterable<number>]> {
  const lists = listElements(element, 'p').map((p) => Int32Array.from(readNumbers(p)));
  // a polygon with holes keeps its outline
  for (const ph of listElements(element, 'ph')) lists.push(Int32Array.from(readNumbers(findElement(ph, 'p'))));
  switch (element.name) {
    case 'polylist':
      for (const list of lists.slice(0, 1)) yield [list, readNumbers(findElement(element, 'vcount'))];
      break;
    case 'triangles':
      for (const list of lists) yield [list, new Int32Array(Math.floor(list.length / stride / 3)).fill(3)];
      break;
    case 'polygons':
      for (const list of lists) yield [list, [Math.floor(list.length / stride)]];
      break;
    default:
      for (const list of lists) yield expandStrip(list, stride, element.name === 'tristrips');
  }
}

/** Takes a strip or a fan apart; in a strip every other triangle is turned round. */
function expandStrip(list: Int32Array, stride: number, isStrip: boolean): [Int32Array, Int32Array] {
  const count = Math.max(0, Math.floor(list.length / stride) - 2);
  const dst = new Int32Array(count * 3 * stride);
  for (let t = 0; t < count; t++) {
    const corners = !isStrip ? [0, t + 1, t + 2] : t % 2 === 0 ? [t, t + 1, t + 2] : [t + 1, t, t + 2];
    corners.forEach((corner, i) =>
      dst.set(list.subarray(corner * stride, (corner + 1) * stride), (t * 3 + i) * stride),
    );
  }
  return [dst, new Int32Array(count).fill(3)];
}

function toLayer({ semantic, source }: Input, index: Int32Array): CornerLayer {
  const wanted = semantic === 'TEXCOORD' ? 2 : semantic === 'NORMAL' ? 3 : Math.min(4, Math.max(3, source.width));
  const values = takeColumns(source.values, source.width, wanted);
  // COLLADA counts v upwards, glTF downwards (glTF 2.0, 3.8.2)
  if (semantic === 'TEXCOORD') for (let i = 1; i < values.length; i += 2) values[i] = 1 - values[i];
  return { width: wanted, values, index };
}

/** A copy with the first columns of each row; missing ones are 0. */
function takeColumns(src: Float64Array, width: number, wanted: number): Float64Array {
  const count = Math.floor(src.length / width);
  const dst = new Float64Array(count * wanted);
  for (let row = 0; row < count; row++)
    for (let n = 0; n < wanted && n < width; n++) {
      const value = src[row * width + n];
      dst[row * wanted + n] = Math.abs(value) < 3e38 ? value : 0;
    }
  return dst;
}
