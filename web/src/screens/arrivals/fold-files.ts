import type { ArrivalFile } from '@haveld/contract/api/arrivals';
import { roleWords } from '../../parts/role-words';

/** One line of what came in: a file, or several of one folder that are the same to the same finds. */
export interface FileLine {
  key: string;
  label: string;
  /** What it is, at the line's end. */
  summary: string;
  files: ArrivalFile[];
  uses: ArrivalFile['uses'];
  isExcluded: boolean;
}

/** From this many on, files of one folder and one role stand in one line. */
const FOLD_FROM = 3;

/** Said of a file in place of its kind; a map is told by its picture’s format. */
const TOLD_BY_KIND = ['', 'model', 'map', 'material', 'buffer', 'text'];
const describeRole = (role: string): string | null => (TOLD_BY_KIND.includes(role) ? null : roleWords(role));

/** @param prefix path of the archive, which every path begins with */
export function foldFiles(files: readonly ArrivalFile[], prefix: string): FileLine[] {
  const groups = new Map<string, ArrivalFile[]>();
  for (const file of files) {
    const key = `${folderOf(file.path)}|${file.kind}|${file.excludedReason ?? ''}|${JSON.stringify(file.uses)}`;
    groups.set(key, [...(groups.get(key) ?? []), file]);
  }
  return [...groups.values()].flatMap((group) =>
    group.length >= FOLD_FROM ? [foldGroup(group, prefix)] : group.map((file) => describeFile(file, prefix)),
  );
}

const folderOf = (path: string): string => path.slice(0, path.lastIndexOf('/') + 1);
const withoutPrefix = (path: string, prefix: string): string =>
  path.startsWith(prefix) ? path.slice(prefix.length) : path;

function describeFile(file: ArrivalFile, prefix: string): FileLine {
  const role = file.uses[0]?.role ?? '';
  return {
    key: file.path,
    label: withoutPrefix(file.path, prefix),
    summary:
      file.excludedReason ??
      describeRole(role) ??
      (file.kind === 'picture' ? file.summary.replace(' picture', '') : file.summary),
    files: [file],
    uses: file.uses,
    isExcluded: file.excludedReason !== null,
  };
}

const KIND_WORDS: Record<string, string> = {
  picture: 'pictures',
  model: 'models',
  text: 'texts',
  material: 'material files',
  buffer: 'buffers',
  archive: 'archives',
  program: 'programs',
};

function foldGroup(group: ArrivalFile[], prefix: string): FileLine {
  const [first] = group;
  const formats = [...new Set(group.map(({ format }) => format.toUpperCase()))];
  return {
    key: `${first.path} and ${group.length - 1} more`,
    label: `${withoutPrefix(folderOf(first.path), prefix) || './'} ${group.length} ${KIND_WORDS[first.kind] ?? 'files'}`,
    summary: first.excludedReason ?? describeRole(first.uses[0]?.role ?? '') ?? formats.slice(0, 3).join(', '),
    files: group,
    uses: first.uses,
    isExcluded: first.excludedReason !== null,
  };
}
