import { findElement, listElements, readNumbers, readWords, type XmlElement } from './xml-tree';

/** Every element of a COLLADA file by its id. */
export class Library {
  readonly root: XmlElement;
  readonly #byId = new Map<string, XmlElement>();
  readonly #sources = new Map<XmlElement, Source | null>();

  constructor(root: XmlElement) {
    this.root = root;
    const visit = (element: XmlElement): void => {
      const { id } = element.attributes;
      if (id && !this.#byId.has(id)) this.#byId.set(id, element);
      element.children.forEach(visit);
    };
    visit(root);
  }

  /** @param url `#id`, or an id alone */
  find(url: string | undefined): XmlElement | undefined {
    return url === undefined ? undefined : this.#byId.get(url.replace(/^.*#/, ''));
  }

  /** @returns the numbers of a `source` in rows, or null where it is not there */
  source(url: string | undefined): Source | null {
    const element = this.find(url);
    if (!element) return null;
    let source = this.#sources.get(element);
    if (source === undefined) this.#sources.set(element, (source = readSource(element, this)));
    return source;
  }
}

/** Rows of numbers; `width` numbers each. */
export interface Source {
  values: Float64Array;
  width: number;
}

function readSource(element: XmlElement, library: Library): Source | null {
  const accessor = findElement(element, 'technique_common', 'accessor');
  const array = library.find(accessor?.attributes.source) ?? findElement(element, 'float_array');
  if (array?.name !== 'float_array') return null;
  const numbers = readNumbers(array);
  const stride = Math.max(1, Number(accessor?.attributes.stride ?? 1) || 1);
  const offset = Number(accessor?.attributes.offset ?? 0) || 0;
  // a parameter without a name is a column that is skipped (COLLADA 1.4.1, "accessor")
  const params = listElements(accessor, 'param');
  const used = params.flatMap(({ attributes }, i) =>
    attributes.name === undefined && attributes.type !== 'float4x4' ? [] : [i],
  );
  const isMatrix = params[0]?.attributes.type === 'float4x4';
  const columns = isMatrix || used.length === 0 || used.length === stride ? null : used;
  if (!columns) return { values: offset === 0 ? numbers : numbers.subarray(offset), width: stride };
  const count = Math.floor((numbers.length - offset) / stride);
  const values = new Float64Array(count * columns.length);
  for (let row = 0; row < count; row++)
    columns.forEach((column, i) => (values[row * columns.length + i] = numbers[offset + row * stride + column]));
  return { values, width: columns.length };
}

/** @returns the names of a `Name_array` or `IDREF_array` source */
export function readNames(library: Library, url: string | undefined): string[] {
  const source = library.find(url);
  const array = findElement(source, 'Name_array') ?? findElement(source, 'IDREF_array');
  // what stands beyond the stated count does not belong to it
  return readWords(array).slice(0, Number(array?.attributes.count ?? NaN) || undefined);
}
