import {
  Extension,
  ExtensionProperty,
  PropertyType,
  RefList,
  type IProperty,
  type Node,
  type Nullable,
  type ReaderContext,
  type WriterContext,
} from '@gltf-transform/core';

// MSFT_lod, a vendor's extension of the Khronos registry: docs/formats.md says what it is written by
const LEVELS = 'MSFT_lod';
const COVERAGE = 'MSFT_screencoverage';

interface IDetailLevels extends IProperty {
  levels: RefList<Node>;
  coverage: number[];
}

/** What a node is replaced by from afar. Its levels stand in no scene, in the space of the node's own parent. */
export class DetailLevels extends ExtensionProperty<IDetailLevels> {
  static override EXTENSION_NAME = LEVELS;
  declare extensionName: typeof LEVELS;
  declare propertyType: 'DetailLevels';
  declare parentTypes: [PropertyType.NODE];

  protected override init(): void {
    this.extensionName = LEVELS;
    this.propertyType = 'DetailLevels';
    this.parentTypes = [PropertyType.NODE];
  }

  protected override getDefaults(): Nullable<IDetailLevels> {
    return Object.assign(super.getDefaults() as IProperty, { levels: new RefList<Node>(), coverage: [] });
  }

  /** @returns the coarser ones, the finest of them first; the node itself is finer than all */
  listLevels(): Node[] {
    return this.listRefs('levels');
  }

  addLevel(node: Node): this {
    return this.addRef('levels', node);
  }

  /** @returns the least share of the view's height each is for, the node itself first; empty where nobody said */
  getCoverage(): number[] {
    return this.get('coverage');
  }

  setCoverage(coverage: number[]): this {
    return this.set('coverage', coverage);
  }
}

export const getDetailLevels = (node: Node): DetailLevels | null => node.getExtension<DetailLevels>(LEVELS);

/** Levels of detail by node. */
export class LevelsOfDetail extends Extension {
  static override readonly EXTENSION_NAME = LEVELS;
  override readonly extensionName = LEVELS;

  createDetailLevels(): DetailLevels {
    return new DetailLevels(this.document.getGraph());
  }

  override read({ jsonDoc, nodes }: ReaderContext): this {
    (jsonDoc.json.nodes ?? []).forEach((nodeDef, i) => {
      const { ids } = (nodeDef.extensions?.[LEVELS] as { ids?: number[] } | undefined) ?? {};
      if (!ids) return;
      const levels = this.createDetailLevels();
      for (const id of ids) {
        const node = nodes.at(id);
        if (node && node !== nodes[i]) levels.addLevel(node);
      }
      const { [COVERAGE]: coverage, ...extras } = nodes[i].getExtras();
      if (Array.isArray(coverage)) levels.setCoverage(coverage.filter((share) => typeof share === 'number'));
      nodes[i].setExtras(extras).setExtension(LEVELS, levels);
    });
    return this;
  }

  override write({ jsonDoc, nodeIndexMap }: WriterContext): this {
    for (const [node, index] of nodeIndexMap) {
      const levels = getDetailLevels(node);
      if (!levels) continue;
      const nodeDef = jsonDoc.json.nodes![index];
      nodeDef.extensions = {
        ...nodeDef.extensions,
        [LEVELS]: { ids: levels.listLevels().map((level) => nodeIndexMap.get(level)) },
      };
      const coverage = levels.getCoverage();
      if (coverage.length > 0) nodeDef.extras = { ...nodeDef.extras, [COVERAGE]: coverage };
    }
    return this;
  }
}
