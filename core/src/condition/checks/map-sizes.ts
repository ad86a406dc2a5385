import type { Choice, Finding } from '@haveld/contract/finding';
import { computeTexelDensity } from '../../scene/measures/texel-density';
import { fitSide } from '../../textures/convert/reduce-picture';
import { isShown } from '../../textures/texture-reference';
import type { Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** Sides that are offered, and what each would cost. */
const SIDES = [4096, 2048, 1024];

/** What the maps cost on the card, how fine they lie on the surface, and what smaller ones would give. */
export function checkMapSizes(examination: Examination): Finding[] {
  const { references, facts, layouts, size, rules, said, metresAUnit: metres } = examination;
  const pictures = new Map<string, [number, number]>();
  for (const { picture } of references.filter(isShown)) {
    const seen = facts.get(picture.sha256);
    if (seen && seen.width > 0) pictures.set(seen.sha256, [seen.width, seen.height]);
  }
  if (pictures.size === 0) return [];
  const all = [...pictures.values()];
  const now = sumMemory(all, Infinity);
  const longest = Math.max(...all.map(([width, height]) => Math.max(width, height)));
  const densities = metres === null ? [] : listDensities(examination, metres);
  const lines = densities.slice(0, 8).map(({ material, low, median }) => ({
    text: `${material}: lowest and median`,
    figure: `${Math.round(low)} and ${Math.round(median)} texels a metre`,
  }));
  const budget = rules.mapMemoryBytes;
  const house = rules.handedOverMapSide;
  const isOver = now > budget;
  const choices = SIDES.filter((side) => side < longest).map((side): Choice => {
    const cost = sumMemory(all, side);
    return {
      id: `reduce-${side}`,
      label: `Reduce to ${side / 1024}K: ${inMiB(cost)}`,
      steps: [{ kind: 'reduce-maps', schema: 1, side }],
      confidence: side === house ? 0.8 : cost <= budget ? 0.5 : 0.1,
      evidence: [
        { text: 'on the card, with mip levels', figure: `${inMiB(now)} → ${inMiB(cost)}` },
        ...(densities.length > 0
          ? [
              {
                text: 'median over the materials',
                figure: `${Math.round(densities[0].median)} → ${Math.round(densities[0].median * Math.min(1, side / longest))} texels a metre`,
              },
            ]
          : []),
      ],
    };
  });
  choices.sort((a, b) => b.confidence - a.confidence);
  const stay: Choice = { id: 'stay', label: 'Keep them as they came', steps: [], confidence: 0.2, evidence: [] };
  return [
    makeFinding({
      kind: 'map-sizes',
      mark: isOver ? 'look' : 'holds',
      title: isOver
        ? `Maps take ${inMiB(now)} on the card, the house allows ${inMiB(budget)}`
        : `Maps take ${inMiB(now)} on the card, up to ${longest} texels a side`,
      detail:
        layouts.size > 0 && densities.length > 0
          ? `Texel density is counted in metres of the size ${said.factor === undefined ? `proposed (${size[0].label})` : 'as you said'}.`
          : '',
      evidence: lines,
      choices: choices.length > 0 ? (isOver ? [...choices, stay] : [stay, ...choices]) : [],
      sure: isOver && choices.length > 0 && isSure(choices[0], 2, rules),
    }),
  ];
}

const inMiB = (bytes: number): string => `${Math.max(0.1, bytes / 2 ** 20).toFixed(bytes < 10 * 2 ** 20 ? 1 : 0)} MiB`;

/** Four bytes a texel and a third more for mip levels. */
function sumMemory(sizes: readonly [number, number][], side: number): number {
  return sizes.reduce((sum, [width, height]) => {
    const [w, h] = fitSide(width, height, side);
    return sum + (w * h * 16) / 3;
  }, 0);
}

/** Texels a metre of each material's colour map, the coarsest first. */
function listDensities(
  { references, facts, layouts }: Examination,
  metres: number,
): { material: string; low: number; median: number }[] {
  return [...layouts]
    .flatMap(([material, layout]) => {
      const colour =
        material &&
        references.find(
          ({ line, picture }) => picture && line.material === material.getName() && line.slot === 'baseColor',
        );
      const seen = colour?.picture && facts.get(colour.picture.sha256);
      if (!material || !seen || !layout.density) return [];
      const whole = computeTexelDensity(layout.uvArea, layout.surfaceArea * metres * metres, [seen.width, seen.height]);
      if (whole === null) return [];
      const side = Math.sqrt(seen.width * seen.height) / metres;
      return [{ material: material.getName(), low: layout.density.low * side, median: layout.density.median * side }];
    })
    .sort((a, b) => a.median - b.median);
}
