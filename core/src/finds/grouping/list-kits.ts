import type { Draft } from './attach-files';
import { folderOf, type ProposedKit } from '../heap-file';
import { fileStem } from '../../textures/judging/read-map-name';
import { GENERIC_FOLDERS, WHOLE_SET } from '../names/name-words';
import { tokensOf } from '../names/parse-path';
import { readableName } from '../names/readable-name';

const FEWEST_PIECES = 3;

/** Finds that came as one set: they share maps, or lie side by side in the same way. */
export function listKits(drafts: readonly Draft[]): ProposedKit[] {
  const kits: ProposedKit[] = [];
  const free = new Set(drafts.map((_, i) => i));
  for (const members of [...listSharing(drafts), ...listSideBySide(drafts)]) {
    const left = members.filter((i) => free.has(i));
    if (left.length < FEWEST_PIECES) continue;
    for (const i of left) free.delete(i);
    kits.push({ name: nameKit(left.map((i) => drafts[i])), finds: left, reason: describeKit(left, drafts) });
  }
  return kits;
}

/** Finds tied together by maps they share. */
function listSharing(drafts: readonly Draft[]): number[][] {
  const parent = drafts.map((_, i) => i);
  const rootOf = (i: number): number => (parent[i] === i ? i : (parent[i] = rootOf(parent[i])));
  const users = new Map<string, number>();
  drafts.forEach((draft, i) => {
    for (const [path, role] of draft.files) {
      if (role !== 'map') continue;
      const other = users.get(path);
      if (other === undefined) users.set(path, i);
      else parent[rootOf(i)] = rootOf(other);
    }
  });
  return groupIndexes(drafts, (_, i) => String(rootOf(i)));
}

/** Finds in one folder, or each in a folder of its own below one folder with a name; at the same depth. */
function listSideBySide(drafts: readonly Draft[]): number[][] {
  const folders = drafts.map(({ choice }) => folderOf(choice.model.file.path));
  const inOne = groupIndexes(drafts, (_, i) => folders[i]);
  const below = groupIndexes(drafts, (_, i) => {
    const around = folderOf(folders[i].slice(0, -1));
    const name = around.split('/').slice(-2)[0]?.toLowerCase() ?? '';
    const isAlone = folders.filter((folder) => folder === folders[i]).length === 1;
    return isAlone && name !== '' && !GENERIC_FOLDERS.includes(name) && !folders.includes(around) ? around : `#${i}`;
  });
  return [...inOne, ...below];
}

function groupIndexes(drafts: readonly Draft[], keyOf: (draft: Draft, i: number) => string): number[][] {
  const groups = new Map<string, number[]>();
  drafts.forEach((draft, i) => groups.set(keyOf(draft, i), [...(groups.get(keyOf(draft, i)) ?? []), i]));
  return [...groups.values()].filter((group) => group.length >= FEWEST_PIECES);
}

/** By the innermost folder around all of them that has a name. */
function nameKit(drafts: readonly Draft[]): string {
  const paths = drafts.map(({ choice }) => choice.model.file.path.split('/').slice(0, -1));
  const common = paths[0].filter((part, i) => paths.every((path) => path[i] === part));
  // `kit/` says no more than that it is one; the archive around it may
  const named = common
    .reverse()
    .find((part) =>
      tokensOf(fileStem(part)).some((word) => !GENERIC_FOLDERS.includes(word) && !WHOLE_SET.includes(word)),
    );
  return named ? readableName(named) : 'Kit';
}

function describeKit(members: readonly number[], drafts: readonly Draft[]): string {
  const shared = [...drafts[members[0]].files].filter(
    ([path, role]) => role === 'map' && members.every((i) => drafts[i].files.get(path) === 'map'),
  );
  return shared.length > 0
    ? `${members.length} pieces share ${shared.length === 1 ? 'a map' : `${shared.length} maps`}`
    : `${members.length} pieces lie side by side`;
}
