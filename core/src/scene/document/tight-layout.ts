import { Extension, PropertyType, type Accessor, type WriterContext } from '@gltf-transform/core';

/**
 * Tells the writer to put the attributes of vertices one after the other, each in a buffer view of its own. The writer's own
 * ways copy them number by number: 0.5 s for 1 M triangles, where this takes 0.05 s. It stands in no file.
 */
export class TightLayout extends Extension {
  static override readonly EXTENSION_NAME = 'HAVELD_tight_layout';
  override readonly extensionName = TightLayout.EXTENSION_NAME;
  override readonly prewriteTypes = [PropertyType.ACCESSOR];

  override prewrite(context: WriterContext): this {
    this.document
      .getRoot()
      .listAccessors()
      .forEach((accessor, i) => {
        if (context.getAccessorUsage(accessor) === 'ARRAY_BUFFER' && isTight(accessor))
          context.addAccessorToUsageGroup(accessor, `vertices ${i}`);
      });
    return this;
  }

  override read(): this {
    return this;
  }

  override write(): this {
    return this;
  }
}

/** A vertex begins at a multiple of four bytes (glTF 2.0, 3.6.2.4). */
const isTight = (accessor: Accessor): boolean =>
  !accessor.getSparse() && (accessor.getElementSize() * accessor.getComponentSize()) % 4 === 0;
