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
    return Object.assign(super.getDefaults() as IProperty, { sizes: null, smoothing: null });
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
        const described = primitiveDef.extensions?.[NAME] as { sizes?: number; smoothing?: number } | undefined;
        if (!described) return;
        const data = this.createPolygonData();
        if (described.sizes !== undefined) data.setSizes(context.accessors[described.sizes]);
        if (described.smoothing !== undefined) data.setSmoothing(context.accessors[described.smoothing]);
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
        const sizes = data.getSizes();
        const smoothing = data.getSmoothing();
        const primitiveDef = meshDefs[meshIndex].primitives[p];
        primitiveDef.extensions = {
          ...primitiveDef.extensions,
          [NAME]: {
            ...(sizes ? { sizes: context.accessorIndexMap.get(sizes) } : {}),
            ...(smoothing ? { smoothing: context.accessorIndexMap.get(smoothing) } : {}),
          },
        };
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
