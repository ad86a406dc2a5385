import type { Choice, Finding } from '@haveld/contract/finding';
import { count } from '../../text/count';
import { guessMatter } from '../../textures/materials/guess-matter';
import { listOpenSheets, type OpenSheet } from '../../textures/uv/open-sheets';
import type { Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** Models beyond this are not looked at edge by edge. Ours: half a second. */
const MOST_TRIANGLES = 400_000;

/** Thin open sheets shown from one side: leaves, flags and sails that vanish when walked round. */
export function checkSides({ document, figures, maps, rules }: Examination): Finding[] {
  if (figures.triangles > MOST_TRIANGLES) return [];
  const all = listOpenSheets(document);
  const sheets = all.filter(({ back }) => back === null);
  return [...checkBacks(all), ...askForBothSides(sheets, { maps, rules })];
}

/** Two surfaces back to back with two pictures stay two: shown from both sides, each would shimmer through the other. */
function checkBacks(sheets: readonly OpenSheet[]): Finding[] {
  const backed = sheets.filter(({ back }) => back !== null);
  if (backed.length === 0) return [];
  return [
    makeFinding({
      kind: 'backs',
      about: { materials: [...new Set(backed.map(({ material }) => material.getName()))] },
      mark: 'holds',
      title: `Back faces with a material of their own, kept: ${count(backed.length, 'material')}`,
      detail: 'Front and back are separate surfaces, each seen from its side.',
      evidence: backed.slice(0, 10).map(({ material, back }) => ({
        text: material.getName(),
        figure: `behind it ${back!.getName()}`,
      })),
    }),
  ];
}

function askForBothSides(
  sheets: readonly OpenSheet[],
  { maps, rules }: Pick<Examination, 'maps' | 'rules'>,
): Finding[] {
  if (sheets.length === 0) return [];
  const names = [...new Set(sheets.map(({ material }) => material.getName()))];
  const said = names.filter((name) => {
    const colour = maps.find((map) => map.material === name && map.slot === 'baseColor');
    return ['leaf', 'cloth'].includes(guessMatter(name, colour?.path ?? '').matter.id);
  });
  const open = Math.max(...sheets.map((sheet) => sheet.open));
  const evidence = [
    { text: 'boundary edges, which one face alone uses', figure: `${Math.round(open * 100)} %` },
    ...(said.length > 0 ? [{ text: `${said.slice(0, 4).join(', ')}: leaf or cloth by name` }] : []),
  ];
  const choice: Choice = {
    id: 'both',
    label: 'Make them double-sided',
    steps: [
      {
        kind: 'set-material',
        schema: 1,
        materials: names,
        factors: { doubleSided: true },
        label: 'both sides shown',
        without: [],
      },
    ],
    confidence: said.length === names.length ? 0.95 : 0.8,
    evidence,
  };
  return [
    makeFinding({
      kind: 'sides',
      mark: 'look',
      title: `Single-sided open surfaces: ${count(names.length, 'material')}`,
      detail: `${names.slice(0, 6).join(', ')}: invisible from behind.`,
      evidence,
      choices: [
        choice,
        { id: 'stay', label: 'Keep them single-sided', steps: [], confidence: 1 - choice.confidence, evidence: [] },
      ],
      sure: isSure(choice, evidence.length, rules),
    }),
  ];
}
