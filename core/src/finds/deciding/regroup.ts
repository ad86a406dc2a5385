import type { FindRole, HeapFile, ProposedFind } from '../heap-file';
import { readableName } from '../names/readable-name';

/** A file on its way to another find. */
export interface Move {
  path: string;
  /** Place of the find in the list, `new` for one of its own, `excluded` for none. */
  to: number | 'new' | 'excluded';
  /** Left out, what fits the file's kind. */
  role?: FindRole;
}

const MODEL_ROLES: readonly FindRole[] = ['model', 'other-format', 'lod', 'variant', 'edition'];
const ROLE_OF_KIND: Partial<Record<HeapFile['kind'], FindRole>> = {
  picture: 'map',
  text: 'text',
  material: 'material',
  buffer: 'buffer',
};

/**
 * Moves one file as a person wants it. A find whose model goes elsewhere goes with it, all its files. A map or text that several
 * finds share is shared with one more; only excluded it leaves them all.
 * @returns the finds as they are then, null where one is no more; new ones at the end
 * @throws {RangeError} where a file that is no model should become a find
 */
export function regroup(
  finds: readonly ProposedFind[],
  file: Pick<HeapFile, 'path' | 'kind' | 'format'>,
  move: Move,
): (ProposedFind | null)[] {
  const isModel = file.kind === 'model';
  if (move.to === 'new' && !isModel) throw new RangeError('regroup: only a model becomes a find of its own');
  const holders = finds.filter((find) => find.files.some(({ path }) => path === file.path));
  const target = typeof move.to === 'number' ? finds[move.to] : null;
  const following = holders.find((find) => find !== target && find.model === file.path);
  if (move.to === 'new' && following) return [...finds];
  const staysShared = !isModel && move.to !== 'excluded' && holders.length > 1;
  const after = finds.map((find): ProposedFind | null => {
    if (find === following) return null;
    if (find === target) return addTo(target, file, move.role, following);
    return staysShared ? find : { ...find, files: find.files.filter(({ path }) => path !== file.path) };
  });
  return move.to === 'new' ? [...after, createFind(file.path, holders[0])] : after;
}

function addTo(
  target: ProposedFind,
  file: Pick<HeapFile, 'path' | 'kind' | 'format'>,
  wanted: FindRole | undefined,
  following?: ProposedFind,
): ProposedFind {
  const modelFormat = target.model.slice(target.model.lastIndexOf('.') + 1).toLowerCase();
  const own = wanted ?? ROLE_OF_KIND[file.kind] ?? (file.format === modelFormat ? 'variant' : 'other-format');
  const moved = new Map<string, FindRole>([[file.path, own]]);
  for (const { path, role } of following?.files ?? [])
    if (path !== file.path) moved.set(path, role === 'model' ? own : role);
  const files = [
    ...target.files.filter(({ path }) => !moved.has(path)),
    ...[...moved]
      .filter(([path]) => path === file.path || !target.files.some((one) => one.path === path))
      .map(([path, role]) => ({ path, role })),
  ];
  if (own !== 'model') return { ...target, files, question: null };
  return {
    ...target,
    model: file.path,
    question: null,
    reason: '',
    files: files.map((one) => (one.path === target.model ? { ...one, role: 'edition' as const } : one)),
  };
}

/** A find of its own, with the maps and texts of the one it came from. */
function createFind(path: string, from: ProposedFind | undefined): ProposedFind {
  const shared = from?.files.filter((file) => file.path !== path && !MODEL_ROLES.includes(file.role)) ?? [];
  return {
    name: readableName(path),
    model: path,
    reason: '',
    question: null,
    files: [{ path, role: 'model' }, ...shared],
  };
}
