import type { FindQuestion } from '@haveld/contract/api/arrivals';
import type { FindRole } from '../heap-file';
import type { QualifierKind } from '../names/name-words';
import { describeChoice, formatName, rankFormat } from '../rank-formats';
import type { ModelFile, ModelGroup } from './model-groups';

/** The file of a group that is read, what the others are to it, and what is left to a person. */
export interface Choice {
  model: ModelFile;
  others: { member: ModelFile; role: FindRole }[];
  reason: string;
  question: FindQuestion | null;
}

/** @param preferredSide longer side of the maps the house wants, in pixels */
export function chooseModel(group: ModelGroup, preferredSide: number): Choice {
  const files = group.members.map(({ file }) => file);
  const order = [...group.members].sort(
    (a, b) =>
      isBeside(a) - isBeside(b) ||
      detailOf(a) - detailOf(b) ||
      compareResolution(a, b, preferredSide) ||
      editionOf(a) - editionOf(b) ||
      compareWords(a, b, 'variant') ||
      versionOf(b) - versionOf(a) ||
      rankFormat(a.file, files) - rankFormat(b.file, files) ||
      isAscii(a) - isAscii(b),
  );
  const [model, ...rest] = order;
  const others = rest.map((member) => ({ member, role: roleBeside(member, model) }));
  return {
    model,
    others,
    reason: describeChoice(
      model.file,
      others.filter(({ role }) => role === 'other-format').map(({ member }) => member.file),
    ),
    question: askAbout(model, others),
  };
}

const find = (member: ModelFile, kind: QualifierKind) => member.qualifiers.find((qualifier) => qualifier.kind === kind);
const wordOf = (member: ModelFile, kind: QualifierKind): string => find(member, kind)?.word ?? '';

/** Collision shapes and files of single clips are never the model itself. */
const isBeside = (member: ModelFile): number => Number(Boolean(find(member, 'companion')) || isClipFile(member));
const isClipFile = ({ file }: ModelFile): boolean => /@[^/]+$/.test(file.path);
const detailOf = (member: ModelFile): number => find(member, 'lod')?.value ?? 0;
const editionOf = (member: ModelFile): number => {
  const edition = find(member, 'edition');
  return edition ? 1 + edition.value : 0;
};
const versionOf = (member: ModelFile): number => find(member, 'version')?.value ?? 0;
const isAscii = (member: ModelFile): number =>
  Number(member.qualifiers.some(({ word }) => word === 'ascii') || member.file.inside?.isText === true);

/** The house's own first, else the next larger (it can be made smaller), else the largest. */
export function rankSide(side: number, preferredSide: number): number {
  return side >= preferredSide ? side : 1e6 - side;
}

function compareResolution(a: ModelFile, b: ModelFile, preferredSide: number): number {
  const [one, two] = [find(a, 'resolution'), find(b, 'resolution')];
  return one && two ? rankSide(one.value, preferredSide) - rankSide(two.value, preferredSide) : 0;
}

/** Where the words are of one rule with an order, that order; else as they came. */
function compareWords(a: ModelFile, b: ModelFile, kind: QualifierKind): number {
  const [one, two] = [find(a, kind), find(b, kind)];
  if (one && two) return one.rule === two.rule ? one.value - two.value : 0;
  return Number(Boolean(one)) - Number(Boolean(two));
}

/** What a file is to the model: the first thing in which they differ. */
function roleBeside(member: ModelFile, model: ModelFile): FindRole {
  if (find(member, 'companion') || isClipFile(member)) return 'variant';
  if (find(member, 'lod') && detailOf(member) !== detailOf(model)) return 'lod';
  const [one, two] = [find(member, 'resolution'), find(model, 'resolution')];
  if (one && two && one.value !== two.value) return 'other-resolution';
  if (wordOf(member, 'edition') !== wordOf(model, 'edition')) return 'edition';
  if (versionOf(member) !== versionOf(model)) return 'edition';
  if (wordOf(member, 'variant') !== wordOf(model, 'variant')) return 'variant';
  if (member.file.format === model.file.format && isAscii(member) === isAscii(model)) return 'edition';
  return 'other-format';
}

/** Editions are chosen between where each is one; variants of taste may be assets of their own. */
function askAbout(model: ModelFile, others: Choice['others']): FindQuestion | null {
  const among = (role: FindRole) => others.filter((other) => other.role === role).map(({ member }) => member);
  const editions = among('edition').filter(
    (member) => isAsked(member, model, 'edition') || isAsked(member, model, 'version'),
  );
  if (editions.length > 0 && (find(model, 'edition') || find(model, 'version')))
    return askEdition([model, ...editions]);
  const variants = among('variant').filter((member) => isAsked(member, model, 'variant'));
  if (variants.length === 0) return null;
  const words = [model, ...variants].map((member) => wordOf(member, 'variant') || 'plain').filter(isFirst);
  return {
    text: `One asset with ${words.length} variants (${words.join(', ')}), or an asset each?`,
    choices: [
      { id: 'together', label: 'one asset' },
      { id: 'apart', label: 'an asset each' },
    ],
  };
}

function askEdition(members: readonly ModelFile[]): FindQuestion {
  const nameOf = (member: ModelFile): string =>
    wordOf(member, 'edition') || wordOf(member, 'version') || formatName(member.file.format);
  const choices = members
    .map((member) => ({ id: `read:${member.file.path}`, label: nameOf(member) }))
    .filter(({ label }, i, all) => all.findIndex((one) => one.label === label) === i);
  return { text: `Which edition: ${choices.map(({ label }) => `“${label}”`).join(' or ')}?`, choices };
}

const isFirst = <T>(value: T, i: number, all: readonly T[]): boolean => all.indexOf(value) === i;

const isAsked = (a: ModelFile, b: ModelFile, kind: QualifierKind): boolean =>
  [a, b].some((member) => find(member, kind)?.rule.isAsked === true) && wordOf(a, kind) !== wordOf(b, kind);
