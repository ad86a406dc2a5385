import type { Document, Material } from '@gltf-transform/core';

/** Every material of these names; several may share one. */
export function listNamedMaterials(document: Document, names: readonly string[]): Material[] {
  return document
    .getRoot()
    .listMaterials()
    .filter((material) => names.includes(material.getName()));
}

/** @returns the names no material has */
export function listUnmatchedNames(document: Document, names: readonly string[]): string[] {
  const there = new Set(
    document
      .getRoot()
      .listMaterials()
      .map((material) => material.getName()),
  );
  return names.filter((name) => !there.has(name));
}
