import { DomainError } from '@haveld/contract/error';
import { decodeText } from '../text/decode-text';
import { NOTHING_INSIDE, type Inside } from './inside';

/** Where scenes name the models they are made of: what stands before the name, and after it. */
const REFERENCES: Record<string, RegExp> = {
  // a layer and, from version 5 on, a number for the object stand before the name
  lws: /^(\s*LoadObject(?:Layer[ \t]+\d+)?[ \t]+(?:[0-9a-fA-F]{8}[ \t]+)?)([^\r\n]+?)([ \t]*\r?)$/gm,
  irr: /(<string\s+name="Mesh"\s+value=")([^"]*)(")/gi,
};

export interface SceneReferences {
  /** The scene as it is to be read: every model by its name beside it. */
  text: string;
  /** The models it is made of, by their paths. */
  wanted: string[];
}

/** @param id of the format @returns what looks for the models a scene of it names; undefined for what is no such scene */
export function sceneReferencePeek(id: string): ((bytes: Uint8Array) => Inside) | undefined {
  const pattern = REFERENCES[id];
  return (
    pattern &&
    ((bytes) => {
      const mentions = [...decodeText(bytes).matchAll(pattern)].map((match) => match[2]).filter((name) => name !== '');
      return { ...NOTHING_INSIDE, mentions, isText: true };
    })
  );
}

/**
 * Finds the models a scene of another format is made of among the files that came with it. Scenes name them as they lay on their author's
 * machine; what is not here is never looked for anywhere else.
 * @returns null for what is no such scene
 * @throws {DomainError} `bad-file` where one is not here
 */
export function resolveSceneReferences(path: string, text: string, paths: readonly string[]): SceneReferences | null {
  const pattern = REFERENCES[path.slice(path.lastIndexOf('.') + 1).toLowerCase()];
  if (!pattern) return null;
  const home = path.slice(0, path.lastIndexOf('/') + 1);
  const wanted = new Set<string>();
  const missing = new Set<string>();
  const resolved = text.replace(pattern, (whole, before: string, name: string, after: string) => {
    if (name === '') return whole;
    const found = findNamed(name.replaceAll('\\', '/'), home, paths);
    if (!found) {
      missing.add(name);
      return whole;
    }
    wanted.add(found);
    return `${before}${found.slice(home.length)}${after}`;
  });
  if (missing.size > 0)
    throw new DomainError(
      'bad-file',
      `“${path}” is made of models that did not come with it: ${[...missing].map((name) => `“${name}”`).join(', ')}. Add them, with their files.`,
      { file: path },
    );
  return { text: resolved, wanted: [...wanted] };
}

const lastPart = (path: string): string => path.slice(path.lastIndexOf('/') + 1);

/** Where it says, else by its name alone, below the scene's own folder. */
function findNamed(name: string, home: string, paths: readonly string[]): string | undefined {
  const below = paths.filter((one) => one.startsWith(home));
  const said = home + name.replace(/^(?:\.\/)+/, '');
  const last = lastPart(name).toLowerCase();
  return below.find((one) => one === said) ?? below.find((one) => lastPart(one).toLowerCase() === last);
}
