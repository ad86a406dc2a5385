import type { Sheet, SheetFinding } from '@haveld/contract/api/bench';
import { FINDING_KINDS } from '@haveld/contract/finding-kinds';
import type { MapJudgement, MapLine } from '@haveld/contract/report';
import type { Step, TextureSlot } from '@haveld/contract/step';
import type { MaterialLook, ShownSlot } from '@haveld/core/textures/materials/describe-materials';

/** A column of the sheet: what glTF keeps in one picture stands in one column. */
export interface MapColumn {
  id: string;
  label: string;
  /** Where the treated model shows it; for heights glTF has no place. */
  shown: ShownSlot;
  slots: TextureSlot[];
}

export const COLUMNS: MapColumn[] = [
  { id: 'colour', label: 'Base colour', shown: 'baseColor', slots: ['baseColor', 'opacity'] },
  { id: 'normal', label: 'Normal', shown: 'normal', slots: ['normal'] },
  {
    id: 'surface',
    label: 'Roughness, metallic',
    shown: 'metallicRoughness',
    slots: ['metallicRoughness', 'roughness', 'glossiness', 'metallic'],
  },
  { id: 'occlusion', label: 'Occlusion', shown: 'occlusion', slots: ['occlusion'] },
  { id: 'emissive', label: 'Emissive', shown: 'emissive', slots: ['emissive'] },
  { id: 'further', label: 'Specular, height', shown: 'specular', slots: ['specular', 'bump'] },
];

/** `open`: a person has to look. `lost`: a map is not here. `changed`: a step touched it. `holds`, `empty`. */
export type CellState = 'missing' | 'open' | 'changed' | 'holds' | 'empty';

export interface MapCell {
  material: string;
  column: MapColumn;
  state: CellState;
  /** Key of the picture the treated model shows there. */
  pictureKey: string | null;
  /** What the file binds there. */
  lines: MapLine[];
  /** What was seen about it, the open ones first. */
  findings: SheetFinding[];
  judged: MapJudgement | null;
  /** Small picture of what is proposed for it, or was taken and is not worked out yet. */
  proposedThumb: string | null;
  /** A map of one colour that was made a figure. */
  isFigure: boolean;
}

export interface MapRow {
  material: string;
  look: MaterialLook | null;
  cells: MapCell[];
  /** What was seen about the material as a whole. */
  findings: SheetFinding[];
}

type ShownSheet = Pick<Sheet, 'maps' | 'unused' | 'findings' | 'steps'>;

/**
 * Puts a sheet into rows of materials and columns of slots: what the treated model shows, what the file says, what is open.
 * @param looks materials of the treated model; empty while it is worked out
 */
export function composeMapSheet(sheet: ShownSheet, looks: readonly MaterialLook[]): MapRow[] {
  const names = [...new Set([...looks.map(({ name }) => name), ...sheet.maps.map(({ material }) => material)])];
  const gone =
    looks.length > 0 ? new Set(names.filter((name) => !looks.some((look) => look.name === name))) : new Set();
  return names
    .filter((name) => !gone.has(name))
    .map((material): MapRow => {
      const look = looks.find(({ name }) => name === material) ?? null;
      return {
        material,
        look,
        cells: COLUMNS.map((column) => composeCell(sheet, look, material, column)),
        findings: sheet.findings.filter(
          (finding) => FINDING_KINDS[finding.kind].onMapSheet === 'material' && concerns(finding, material),
        ),
      };
    });
}

