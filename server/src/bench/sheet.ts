import type { SheetFinding } from '@haveld/contract/bench';
import type { Answer, Finding } from '@haveld/contract/finding';

/** Puts answers beside findings. A holding finding is settled; one that blocks rights is settled only by the rights themselves. */
export function answerFindings(findings: readonly Finding[], answers: ReadonlyMap<string, Answer>): SheetFinding[] {
  return findings.map((finding) => {
    const answer = answers.get(finding.key) ?? null;
    return { ...finding, answer, settled: isSettled(finding, answer) };
  });
}

function isSettled(finding: Finding, answer: Answer | null): boolean {
  if (finding.mark === 'holds') return true;
  if (finding.heading === 'rights') return finding.mark === 'look' && answer !== null;
  return answer !== null;
}

/** @returns findings whose first choice is sure, and which nobody has answered, in an order that answers "after" first */
export function listSureOpen(findings: readonly SheetFinding[]): SheetFinding[] {
  const sure = findings.filter((finding) => finding.sure && !finding.settled && finding.choices.length > 0);
  const settled = new Set([...findings.filter((finding) => finding.settled), ...sure].map((finding) => finding.key));
  return sure
    .filter((finding) => finding.after.every((key) => settled.has(key)))
    .sort((a, b) => a.after.length - b.after.length);
}

/** What still stands between an asset and the catalogue (house rules), a sentence each. */
export function listMissing(findings: readonly SheetFinding[]): string[] {
  return findings.flatMap((finding) => {
    if (finding.settled) return [];
    if (finding.mark === 'blocks') return [`${finding.title}.`];
    if (finding.key === 'size') return ['Its size is not settled.'];
    if (finding.key.startsWith('stranger:')) return [`${finding.title}: is it part of the model?`];
    return [];
  });
}
