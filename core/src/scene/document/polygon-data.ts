import {
  Extension,
  ExtensionProperty,
  PropertyType,
  type Accessor,
  type IProperty,
  type Nullable,
  type Primitive,
  type ReaderContext,
  type WriterContext,
} from '@gltf-transform/core';

const NAME = 'HAVELD_polygons';

/** Neither vertex attribute nor index: the writer keeps it in a buffer view of its own kind. */
const USAGE = { usage: 'OTHER' };

interface IPolygonData extends IProperty {
  sizes: Accessor;
  smoothing: Accessor;
  smoothingKind: SmoothingKind;
  creaseEdges: Accessor;
  creaseWeights: Accessor;
}

/** `groups`: a number a group, 0 = none. `bits`: a bit a group, so a polygon may be in several. */
export type SmoothingKind = 'groups' | 'bits';

interface Described {
  sizes?: number;
  smoothing?: number;
  smoothingKind?: SmoothingKind;
  creaseEdges?: number;
  creaseWeights?: number;
}

/**
 * The polygons a primitive's triangles were made of. Triangles stay in polygon order, so polygon `k` owns the next
 * `sizes[k] - 2` triangles; its corners are the outline of those triangles.
 */
export class PolygonData extends ExtensionProperty<IPolygonData> {
  static override EXTENSION_NAME = NAME;
  declare extensionName: typeof NAME;
  declare propertyType: 'PolygonData';
  declare parentTypes: [PropertyType.PRIMITIVE];

  protected override init(): void {
    this.extensionName = NAME;
    this.propertyType = 'PolygonData';
    this.parentTypes = [PropertyType.PRIMITIVE];
  }

  protected override getDefaults(): Nullable<IPolygonData> {
    return Object.assign(super.getDefaults() as IProperty, {
      sizes: null,
      smoothing: null,
      smoothingKind: 'groups' as const,
      creaseEdges: null,
      creaseWeights: null,
    });
  }

  /** @returns corners of each polygon (3 and up), or null where every polygon is a triangle */
  getSizes(): Accessor | null {
    return this.getRef('sizes');
  }

  setSizes(sizes: Accessor | null): this {
    return this.setRef('sizes', sizes, USAGE);
  }

  /** @returns smoothing group of each polygon, 0 = none; null where the source says nothing */
  getSmoothing(): Accessor | null {
    return this.getRef('smoothing');
  }

  setSmoothing(smoothing: Accessor | null): this {
    return this.setRef('smoothing', smoothing, USAGE);
  }

  getSmoothingKind(): SmoothingKind {
    return this.get('smoothingKind');
  }

  setSmoothingKind(kind: SmoothingKind): this {
    return this.set('smoothingKind', kind);
  }

  /** @returns two vertices of the primitive per creased edge, each edge once; null where none is creased */
  getCreaseEdges(): Accessor | null {
    return this.getRef('creaseEdges');
  }

  /** @returns one weight an edge, 0 (smooth) to 1 (sharp) and above as the source writes it */
  getCreaseWeights(): Accessor | null {
    return this.getRef('creaseWeights');
  }

  setCreases(edges: Accessor | null, weights: Accessor | null): this {
    return this.setRef('creaseEdges', edges, USAGE).setRef('creaseWeights', weights, USAGE);
  }
}

/** Keeps polygon sizes and smoothing groups beside the triangles of a canonical document. */
export class HaveldPolygons extends Extension {
  static override readonly EXTENSION_NAME = NAME;
  override readonly extensionName = NAME;

  createPolygonData(): PolygonData {
    return new PolygonData(this.document.getGraph());
  }

  override read(context: ReaderContext): this {
    const meshDefs = context.jsonDoc.json.meshes ?? [];
    meshDefs.forEach((meshDef, m) => {
      meshDef.primitives.forEach((primitiveDef, p) => {
        const described = primitiveDef.extensions?.[NAME] as Described | undefined;
        if (!described) return;
        const data = this.createPolygonData();
        if (described.sizes !== undefined) data.setSizes(context.accessors[described.sizes]);
        if (described.smoothing !== undefined) data.setSmoothing(context.accessors[described.smoothing]);
        if (described.smoothingKind) data.setSmoothingKind(described.smoothingKind);
        if (described.creaseEdges !== undefined && described.creaseWeights !== undefined)
          data.setCreases(context.accessors[described.creaseEdges], context.accessors[described.creaseWeights]);
        context.meshes[m].listPrimitives()[p].setExtension(NAME, data);
      });
    });
    return this;
  }

  override write(context: WriterContext): this {
    const meshDefs = context.jsonDoc.json.meshes ?? [];
    for (const mesh of this.document.getRoot().listMeshes()) {
      const meshIndex = context.meshIndexMap.get(mesh);
      if (meshIndex === undefined) continue;
      mesh.listPrimitives().forEach((primitive, p) => {
        const data = getPolygonData(primitive);
        if (!data) return;
        const indexOf = (accessor: Accessor | null) => (accessor ? context.accessorIndexMap.get(accessor) : undefined);
        const described: Described = {
          sizes: indexOf(data.getSizes()),
          smoothing: indexOf(data.getSmoothing()),
          smoothingKind: data.getSmoothingKind() === 'bits' ? 'bits' : undefined,
          creaseEdges: indexOf(data.getCreaseEdges()),
          creaseWeights: indexOf(data.getCreaseWeights()),
        };
        const primitiveDef = meshDefs[meshIndex].primitives[p];
        primitiveDef.extensions = { ...primitiveDef.extensions, [NAME]: described };
      });
    }
    return this;
  }
}

/** @returns the polygons kept beside a primitive, or null where it holds nothing but triangles */
export function getPolygonData(primitive: Primitive): PolygonData | null {
  return primitive.getExtension<PolygonData>(NAME);
}

/** @returns how many polygons a primitive has, its triangles where nothing is kept beside them */
export function countPolygons(primitive: Primitive, triangles: number): number {
  return getPolygonData(primitive)?.getSizes()?.getCount() ?? triangles;
}