function composeCell(sheet: ShownSheet, look: MaterialLook | null, material: string, column: MapColumn): MapCell {
  const lines = sheet.maps.filter((map) => map.material === material && column.slots.includes(map.slot));
  const isHere = ({ kind, about }: SheetFinding): boolean => {
    if (FINDING_KINDS[kind].onMapSheet !== 'slot') return false;
    // which way green points is a question about a picture, wherever it is bound
    if (about.slot === undefined) return column.id === 'normal' && lines.some(({ sha256 }) => sha256 === about.sha256);
    return about.material === material && column.slots.includes(about.slot);
  };
  const findings = sheet.findings.filter(isHere).sort((a, b) => Number(a.settled) - Number(b.settled));
  const pictureKey = look?.slots[column.shown] ?? null;
  const touching = sheet.steps.filter(({ step, enabled }) => enabled && touches(step, material, column));
  const taken = touching.map(({ step }) => step);
  const open = findings.filter((finding) => !finding.settled);
  const isMissing = lines.some(({ status }) => status !== 'found' && status !== 'embedded');
  const state: CellState = open.some(({ mark }) => mark === 'blocks')
    ? 'missing'
    : open.length > 0
      ? 'open'
      : taken.length > 0
        ? 'changed'
        : pictureKey || (column.id === 'further' && lines.length > 0 && !isMissing)
          ? 'holds'
          : 'empty';
  return {
    material,
    column,
    state,
    pictureKey,
    lines,
    findings,
    judged: lines.find((line) => line.judged)?.judged ?? null,
    proposedThumb: findThumb(sheet, open[0]?.choices[0]?.steps ?? taken),
    isFigure: taken.some(({ kind }) => kind === 'fold-constant'),
  };
}

/** The picture steps take, where the sheet has a small one of it. */
function findThumb({ maps, unused }: ShownSheet, steps: readonly Step[]): string | null {
  const relink = steps.find((step) => step.kind === 'relink-map');
  const known = relink && [...unused, ...maps].find(({ sha256 }) => sha256 === relink.sha256);
  return known?.picture?.thumbSha256 ?? null;
}

function touches(step: Step, material: string, column: MapColumn): boolean {
  switch (step.kind) {
    case 'relink-map':
    case 'unlink-map':
    case 'fold-constant':
      return step.material === material && column.slots.includes(step.slot);
    case 'change-map':
      return step.materials.includes(material) && column.slots.includes(step.slot);
    case 'height-to-normal':
      return step.material === material && column.id === 'normal';
    case 'convert-specular':
      return step.materials.includes(material) && (column.id === 'colour' || column.id === 'surface');
    default:
      return false;
  }
}

const concerns = (finding: SheetFinding, material: string): boolean =>
  finding.about.material === material ||
  finding.choices.some(({ steps }) =>
    steps.some(
      (step) =>
        (step.kind === 'set-material' && step.materials.includes(material)) ||
        (step.kind === 'merge-materials' && (step.into === material || step.from.includes(material))),
    ),
  );

/** A cell, or a material itself where `column` is −1. Materials are named: rows come and go while a model is treated. */
export interface Place {
  material: string;
  column: number;
}

/** Where the next thing to look at is, row by row and round again; null where nothing is. */
export function findNextOpen(rows: readonly MapRow[], from: Place | null, by: 1 | -1): Place | null {
  const places = rows.flatMap((row, r) => [
    ...(row.findings.some((finding) => !finding.settled) ? [{ row: r, column: -1 }] : []),
    ...row.cells.flatMap((cell, c) =>
      cell.state === 'open' || cell.state === 'missing' ? [{ row: r, column: c }] : [],
    ),
  ]);
  if (places.length === 0) return null;
  const order = ({ row, column }: { row: number; column: number }): number => row * 100 + column;
  const at = from
    ? order({ row: rows.findIndex(({ material }) => material === from.material), column: from.column })
    : -2;
  const found =
    by > 0
      ? (places.find((place) => order(place) > at) ?? places[0])
      : ([...places].reverse().find((place) => order(place) < at) ?? places[places.length - 1]);
  return { material: rows[found.row].material, column: found.column };
}

/** The slot a picture taken by hand goes to: that of its role where it belongs into the column, else the column's first. */
export function chooseSlot(column: MapColumn, role: MapJudgement['role'] | undefined): TextureSlot {
  const byRole: Partial<Record<string, TextureSlot>> = {
    roughness: 'roughness',
    glossiness: 'glossiness',
    metallic: 'metallic',
    packed: 'metallicRoughness',
    opacity: 'opacity',
    height: 'bump',
    specular: 'specular',
  };
  const wanted = role && byRole[role];
  return wanted && column.slots.includes(wanted) ? wanted : column.slots[0];
}
