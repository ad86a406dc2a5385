import type { SheetFinding } from '@haveld/contract/api/bench';
import type { KitFinding, KitGroup } from '@haveld/contract/api/kits';

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
    return { ...group, choiceId: answer.choiceId, words: `taken: ${taken?.label ?? answer.choiceId}` };
  }
  if (answer?.kind === 'own') return { ...group, choiceId: null, words: `own: ${answer.words}` };
  if (answer) return { ...group, choiceId: null, words: `set aside: ${answer.reason}` };
  if (settled) return { ...group, choiceId: null, words: first ? `holds: ${first.label}` : 'holds' };
  return { ...group, choiceId: first?.id ?? null, words: first?.label ?? finding.title };
}

/** Figures of one piece say nothing of the others. */
const titleOf = ({ title, key }: SheetFinding, groups: number): string =>
  groups === 1 && !/\d/.test(title) ? title : (KEY_WORDS[key] ?? KEY_WORDS[key.split(':')[0]] ?? title);

/** By a finding's key, or by what stands before its colon. */
const KEY_WORDS: Record<string, string> = {
  'rights:licence': 'Licence',
  'rights:author': 'Author',
  'rights:source': 'Source',
  size: 'Size',
  up: 'Which way is up',
  front: 'Which way it faces',
  lean: 'Leaning',
  'part-pivots': 'Where parts turn about',
  uneven: 'Stretched unevenly',
  mirrored: 'Mirrored',
  'inside-out': 'Parts inside out',
  pivot: 'Pivot and ground',
  bake: 'Baking',
  motion: 'What moves',
  map: 'A map that is not where the file says',
  maps: 'Maps',
  offer: 'A picture nobody names',
  'maps-unused': 'Pictures nobody uses',
  wrappers: 'Wrappers',
  clutter: 'Clutter',
  'clutter-named': 'Clutter, by its name',
  stranger: 'A part that may not be the model',
  root: 'The root’s name',
  normals: 'Smoothing',
  triangles: 'Triangles',
  'no-uv': 'Parts without a layout',
  lines: 'Lines and points',
  memory: 'Memory of its maps',
  reading: 'What reading had to say',
};
