import type { SheetFinding } from '@haveld/contract/api/bench';
import type { FindingKind } from '@haveld/contract/finding-kinds';
import type { Provenance, RightsFinding } from '@haveld/contract/licence';
import type { PreparedModel } from '@haveld/contract/prepared';
import type { Box, Figures, LogEntry, MapLine, StepOutcome } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { UNKNOWN_LICENCE } from '../rights/licences/standings';
import { SLOTS } from '../textures/slots';
import { orderSteps } from '../treatment/steps';
import { describeMissing } from './answers';
import type { Examination } from './examination';

/** A step and why it was taken. */
export type TakenStep = { step: Step } & Pick<PreparedModel['steps'][number], 'by'>;

/** What is known of a model once it is read, judged and treated. */
export interface Prepared {
  name: string;
  examination: Examination;
  provenance: Provenance;
  rights: RightsFinding;
  sheet: readonly SheetFinding[];
  /** Findings of the sheet that may be set in pencil. */
  guessed: readonly SheetFinding[];
  /** Those of them whose first choice was applied. */
  confirmed: readonly SheetFinding[];
  steps: readonly TakenStep[];
  /** What each of `steps` did, in the order they ran. */
  outcomes: readonly StepOutcome[];
  /** Maps as they are bound now. */
  maps: readonly MapLine[];
  log: readonly LogEntry[];
  after: Figures;
}

type Status = PreparedModel['size']['status'];

/** @returns the report of one model, but for the files it came from and those written */
export function describePrepared(prepared: Prepared): Omit<PreparedModel, 'files' | 'outputs' | 'question'> {
  const { name, examination, provenance, rights, sheet, confirmed, steps, outcomes, log, after } = prepared;
  const { source, figures } = examination;
  const open = sheet.filter((finding) => !finding.settled && !confirmed.includes(finding));
  const licence = provenance.licenceId === UNKNOWN_LICENCE ? null : provenance.licenceId;
  return {
    name,
    status: open.length > 0 ? 'open' : confirmed.length > 0 ? 'pencil' : 'sure',
    message: null,
    format: source.format ?? 'unknown',
    declared: {
      version: source.version ?? null,
      exporter: source.exporter ?? null,
      unit: source.declaredUnit ?? null,
      metres: source.declaredMetres ?? null,
      up: source.declaredUp ?? null,
    },
    licence: {
      id: licence,
      confidence: rights.licences.find((found) => found.id === licence)?.confidence ?? 0,
      evidence: rights.licences.map((found) => ({ ...found.evidence, figure: found.id })),
      status: statusOf(prepared, 'rights:licence'),
    },
    author: provenance.author || null,
    authorStatus: statusOf(prepared, 'rights:author'),
    source: provenance.pageUrl || provenance.source || null,
    rights,
    maps: prepared.maps.map(({ material, slot, reference, path, status, colourSpace, judged }) => ({
      material,
      slot,
      reference,
      file: path,
      status,
      colourSpace,
      role: judged?.role ?? SLOTS[slot].role,
      confidence: judged?.confidence ?? 0,
    })),
    ...describePlacement(prepared),
    counts: { before: figures, after },
    log: [...log],
    findings: sheet.map(({ answer: _answer, settled: _settled, ...finding }) => finding),
    steps: orderSteps(steps).map((taken, i) => ({ ...taken, outcome: outcomes[i] })),
    open: open.map((finding) => ({
      key: finding.key,
      heading: finding.heading,
      title: finding.title,
      detail: finding.detail,
      blocks: describeMissing(finding) !== null,
      choices: finding.choices.map(({ id, label, confidence }) => ({ id, label, confidence })),
    })),
  };
}

/** Licence and author are sure or asked: nobody guesses whose a thing is. */
function statusOf({ sheet, guessed }: Pick<Prepared, 'sheet' | 'guessed'>, kind: FindingKind): Status {
  const finding = sheet.find((candidate) => candidate.kind === kind);
  if (!finding) return 'none';
  if (finding.settled) return 'sure';
  return guessed.includes(finding) ? 'pencil' : 'asked';
}

/** The front stays as it came where nothing else is sure: then what its shape says is a guess, or nobody knows, and it is no question. */
function describeFront({ sheet, examination: { rules } }: Prepared): PreparedModel['front'] {
  const finding = sheet.find(({ kind }) => kind === 'front-axis');
  const [best] = finding?.choices ?? [];
  if (!finding || !best) return { axis: finding ? 'z' : null, confidence: 0, evidence: [], status: 'none' };
  const isLikely = best.confidence >= rules.pencilFrom;
  return {
    axis: best.id.replace('+', ''),
    confidence: best.confidence,
    evidence: best.evidence,
    status: finding.sure || finding.answer ? 'sure' : isLikely ? 'pencil' : 'asked',
  };
}

function describePlacement(prepared: Prepared): Pick<PreparedModel, 'size' | 'up' | 'front' | 'ground' | 'pivot'> {
  const { figures, source, size, up, uprightBox } = prepared.examination;
  const { sheet } = prepared;
  const placed = (kind: FindingKind): Status => (uprightBox ? statusOf(prepared, kind) : 'none');
  const [bestSize, bestUp] = [size.at(0), up.at(0)];
  const pivot = sheet.find((finding) => finding.kind === 'pivot');
  const [bestPivot] = pivot?.choices ?? [];
  return {
    size: {
      declared: { unit: source.declaredUnit ?? null, box: figures.box },
      proposed:
        bestSize && uprightBox
          ? {
              factor: bestSize.factor,
              unit: bestSize.id,
              box: scaleBox(uprightBox, bestSize.factor),
              confidence: Math.min(1, bestSize.confidence),
              evidence: bestSize.evidence,
            }
          : null,
      status: placed('size'),
    },
    up: {
      axis: bestUp?.up ?? null,
      confidence: Math.min(1, bestUp?.confidence ?? 0),
      evidence: bestUp?.evidence ?? [],
      status: placed('up'),
    },
    front: describeFront(prepared),
    ground: {
      heightM: uprightBox && bestSize ? uprightBox.min[1] * bestSize.factor : null,
      evidence: pivot?.evidence ?? [],
      status: placed('pivot'),
    },
    pivot: {
      at: pivot?.mark === 'holds' ? 'kept' : ((bestPivot?.id as PreparedModel['pivot']['at']) ?? null),
      confidence: bestPivot?.confidence ?? 0,
      evidence: pivot?.evidence ?? [],
      status: placed('pivot'),
    },
  };
}

const scaleBox = ({ min, max }: Box, factor: number): Box => ({
  min: [min[0] * factor, min[1] * factor, min[2] * factor],
  max: [max[0] * factor, max[1] * factor, max[2] * factor],
});
