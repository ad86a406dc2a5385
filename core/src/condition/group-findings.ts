import type { SheetFinding } from '@haveld/contract/api/bench';
import type { KitFinding, KitGroup } from '@haveld/contract/api/kits';
import { FINDING_KINDS } from '@haveld/contract/finding-kinds';

/** The sheet of one piece. */
export interface PieceSheet {
  assetId: string;
  findings: readonly SheetFinding[];
}

/**
 * The findings of many pieces as one list: pieces a finding says the same of stand together, those that are open first, the
 * largest group before the others, so that what differs stands out. What holds everywhere is left out.
 */
export function groupFindings(sheets: readonly PieceSheet[]): KitFinding[] {
  const byKey = new Map<string, { first: SheetFinding; groups: Map<string, KitGroup> }>();
  for (const { assetId, findings } of sheets)
    for (const finding of findings) {
      const entry = byKey.get(finding.key) ?? { first: finding, groups: new Map<string, KitGroup>() };
      byKey.set(finding.key, entry);
      const group = describeGroup(finding);
      const id = JSON.stringify(group);
      const known = entry.groups.get(id) ?? { ...group, assetIds: [] };
      known.assetIds.push(assetId);
      entry.groups.set(id, known);
    }
  return [...byKey.values()]
    .map(({ first, groups }) => ({
      key: first.key,
      heading: first.heading,
      title: titleOf(first, [...groups.values()].length),
      groups: [...groups.values()].sort(
        (a, b) => Number(a.settled) - Number(b.settled) || b.assetIds.length - a.assetIds.length,
      ),
    }))
    .filter(({ groups }) => groups.some(({ mark }) => mark !== 'holds'));
}

/** A finding without its figures: what is proposed, and whether anything is left to do. */
function describeGroup(finding: SheetFinding): Omit<KitGroup, 'assetIds'> {
  const { answer, choices, mark, settled, sure } = finding;
  const [first] = choices;
  const group = { mark, sure: sure && !settled, settled, answered: answer !== null };
  if (answer?.kind === 'taken') {
    const taken = choices.find(({ id }) => id === answer.choiceId);
    return { ...group, choiceId: answer.choiceId, label: `taken: ${taken?.label ?? answer.choiceId}` };
  }
  if (answer?.kind === 'own') return { ...group, choiceId: null, label: `own: ${answer.summary}` };
  if (answer) return { ...group, choiceId: null, label: `set aside: ${answer.reason}` };
  if (settled) return { ...group, choiceId: null, label: first ? `holds: ${first.label}` : 'holds' };
  return { ...group, choiceId: first?.id ?? null, label: first?.label ?? finding.title };
}

/** Figures of one piece say nothing of the others. */
const titleOf = ({ title, kind }: SheetFinding, groups: number): string =>
  groups === 1 && !/\d/.test(title) ? title : FINDING_KINDS[kind].title;
