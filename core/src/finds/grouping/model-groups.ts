import type { HeapFile } from '../heap-file';
import type { ParsedPath, Qualifier } from '../names/parse-path';

/** A model file with what its path says of it. */
export interface ModelFile {
  file: HeapFile;
  parsed: ParsedPath;
  /** Qualifiers that count. */
  qualifiers: Qualifier[];
}

/** Model files that are the same thing, and what it is called. */
export interface ModelGroup {
  subject: string[];
  members: ModelFile[];
}

/**
 * Puts model files together that are the same thing: alike but for words that say format, resolution, level of detail, edition
 * or variant, and in places that do not contradict.
 */
export function groupModels(files: readonly { file: HeapFile; parsed: ParsedPath }[]): ModelGroup[] {
  const models = files.map(({ file, parsed }): ModelFile => ({ file, parsed, qualifiers: parsed.strong }));
  const groups: ModelGroup[] = [];
  // only what has the same name can be the same thing
  const byName = new Map<string, ModelGroup[]>();
  for (const model of models) {
    const alike = byName.get(nameOf(model.parsed)) ?? [];
    byName.set(nameOf(model.parsed), alike);
    const found = alike.find((group) => isSame(group, model));
    if (found) found.members.push(model);
    else {
      const group = { subject: model.parsed.subject, members: [model] };
      alike.push(group);
      groups.push(group);
    }
  }
  return joinNameless(groups).map(settleWeak);
}

/** Of the same name, and in places that do not contradict. */
function isSame(group: ModelGroup, model: ModelFile): boolean {
  return group.members.some(
    ({ parsed }) =>
      fitsPlace(parsed, model.parsed) &&
      !(parsed.isGeneric && model.parsed.isGeneric && parsed.scope.join('/') !== model.parsed.scope.join('/')),
  );
}

const nameOf = ({ subject, weak }: ParsedPath): string =>
  [...subject.filter((token) => !weak.some(({ word }) => word === token))].join(' ');

/** One lies within the other's place, or both places are named as the thing itself. */
function fitsPlace(a: ParsedPath, b: ParsedPath): boolean {
  const own = nameOf(a);
  const places = [a, b].map(({ scope }) => scope.filter((name) => !own.startsWith(name) && !name.startsWith(own)));
  const [short, long] = places[0].length <= places[1].length ? places : [places[1], places[0]];
  return short.every((name, i) => long[i] === name);
}

/** Files whose name says nothing, and no folder either, are another form of the only thing there is. */
function joinNameless(groups: ModelGroup[]): ModelGroup[] {
  const nameless = groups.filter(({ members }) =>
    members.every(({ parsed }) => parsed.isGeneric && parsed.scope.length === 0),
  );
  const named = groups.filter((group) => !nameless.includes(group));
  const formats = new Set(named.flatMap(({ members }) => members.map(({ file }) => file.format)));
  if (named.length !== 1 || nameless.some(({ members }) => members.some(({ file }) => formats.has(file.format))))
    return groups;
  return [{ ...named[0], members: [...named[0].members, ...nameless.flatMap(({ members }) => members)] }];
}

/** A weak word counts where members differ in it; where all have it, or there is one file only, it is part of the name. */
function settleWeak({ subject, members }: ModelGroup): ModelGroup {
  const counts = (word: string): boolean => {
    const having = members.filter(({ parsed }) => parsed.weak.some((weak) => weak.word === word)).length;
    return having > 0 && having < members.length;
  };
  const settled = members.map((member) => ({
    ...member,
    qualifiers: [...member.parsed.strong, ...member.parsed.weak.filter(({ word }) => counts(word))],
  }));
  const kept = members[0].parsed.weak
    .filter(({ word, where }) => where === 'name' && !counts(word))
    .map(({ word }) => word);
  return { subject: [...subject, ...kept], members: settled };
}
