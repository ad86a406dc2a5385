import { createHash } from 'node:crypto';
import type { SheetFinding } from '@haveld/contract/api/bench';
import type { TrialLine } from '@haveld/contract/api/house-treatments';
import type { HouseTreatmentRule } from '@haveld/contract/house-treatment';
import type { Step } from '@haveld/contract/step';
import { answerFindings } from '@haveld/core/condition/answers';
import { setInPencil } from '@haveld/core/condition/pencil';
import { orderSteps } from '@haveld/core/treatment/steps';
import type { Counted } from '@haveld/engine/tasks/plan-house-treatment';
import * as answerQueries from '../assets/answer-queries';
import type { AssetRow } from '../assets/asset-queries';
import { listFindings } from '../bench/findings';
import { listSteps } from '../bench/queries';
import type { Executor } from '../database/pool';
import { loadRules } from '../house/rule-queries';

/** What a house treatment would do to one asset. */
export interface Plan {
  /** In the order they run. */
  steps: Step[];
  lines: TrialLine[];
  before: Counted;
  after: Counted;
  /** What its treatment was when it was looked at. */
  seenSha256: string;
}

/** Steps that came of a house treatment stand under this. */
export const keyOfTreatment = (treatmentId: string): string => `own:house:${treatmentId}`;

/** An asset as a house treatment finds it. */
export interface Standing {
  /** What it has without this treatment, guesses and the answers below among them. */
  taken: Step[];
  /** Open findings that a rule answers, each with that rule. */
  answered: { rule: number; finding: SheetFinding }[];
  /** Rules that would go by a size which nobody has confirmed: they are left, for a guess must not take anything away. */
  left: number[];
  seenSha256: string;
}

/** Looks at what an asset has already, leaving out what came of the same treatment before. */
export async function standAsset(
  db: Executor,
  asset: AssetRow,
  treatmentId: string,
  rules: readonly HouseTreatmentRule[],
): Promise<Standing> {
  const { findings } = await listFindings(db, asset);
  const sheet = answerFindings(findings, await answerQueries.listAnswers(db, asset.id));
  const answered = listAnswered(sheet, rules);
  const isAnswered = new Set(answered.map(({ finding }) => finding.key));
  const { guessed } = setInPencil(sheet, await loadRules(db));
  const own = (await listSteps(db, asset.id)).filter(
    ({ enabled, findingKey }) => enabled && findingKey !== keyOfTreatment(treatmentId),
  );
  const guesses = guessed.filter(({ key }) => !isAnswered.has(key)).flatMap(({ choices }) => choices[0].steps);
  const answers = answered.flatMap(({ finding }) => finding.choices[0].steps);
  const taken = orderSteps([...own.map(({ step }) => step), ...guesses, ...answers].map((step) => ({ step }))).map(
    ({ step }) => step,
  );
  const size = sheet.find(({ kind }) => kind === 'size');
  // one that a rule answers just now is a guess as well
  const isSizeKnown = size !== undefined && (size.settled || size.mark === 'holds');
  const left = isSizeKnown ? [] : rules.flatMap((wanted, rule) => (goesBySize(wanted) ? [rule] : []));
  return { taken, answered, left, seenSha256: createHash('sha256').update(JSON.stringify(taken)).digest('hex') };
}

const goesBySize = (rule: HouseTreatmentRule): boolean =>
  ('where' in rule && rule.where?.belowM !== undefined) || (rule.do === 'reduce' && rule.to.by === 'error');

/** Rights are for a person to answer. */
function listAnswered(sheet: readonly SheetFinding[], rules: readonly HouseTreatmentRule[]): Standing['answered'] {
  const answered: Standing['answered'] = [];
  for (const [rule, wanted] of rules.entries()) {
    if (wanted.do !== 'answer') continue;
    for (const finding of sheet)
      if (
        finding.kind === wanted.finding &&
        finding.heading !== 'rights' &&
        !finding.settled &&
        finding.choices.length > 0
      )
        answered.push({ rule, finding });
  }
  return answered;
}
