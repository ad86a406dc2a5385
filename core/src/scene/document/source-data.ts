import type { Document, ExtensibleProperty, Material, Mesh, Node, Primitive } from '@gltf-transform/core';
import type { MapLine } from '@haveld/contract/report';

/** What is kept of a node beyond glTF. */
export interface NodeSource {
  /** Given when read, unique in the document. */
  id?: string;
  /** Group names of the source file. */
  groups?: string[];
  /** Layers of the source file it lies on. */
  layers?: string[];
  /** Hidden in the source. */
  hidden?: boolean;
  /** What it was called when it was read, where a step called it otherwise. */
  calledBefore?: string;
  /** Of a level of detail: how far it lies from the finest at most, metres. */
  levelError?: number;
}

/** What is kept of a primitive beyond glTF. */
export interface PrimitiveSource {
  /** `none` where the source says nothing of normals or smoothing: flat ones were computed. */
  normals?: 'none';
}

/** What is kept of a mesh beyond glTF. */
export interface MeshSource {
  /** Edges that show as facets though the surface is round, counted when it was read; left out where the source shades it. */
  facetedEdges?: number;
  /** Shaded by hand: what is said of the whole model's shading leaves it. */
  shaded?: true;
}

/** A map a material names, kept whether its bytes are here or not. */
export type MapReference = Pick<MapLine, 'slot' | 'reference' | 'status' | 'path' | 'sha256'> & {
  /** Strength and the like, as the source writes them: `-bm 0.4`. */
  options?: string;
  /** The same file by other names, such as an absolute path. */
  alternatives?: string[];
};

export interface MaterialSource {
  maps?: MapReference[];
  /** Raw statements of the source's material, so nothing is lost where glTF has no word for it. */
  statements?: Record<string, string>;
  /** Made for what stands for the model from afar. */
  isProxy?: true;
  /** What the base-colour factor becomes once its map is bound, where the map takes the colour's place. */
  mappedBase?: number;
}

/** What is kept of the file as a whole. */
export interface DocumentSource {
  format?: string;
  version?: string;
  exporter?: string;
  copyright?: string;
  /** Comment lines at the head of the file and of its material file, with their place. */
  headers?: { file: string; line: number; text: string }[];
  /** Name of the unit, where it is a known one; else how many metres one is, in words. */
  declaredUnit?: string | null;
  /** Metres a unit of the file; null or left out where it declares none. */
  declaredMetres?: number | null;
  declaredUp?: 'x' | 'y' | 'z' | null;
  extras?: Record<string, unknown>;
  /** Packets of XMP, as JSON-LD. */
  xmp?: unknown[];
}

function getSource(property: ExtensibleProperty): Record<string, unknown> {
  return (property.getExtras().haveld as Record<string, unknown> | undefined) ?? {};
}

function setSource(property: ExtensibleProperty, source: object): void {
  property.setExtras({ ...property.getExtras(), haveld: { ...getSource(property), ...source } });
}

export const getNodeSource = (node: Node): NodeSource => getSource(node) as NodeSource;
export const setNodeSource = (node: Node, source: NodeSource): void => setSource(node, source);
export const getPrimitiveSource = (primitive: Primitive): PrimitiveSource => getSource(primitive) as PrimitiveSource;
export const setPrimitiveSource = (primitive: Primitive, source: PrimitiveSource): void => setSource(primitive, source);
export const getMeshSource = (mesh: Mesh): MeshSource => getSource(mesh) as MeshSource;
export const setMeshSource = (mesh: Mesh, source: MeshSource): void => setSource(mesh, source);
export const getMaterialSource = (material: Material): MaterialSource => getSource(material) as MaterialSource;
export const setMaterialSource = (material: Material, source: MaterialSource): void => setSource(material, source);
export const getDocumentSource = (document: Document): DocumentSource =>
  getSource(document.getRoot()) as DocumentSource;
export const setDocumentSource = (document: Document, source: DocumentSource): void =>
  setSource(document.getRoot(), source);

/** Takes everything Haveld keeps for itself out of a document that leaves the house. */
export function removeSourceData(document: Document): void {
  const root = document.getRoot();
  for (const property of [
    root,
    ...root.listScenes(),
    ...root.listNodes(),
    ...root.listMaterials(),
    ...root.listMeshes(),
    ...root.listMeshes().flatMap((mesh) => mesh.listPrimitives()),
    ...root.listAnimations(),
  ]) {
    const { haveld: _ours, ...extras } = property.getExtras() as Record<string, unknown>;
    property.setExtras(extras);
  }
}
