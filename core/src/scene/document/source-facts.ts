import type { Document } from '@gltf-transform/core';
import type { SourceFacts } from '@haveld/contract/report';
import { clipSpan } from '../pose';
import { getDocumentSource, getNodeSource } from './source-data';
import { listMeshInstances, listShownNodes } from '../traverse';

/** @returns what the file says of itself, and what a document holds beside its surfaces */
export function describeSource(document: Document): SourceFacts {
  const { format, version, exporter, declaredUnit, declaredMetres, declaredUp } = getDocumentSource(document);
  const sources = listShownNodes(document).map(getNodeSource);
  const meshes = listMeshInstances(document).map(({ mesh }) => mesh);
  const primitives = meshes.flatMap((mesh) => mesh.listPrimitives());
  const semantics = primitives.map((primitive) => primitive.listSemantics());
  return {
    format,
    version,
    exporter,
    declaredUnit,
    declaredMetres,
    declaredUp,
    clips: document
      .getRoot()
      .listAnimations()
      .map((clip) => {
        const [from, to] = clipSpan(clip) ?? [0, 0];
        return { name: clip.getName() || 'unnamed', from, to };
      }),
    layers: countNames(sources.flatMap(({ layers = [] }) => layers)),
    groups: countNames(sources.flatMap(({ groups = [] }) => groups)),
    hiddenParts: sources.filter(({ hidden }) => hidden).length,
    blendShapes: Math.max(0, ...primitives.map((primitive) => primitive.listTargets().length)),
    uvSets: Math.max(0, ...semantics.map((names) => names.filter((name) => name.startsWith('TEXCOORD_')).length)),
    vertexColours: semantics.some((names) => names.includes('COLOR_0')),
  };
}

function countNames(names: readonly string[]): { name: string; parts: number }[] {
  const counts = new Map<string, number>();
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts].map(([name, parts]) => ({ name, parts }));
}
