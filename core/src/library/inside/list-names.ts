import type { Document } from '@gltf-transform/core';
import type { ModelInside } from '@haveld/contract/model-inside';
import { meaningOf } from '../../structure/parts/name-habits';

/** So many names of either kind are kept; a model with more is an assembly whose parts are better looked up in it. */
const MOST = 400;

/** What the parts and materials of a model are called, each name once. Names that programs give by themselves are left out. */
export function listNames(document: Document): Pick<ModelInside, 'materials' | 'parts'> {
  const root = document.getRoot();
  return {
    materials: listMeant(root.listMaterials()),
    parts: listMeant([...root.listNodes(), ...root.listMeshes()]),
  };
}

const listMeant = (named: readonly { getName: () => string }[]): string[] => {
  const meant = named.map((one) => one.getName().trim()).filter((name) => meaningOf(name) !== '');
  return [...new Set(meant)].slice(0, MOST);
};
