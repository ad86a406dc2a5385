import type { Document } from '@gltf-transform/core';
import type { Box, Figures, LogEntry, MapLine } from '@haveld/contract/report';
import type { UpCandidate } from '../placement/judge-up';
import { judgeUp } from '../placement/judge-up';
import { judgeSize, type SizeCandidate } from '../placement/judge-size';
import type { StatedSize } from '../placement/stated-size';
import { computeContact } from '../placement/contact';
import { turnBox } from '../placement/turn-box';
import { findTypicalSize, type TypicalSize } from '../placement/typical-sizes';
import { boxSize, computeBounds } from '../scene/bounds';
import { computeFigures } from '../scene/figures';
import { getDocumentSource, type DocumentSource } from '../scene/source-data';
import { listMeshInstances } from '../scene/traverse';
import { NO_HABIT, type SourceHabit } from '../finds/habits';
import { listStrangers, type Stranger } from '../structure/strangers';
import { listMapLines, type ArrivalPicture } from '../textures/map-lines';

/** Everything the checks look at, computed once. */
export interface Examination {
  document: Document;
  /** The find's name, from which its kind is guessed. */
  name: string;
  figures: Figures;
  source: DocumentSource;
  log: readonly LogEntry[];
  maps: MapLine[];
  /** Pictures of the arrival that no material names. */
  unreferenced: ArrivalPicture[];
  strangers: Stranger[];
  /** Box of the model without the strangers; null without extent. */
  modelBox: Box | null;
  typical: TypicalSize | null;
  up: UpCandidate[];
  /** In the order of likelihood, for the model set upright by the first of `up`. */
  size: SizeCandidate[];
  /** That box set upright by the first of `up`. */
  uprightBox: Box | null;
  /** Its width, height, depth, in the file's unit. */
  uprightSize: [number, number, number] | null;
  isMoving: boolean;
  habit: SourceHabit;
}

export interface ExaminationInput {
  document: Document;
  name: string;
  log: readonly LogEntry[];
  pictures: readonly ArrivalPicture[];
  /** Keys of findings whose part was said to belong to the model. */
  belonging: ReadonlySet<string>;
  /** Sizes that texts beside the model state. */
  stated: readonly StatedSize[];
  /** What is known of its source. */
  habit?: SourceHabit;
}

/** The key a stranger is asked about under. */
export const strangerKey = (stranger: Stranger): string => `stranger:${stranger.kind}:${stranger.node.getName()}`;

/** Looks at a document as received. */
export function examine({
  document,
  name,
  log,
  pictures,
  belonging,
  stated,
  habit = NO_HABIT,
}: ExaminationInput): Examination {
  const source = getDocumentSource(document);
  const strangers = listStrangers(document, habit.hidden);
  const apart = new Set(
    strangers.filter((stranger) => !belonging.has(strangerKey(stranger))).map((stranger) => stranger.node),
  );
  const instances = listMeshInstances(document).filter((instance) => !apart.has(instance.node));
  const modelBox = computeBounds(document, instances);
  const typical = findTypicalSize(name);
  const size = modelBox ? boxSize(modelBox) : null;
  const floor = strangers.find((stranger) => stranger.kind === 'floor' && apart.has(stranger.node));
  const up =
    size && modelBox
      ? judgeUp({
          size,
          declaredUp: source.declaredUp ?? null,
          habitUp: habit.up,
          typical,
          floor: floor && floor.thinAxis !== null ? { axis: floor.thinAxis, below: floor.below } : null,
          contact: computeContact(instances, modelBox),
        })
      : [];
  const uprightBox = modelBox && turnBox(modelBox, up[0]?.turn ?? null);
  const uprightSize = uprightBox && boxSize(uprightBox);
  const root = document.getRoot();
  const { maps, unreferenced } = listMapLines(document, pictures);
  return {
    document,
    name,
    figures: computeFigures(document),
    source,
    log,
    maps,
    unreferenced,
    strangers,
    modelBox,
    typical,
    up,
    size: uprightSize
      ? judgeSize({
          size: uprightSize,
          declaredUnit: source.declaredUnit ?? null,
          declaredMetres: source.declaredMetres,
          habitUnit: habit.unit,
          typical,
          stated,
        })
      : [],
    uprightBox,
    uprightSize,
    habit,
    isMoving: root.listSkins().length > 0 || root.listAnimations().length > 0,
  };
}
