/** What a library gives for a prim, an attribute or a relationship. */
interface Spec {
  fields?: Record<string, unknown>;
}

/** The prims of a USD layer with their attributes, by path. */
export class UsdStage {
  readonly #specs: Record<string, Spec>;

  constructor(specs: Record<string, unknown>) {
    this.#specs = specs as Record<string, Spec>;
  }

  /** @returns metadata of a prim, of the layer for `/` */
  field(path: string, name: string): unknown {
    return this.#specs[path]?.fields?.[name];
  }

  typeOf(path: string): string {
    const type = this.field(path, 'typeName');
    return typeof type === 'string' ? type : '';
  }

  /** @returns paths of the prims right below, in file order */
  childrenOf(path: string): string[] {
    const names = this.field(path, 'primChildren');
    const prefix = path === '/' ? '/' : `${path}/`;
    return Array.isArray(names) ? names.map((name) => prefix + String(name)) : [];
  }

  /** @returns an attribute's value; the first of its time samples where it has no other */
  value(path: string, name: string): unknown {
    const fields = this.#specs[`${path}.${name}`]?.fields;
    if (!fields) return undefined;
    if (fields.default !== undefined) return fields.default;
    const samples = fields.timeSamples as { values?: unknown[] } | undefined;
    return samples?.values?.[0];
  }

  /** @returns an attribute's numbers, or null where it has none */
  numbers(path: string, name: string): Float64Array | null {
    const value = this.value(path, name);
    if (typeof value === 'number') return Float64Array.of(value);
    if (ArrayBuffer.isView(value) && !(value instanceof DataView)) return Float64Array.from(value as Float32Array);
    if (!Array.isArray(value)) return null;
    const flat = value.flat(2) as unknown[];
    return flat.every((one) => typeof one === 'number') ? Float64Array.from(flat) : null;
  }

  text(path: string, name: string): string | null {
    const value = this.value(path, name);
    return typeof value === 'string' ? value : null;
  }

  /** @returns where a relationship or a connection leads, the prim only */
  target(path: string, name: string): string | null {
    const fields = this.#specs[`${path}.${name}`]?.fields;
    const paths = (fields?.targetPaths ?? fields?.connectionPaths) as unknown[] | undefined;
    const [first] = paths ?? [];
    return typeof first === 'string' ? first.replace(/\.[^/]*$/, '') : null;
  }

  /** @returns the names of a prim's attributes that begin with a prefix */
  attributesOf(path: string, prefix: string): string[] {
    const from = `${path}.${prefix}`;
    return Object.keys(this.#specs)
      .filter((key) => key.startsWith(from))
      .map((key) => key.slice(path.length + 1));
  }

  /** @returns true where an attribute has time samples */
  isAnimated(path: string): boolean {
    return Object.entries(this.#specs).some(
      ([key, { fields }]) => key.startsWith(`${path}.`) && fields?.timeSamples !== undefined,
    );
  }

  /** @returns every path whose own metadata or attributes name other files */
  listCompositions(): string[] {
    return Object.entries(this.#specs)
      .filter(
        ([key, { fields }]) =>
          fields?.references !== undefined || fields?.payload !== undefined || /\.(references|payload)$/.test(key),
      )
      .map(([key]) => key.replace(/\..*$/, ''));
  }
}
