import type { Choice, Finding } from '@haveld/contract/finding';
import { judgeSize, type UnitSay, type SizeCandidate, type SizeQuestion } from '../../placement/size/judge-size';
import { formatSize, pluralOf, sayInUnits } from '../../placement/units';
import { formatCount } from '../../text/count';
import { strangerKey, type Examination } from '../examination';
import { isSureOfSize } from '../is-settled';
import { makeFinding, type SureRules } from '../make-finding';

/** A unit less likely than this is not offered. */
const OFFERED_FROM = 0.01;

export const checkSize = ({ size, sizeQuestion, strangers, rules }: Examination): Finding[] => [
  describeSize(sizeQuestion, size, strangers.map(strangerKey), rules),
];

/** The finding of a piece of a kit again, with what the rest of the kit says beside its own evidence. */
export const describeSizeInKit = (finding: Finding, question: SizeQuestion, kit: UnitSay, rules: SureRules): Finding =>
  describeSize(question, judgeSize({ ...question, kit }), finding.after, rules);

/** How big is it really? Holds only where the file's own declaration and the thing's kind agree on metres. */
function describeSize(
  question: SizeQuestion | null,
  size: readonly SizeCandidate[],
  after: string[],
  rules: SureRules,
): Finding {
  const common = { kind: 'size' } as const;
  if (!question || size.length === 0)
    return makeFinding({
      ...common,
      mark: 'look',
      title: 'It has no extent',
      detail: 'Nothing in it can be measured: no size can be settled.',
      choices: [{ id: 'none', label: 'Has no real size', steps: [], confidence: 1, evidence: [] }],
    });
  const { declaredUnit } = question;
  const choices = size
    .filter((candidate) => candidate.confidence >= OFFERED_FROM || candidate.id === 'none')
    .map((candidate) => toChoice(candidate, question));
  const [best] = size;
  const sure = isSureOfSize(best, rules);
  const read = formatSize(question.size);
  if (best.id === 'm' && sure)
    return makeFinding({
      ...common,
      mark: 'holds',
      title: declaredUnit === 'm' ? `${read}, as declared` : `${read}, in metres`,
      evidence: best.evidence,
      choices,
      sure,
      after,
    });
  return makeFinding({
    ...common,
    mark: 'look',
    title: sure ? titleFor(best, declaredUnit === best.id, question.size) : openTitle(best, question.size),
    detail: describeDeclaration(declaredUnit, read),
    evidence: best.evidence,
    choices,
    sure,
    after,
  });
}

/** A fact is stated where it is one; until then how likely it is. */
function openTitle({ id, factor, label, confidence }: SizeCandidate, size: readonly [number, number, number]): string {
  const share = `${Math.round(Math.min(0.99, confidence) * 100)} %`;
  if (id === 'none') return 'May have no real size';
  const real = formatSize(size.map((v) => v * factor) as [number, number, number]);
  return `May be in ${pluralOf(label)} (${share}): ${real}`;
}

function describeDeclaration(declared: string | null, read: string): string {
  if (declared === 'm') return `The file declares metres, which makes it ${read}.`;
  if (!declared) return `The file declares no unit. Read as metres it would be ${read}.`;
  return `The file declares ${declared} as its unit. Read as metres it would be ${read}.`;
}

function titleFor(
  { factor, label, id }: SizeCandidate,
  isDeclared: boolean,
  size: readonly [number, number, number],
): string {
  if (isDeclared)
    return `${formatSize(size.map((v) => v * factor) as [number, number, number])}, in ${pluralOf(label)} as declared`;
  if (id === 'none') return 'Perhaps it has no real size';
  const times = 1 / factor;
  return Number.isInteger(Math.round(times * 1e6) / 1e6)
    ? `${formatCount(Math.round(times))} times too big: it is in ${pluralOf(label)}`
    : `It is in ${pluralOf(label)}`;
}

function toChoice(candidate: SizeCandidate, { size, declaredUnit }: SizeQuestion): Choice {
  const real = size.map((v) => v * candidate.factor) as [number, number, number];
  const isNone = candidate.id === 'none';
  // what the file counts in is no metre until it says so
  const came = declaredUnit === 'm' ? formatSize(size) : sayInUnits(formatSize(size));
  return {
    id: candidate.id,
    label: candidate.label,
    steps:
      isNone || candidate.factor === 1
        ? []
        : [{ kind: 'scale', schema: 1, factor: candidate.factor, label: `${came} → ${formatSize(real)}` }],
    confidence: Math.min(1, candidate.confidence),
    evidence: candidate.evidence,
  };
}
