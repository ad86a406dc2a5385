import type { FindRole, ProposedFind } from '../heap-file';
import { parseMapName } from '../names/map-name';
import { readableName } from '../names/readable-name';

/**
 * What a find becomes by the answer to its question.
 * @param choice one of the question's choices
 * @returns the find without its question, or several; none where it is not wanted
 */
export function settleQuestion(find: ProposedFind, choice: string): ProposedFind[] {
  const settled = { ...find, question: null };
  if (choice === 'pieces') return [];
  if (choice === 'apart') return splitVariants(settled);
  if (choice === 'without-maps') return [{ ...settled, files: settled.files.filter(({ role }) => role !== 'map') }];
  if (choice.startsWith('read:')) return [readOther(settled, choice.slice('read:'.length))];
  if (choice.startsWith('maps:')) return [takeMaps(settled, choice.slice('maps:'.length))];
  return [settled];
}

/** Each variant becomes a find of its own; what is not a model goes with all of them. */
function splitVariants(find: ProposedFind): ProposedFind[] {
  const variants = find.files.filter(({ role }) => role === 'variant');
  const shared = find.files.filter(({ role }) => !MODEL_ROLES.includes(role));
  return [
    { ...find, name: readableName(find.model), files: find.files.filter(({ role }) => role !== 'variant') },
    ...variants.map(({ path }) => ({
      ...find,
      name: readableName(path),
      model: path,
      reason: '',
      files: [{ path, role: 'model' as const }, ...shared],
    })),
  ];
}

const MODEL_ROLES: readonly FindRole[] = ['model', 'other-format', 'lod', 'variant', 'edition'];

/** The file read until now takes the place of the other. */
function readOther(find: ProposedFind, path: string): ProposedFind {
  const role = find.files.find((file) => file.path === path)?.role;
  if (!role || path === find.model) return find;
  return {
    ...find,
    model: path,
    reason: '',
    files: find.files.map((file) =>
      file.path === path ? { path, role: 'model' } : file.path === find.model ? { ...file, role } : file,
    ),
  };
}

/** Maps of that word become its maps, those of other words are kept as variants. */
function takeMaps(find: ProposedFind, word: string): ProposedFind {
  const words = new Set(find.files.filter(({ role }) => role === 'variant-map').flatMap(({ path }) => wordsOf(path)));
  return {
    ...find,
    files: find.files.map((file): ProposedFind['files'][number] => {
      if (file.role !== 'map' && file.role !== 'variant-map') return file;
      const own = wordsOf(file.path);
      if (own.includes(word)) return { ...file, role: 'map' };
      return own.some((one) => words.has(one)) || (file.role === 'map' && own.length > 0)
        ? { ...file, role: 'variant-map' }
        : file;
    }),
  };
}

const wordsOf = (path: string): string[] =>
  parseMapName(path)
    .parsed.weak.filter(({ kind }) => kind === 'variant')
    .map(({ word }) => word);
