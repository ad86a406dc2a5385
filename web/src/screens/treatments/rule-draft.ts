import type { FindingKind } from '@haveld/contract/finding-kinds';
import { HouseTreatmentRuleSchema, type HouseTreatmentRule, type Mended } from '@haveld/contract/house-treatment';
import { readReduction } from '../bench/reduction-ways';
import { readFigure } from '../../parts/read-figure';

/** What a rule does, as it is chosen: what is mended stands beside the rest. */
export type Deed = `mend:${Mended}` | Exclude<HouseTreatmentRule['do'], 'mend'>;

/** A rule while it is written: every field as text. */
export interface RuleDraft {
  /** Of the row, so that it keeps its place in the page. */
  id: string;
  deed: Deed;
  name: string;
  material: string;
  belowMm: string;
  called: string;
  degrees: string;
  atMaterials: boolean;
  above: string;
  /** Of levels of detail, in %. */
  shares: string;
  way: 'triangles' | 'share' | 'error';
  figure: string;
  finding: FindingKind;
}

export function createDraft(rule: HouseTreatmentRule): RuleDraft {
  const where = 'where' in rule ? rule.where : undefined;
  const draft: RuleDraft = {
    id: crypto.randomUUID(),
    deed: rule.do === 'mend' ? `mend:${rule.what}` : rule.do,
    name: where?.name ?? '',
    material: where?.material ?? '',
    belowMm: where?.belowM === undefined ? '' : String(where.belowM * 1000),
    called: 'name' in rule ? rule.name : '',
    degrees: rule.do === 'smooth' ? String(rule.degrees) : '40',
    atMaterials: rule.do === 'smooth' && rule.atMaterials,
    above: 'above' in rule ? String(rule.above) : '0',
    shares:
      rule.do === 'levels' ? rule.shares.map((share) => Number((share * 100).toPrecision(4))).join(', ') : '50, 25, 12',
    way: rule.do === 'reduce' ? rule.to.by : 'triangles',
    figure: '',
    finding: rule.do === 'answer' ? rule.finding : 'normals',
  };
  if (rule.do !== 'reduce') return draft;
  const { to } = rule;
  const figure = to.by === 'share' ? to.share * 100 : to.by === 'triangles' ? to.triangles : to.mm;
  return { ...draft, figure: String(figure) };
}

/** @returns null where something is missing, or no number where one is wanted */
export function readDraft(draft: RuleDraft): HouseTreatmentRule | null {
  const parsed = HouseTreatmentRuleSchema.safeParse(toRule(draft));
  return parsed.success ? parsed.data : null;
}

function toRule(draft: RuleDraft): unknown {
  const { deed, called } = draft;
  if (deed.startsWith('mend:')) return { do: 'mend', what: deed.slice('mend:'.length) };
  if (deed === 'answer') return { do: deed, finding: draft.finding };
  if (deed === 'reduce')
    return { do: deed, above: readFigure(draft.above, 0, 1e9), to: readReduction(draft.way, draft.figure) };
  if (deed === 'levels') return { do: deed, above: readFigure(draft.above, 0, 1e9), shares: readShares(draft.shares) };
  const where = readWhere(draft);
  if (deed === 'smooth')
    return {
      do: deed,
      ...(where === undefined ? {} : { where }),
      degrees: readFigure(draft.degrees, 0, 180),
      atMaterials: draft.atMaterials,
    };
  return { do: deed, where: where ?? {}, ...(deed === 'take-out' ? {} : { name: called }) };
}

/** @returns shares of one from percents: `50, 25, 12` */
const readShares = (text: string): number[] =>
  text
    .split(/[\s,;%]+/)
    .filter(Boolean)
    .map((one) => Number(one) / 100);

/** @returns undefined where nothing is said */
function readWhere({ name, material, belowMm }: RuleDraft): object | undefined {
  const where = {
    ...(name.trim() === '' ? {} : { name }),
    ...(material.trim() === '' ? {} : { material }),
    ...(belowMm.trim() === '' ? {} : { belowM: (readFigure(belowMm, 0, 1e9) ?? NaN) / 1000 }),
  };
  return Object.keys(where).length > 0 ? where : undefined;
}
