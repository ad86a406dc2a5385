import type { FindQuestion } from '@haveld/contract/api/arrivals';
import { HOUSE_RULES } from '@haveld/contract/house-rules';
import { describeExcluded } from '../describe-excluded';
import { baseName, folderOf, type Grouping, type HeapFile, type ProposedFind } from '../heap-file';
import { SYSTEM_LITTER, WHOLE_SET, type WordRule } from '../names/name-words';
import { parsePath } from '../names/parse-path';
import { readableName } from '../names/readable-name';
import { attachFiles, type Draft } from './attach-files';
import { chooseModel } from './choose-model';
import { listKits } from './list-kits';
import { chooseMaps } from './map-sets';
import { groupModels } from './model-groups';

export interface GroupingOptions {
  /** Longer side of the maps the house wants, in pixels. */
  preferredSide?: number;
  /** Words the source of the arrival is known to use. */
  words?: readonly WordRule[];
}

/**
 * Makes finds of a heap: what is one model in several formats, resolutions, levels of detail, editions and variants; which
 * maps, texts and previews belong to it, alone or with others; what came as a kit. What a careful person would ask is asked.
 */
export function groupFinds(files: readonly HeapFile[], options: GroupingOptions = {}): Grouping {
  const { preferredSide = HOUSE_RULES.handedOverMapSide, words = [] } = options;
  const sorted = files.filter(({ path }) => !SYSTEM_LITTER.test(path));
  const twins = listTwins(sorted);
  const models = sorted.filter((file) => file.kind === 'model' && !twins.has(file.path));
  const drafts = groupModels(models.map((file) => ({ file, parsed: parsePath(file.path, words) }))).map(
    (group): Draft => {
      const choice = chooseModel(group, preferredSide);
      const roles = [
        [choice.model.file.path, 'model'],
        ...choice.others.map(({ member, role }) => [member.file.path, role]),
      ];
      return { group, choice, files: new Map(roles as [string, 'model'][]), guessed: [] };
    },
  );
  attachFiles(
    drafts,
    sorted.filter(({ path }) => !twins.has(path)),
    words,
  );
  const kits = listKits(drafts);
  const inKit = new Set(kits.flatMap((kit) => kit.finds));
  const byPath = new Map(sorted.map((file) => [file.path, file]));
  const finds = drafts.map((draft, i) => {
    const maps = chooseMaps(draft, byPath, preferredSide, words);
    return propose(
      draft,
      maps.reason,
      draft.choice.question ?? maps.question ?? askAboutPlace(draft, inKit.has(i), drafts),
    );
  });
  const used = new Set(finds.flatMap((find) => find.files.map(({ path }) => path)));
  const excluded = files
    .filter(({ path }) => !used.has(path))
    .map((file) => ({ path: file.path, reason: describeExcluded(file, finds.length, twins.get(file.path)) }));
  return { finds, kits, excluded };
}

/** Model files that hold the same bytes as one before them, with what lies beside them and repeats too. @returns path of each with the one it repeats */
function listTwins(files: readonly HeapFile[]): Map<string, string> {
  const first = new Map<string, string>();
  const repeats = files.flatMap(({ sha256, path, kind }): { path: string; kind: string; known: string }[] => {
    const known = sha256 === undefined ? undefined : first.get(sha256);
    if (sha256 !== undefined && known === undefined) first.set(sha256, path);
    return known === undefined ? [] : [{ path, kind, known }];
  });
  const models = repeats.filter(({ kind }) => kind === 'model');
  const isBeside = (path: string): boolean =>
    models.some((model) => folderOf(model.path) !== '' && path.startsWith(folderOf(model.path)));
  return new Map(
    repeats.filter(({ path, kind }) => kind === 'model' || isBeside(path)).map(({ path, known }) => [path, known]),
  );
}

function propose(draft: Draft, mapReason: string, question: FindQuestion | null): ProposedFind {
  const { choice, group } = draft;
  const { file, parsed } = choice.model;
  const isPlain = choice.others.length === 0 && !parsed.isGeneric && !parsed.isSide;
  return {
    name: isPlain ? readableName(file.path) : readableName(group.subject.join(' ') || file.path),
    model: file.path,
    files: [...draft.files].map(([path, role]) => ({ path, role })),
    reason: [choice.reason, mapReason].filter((words) => words !== '').join(' · '),
    question,
  };
}

/** What only the place of things leaves open. */
function askAboutPlace(draft: Draft, isPiece: boolean, drafts: readonly Draft[]): FindQuestion | null {
  const [first] = draft.guessed;
  if (first && !isPiece)
    return {
      text: `Do the maps beside it, such as “${baseName(first)}”, belong to it? Nothing names it.`,
      choices: [
        { id: 'together', label: 'they belong' },
        { id: 'without-maps', label: 'leave them out' },
      ],
    };
  if (isPiece && draft.group.subject.some((word) => WHOLE_SET.includes(word)))
    return {
      text: `Is this the same ${drafts.length - 1} pieces in one file?`,
      choices: [
        { id: 'pieces', label: 'yes, take the pieces' },
        { id: 'together', label: 'no, a model too' },
      ],
    };
  return askAboutCoarser(draft);
}

/** Maps that lie with a coarser level of detail only may well be made for that one. */
function askAboutCoarser({ choice, files }: Draft): FindQuestion | null {
  const [coarser] = choice.others.filter(({ role }) => role === 'lod').map(({ member }) => member.file.path);
  const maps = [...files].filter(([, role]) => role === 'map').map(([path]) => path);
  const folder = coarser === undefined ? '' : folderOf(coarser);
  const model = choice.model.file.path;
  if (folder === '' || model.startsWith(folder) || maps.length === 0 || !maps.every((path) => path.startsWith(folder)))
    return null;
  return {
    text: 'Its maps lie with the coarser model. Which of them is the model?',
    choices: [
      { id: `read:${coarser}`, label: 'the coarser, with maps' },
      { id: 'together', label: 'the finer' },
    ],
  };
}
