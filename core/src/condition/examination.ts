import type { Document, Material } from '@gltf-transform/core';
import { findingKey } from '@haveld/contract/finding-kinds';
import { HOUSE_RULES, type HouseRules } from '@haveld/contract/house-rules';
import type { Box, Figures, LogEntry, MapLine } from '@haveld/contract/report';
import type { TextureRole } from '@haveld/contract/texture-role';
import { NO_HABIT, type SourceHabit } from '../finds/deciding/habits';
import { rotateBox } from '../geometry/rotate-box';
import { measureFront } from '../placement/front/front-features';
import { hasNoFront, judgeFrontAxis, type FrontCandidate } from '../placement/front/judge-front-axis';
import { listNamedSides } from '../placement/front/named-sides';
import { judgeTilt, type Tilt } from '../placement/orientation/judge-tilt';
import { type UpCandidate, judgeUp } from '../placement/orientation/judge-up';
import { listOrientationFeatures, type OrientationFeatures } from '../placement/orientation/orientation-features';
import { measureSurface, type SurfaceMeasures } from '../placement/orientation/surface-measures';
import { findFoot } from '../placement/pivot/find-foot';
import { judgeMount, mountByName, type Mount } from '../placement/pivot/judge-mount';
import { computeMoments, type Moments } from '../placement/pivot/moments';
import {
  judgeSize,
  type AuthorSay,
  type SimilarSize,
  type SizeCandidate,
  type SizeQuestion,
} from '../placement/size/judge-size';
import { listNamedSizes, type StatedSize } from '../placement/size/stated-size';
import { chooseTypical } from '../placement/size/typical-fit';
import type { TypicalSize } from '../placement/size/kind-rows';
import { listTypicalSizes } from '../placement/size/typical-sizes';
import { getDocumentSource, type DocumentSource } from '../scene/document/source-data';
import { boundParts, boxSize } from '../scene/measures/bounds';
import { computeFigures } from '../scene/measures/figures';
import { listPlacedParts } from '../scene/measures/placed-parts';
import { listBelow, listMeshInstances, type MeshInstance } from '../scene/traverse';
import { findCollisionParts, type CollisionParts } from '../structure/collision/find-collision-parts';
import { findLevels, type FoundLevels } from '../structure/levels/find-levels';
import { listMovingParts, type MovingPart } from '../structure/moving-parts';
import { listStrangers, type Stranger } from '../structure/strangers';
import type { CandidatePicture, MapFacts } from '../textures/map-facts';
import { listMapLines, type MapLines } from '../textures/map-lines';
import type { RememberedMap } from '../textures/relink/map-match';
import { SLOTS } from '../textures/slots';
import { type TextureReference, type TakenPicture, listTextureReferences } from '../textures/texture-reference';
import { describeLayouts, type UvLayout } from '../textures/uv/uv-layout';
import { isUpSettled } from './is-settled';
import type { Said } from './said';

/** Everything the checks look at, computed once. */
export interface Examination {
  document: Document;
  /** The find's name, from which its kind is guessed. */
  name: string;
  figures: Figures;
  source: DocumentSource;
  log: readonly LogEntry[];
  maps: MapLine[];
  /** The same with what became of each, in the same order. */
  references: TextureReference[];
  /** Pictures that no material names, each with what it is. */
  unused: MapLines['unused'];
  /** What was seen of pictures, by their hash. */
  facts: ReadonlyMap<string, MapFacts>;
  layouts: Map<Material | null, UvLayout>;
  strangers: Stranger[];
  /** Levels of detail it came with. */
  levels: FoundLevels[];
  /** Shapes to collide by it came with. */
  collision: CollisionParts | null;
  /** Box of the model without the strangers; null without extent. */
  modelBox: Box | null;
  typical: TypicalSize | null;
  up: UpCandidate[];
  /** How it will stand: as was said, else the first of `up`. */
  stance: UpCandidate | undefined;
  /** It was said how it stands, or that is sure. */
  isUpright: boolean;
  /** Null where it rests as it stands once upright, and where it moves. */
  tilt: Tilt | null;
  /** What its size is judged by, for the model set upright by `stance`; null without extent. */
  sizeQuestion: SizeQuestion | null;
  /** In the order of likelihood. */
  size: SizeCandidate[];
  /** Metres a unit of the file: as was said, else by the first of `size`; null without extent. */
  metresAUnit: number | null;
  said: Said;
  /** That box set upright by `stance`. */
  uprightBox: Box | null;
  /** Its balance point there, the pivot at the origin; null without surface. */
  uprightBalance: Pick<Moments, 'balance' | 'by'> | null;
  /** The box of what it touches the ground with there. */
  uprightFoot: Box | null;
  /** Its width, height, depth, in the file's unit. */
  uprightSize: [number, number, number] | null;
  isMoving: boolean;
  /** As it stands upright, most likely first; empty where it is alike from all sides, null without surface. */
  front: FrontCandidate[] | null;
  /** What it is held by, most likely first; empty without surface. */
  mounts: Mount[];
  /** In the axes of the file; null without surface. */
  moments: Moments | null;
  /** Parts that turn about another place than they should. */
  movingParts: MovingPart[];
  habit: SourceHabit;
  rules: HouseRules;
}

export interface ExaminationInput {
  document: Document;
  name: string;
  log: readonly LogEntry[];
  pictures: readonly CandidatePicture[];
  /** What was seen of pictures, those inside the document too. */
  facts?: readonly MapFacts[];
  /** Keys of findings whose part was said to belong to the model. */
  belonging: ReadonlySet<string>;
  /** Sizes that texts beside the model state. */
  stated: readonly StatedSize[];
  /** Things of its kind that are catalogued already. */
  similar?: readonly SimilarSize[];
  /** What other models by its author say of their units. */
  author?: AuthorSay | null;
  /** What was said of its stance and its size. */
  said?: Said;
  /** What is known of its source. */
  habit?: SourceHabit;
  /** What was decided for maps of the same author before. */
  remembered?: readonly RememberedMap[];
  /** What a person took for maps of this model that are lost. */
  taken?: readonly TakenPicture[];
  /** Left out, those that ship. */
  rules?: HouseRules;
}

/** What a finding about a stranger is about, among the others. */
export const strangerSubject = (stranger: Stranger): string => `${stranger.kind}:${stranger.node.getName()}`;

/** The key a stranger is asked about under. */
export const strangerKey = (stranger: Stranger): string => findingKey('stranger', strangerSubject(stranger));

/** Looks at a document as received. */
export function examine({
  document,
  name,
  log,
  pictures,
  facts: seen = [],
  belonging,
  stated,
  similar = [],
  author = null,
  said = {},
  habit = NO_HABIT,
  remembered = [],
  taken = [],
  rules = HOUSE_RULES,
}: ExaminationInput): Examination {
  const source = getDocumentSource(document);
  const shown = listMeshInstances(document);
  const all = listPlacedParts(document, shown);
  const strangers = listStrangers(document, habit.hidden, all);
  const apart = new Set(
    strangers.filter((stranger) => !belonging.has(strangerKey(stranger))).map((stranger) => stranger.node),
  );
  const levels = findLevels(document, all);
  // of one thing, one is measured
  for (const { levels: coarser } of levels) for (const node of coarser.slice(1).flatMap(listBelow)) apart.add(node);
  const collision = findCollisionParts(document, all);
  for (const node of collision?.nodes ?? []) apart.add(node);
  const instances = shown.filter((instance) => !apart.has(instance.node));
  const parts = all.filter(({ instance }) => !apart.has(instance.node));
  const modelBox = boundParts(parts);
  const typical = modelBox && chooseTypical(listTypicalSizes(name), boxSize(modelBox));
  const floor = strangers.find((stranger) => stranger.kind === 'floor' && apart.has(stranger.node));
  const surface = modelBox && measureSurface(parts, modelBox);
  const mount = mountByName(name);
  const orientation = surface && listOrientationFeatures(surface, typical, mount);
  const up = modelBox
    ? judgeUp({
        declaredUp: source.declaredUp ?? null,
        habitUp: habit.up,
        typical,
        mount,
        floor: floor && floor.thinAxis !== null ? { axis: floor.thinAxis, below: floor.below } : null,
        orientation,
      })
    : [];
  const saidStance = findSaidStance(up, said);
  const stance = saidStance ?? up[0];
  const turn = stance?.turn ?? null;
  const tilt = surface && judgeTilt(surface, parts, turn);
  const uprightBox = modelBox && rotateBox(modelBox, turn);
  const moments = surface && computeMoments(parts);
  const uprightBalance = moments && {
    by: moments.by,
    balance: rotateBox({ min: moments.balance, max: moments.balance }, turn).min,
  };
  const uprightSize = uprightBox && boxSize(uprightBox);
  const uprightFoot = modelBox && rotateBox(findFoot(parts, modelBox, ENDS_OF_UP[stance?.id ?? 'y']), turn);
  const root = document.getRoot();
  const figures = computeFigures(document, all);
  const facts = new Map(
    [...pictures.flatMap((picture) => picture.facts ?? []), ...seen].map((one) => [one.sha256, one]),
  );
  const sizeQuestion: SizeQuestion | null = uprightSize && {
    size: uprightSize,
    declaredUnit: source.declaredUnit ?? null,
    declaredMetres: source.declaredMetres,
    habitUnit: habit.unit,
    typical,
    stated: [...stated, ...listNamedSizes(name)],
    similar,
    author,
    texelDensity: figures.texelDensity,
  };
  const size = sizeQuestion ? judgeSize(sizeQuestion) : [];
  const words = wordsOf(habit);
  const lines = listMapLines(document, pictures, facts, words);
  const { sureFrom } = rules;
  return {
    document,
    name,
    figures,
    source,
    log,
    maps: lines.maps,
    references: listTextureReferences(document, lines, { pictures, words, remembered, taken, sureFrom }),
    unused: lines.unused,
    facts,
    layouts: describeLayouts(parts),
    strangers,
    levels,
    collision,
    modelBox,
    typical,
    up,
    stance,
    isUpright: saidStance !== undefined || isUpSettled(up[0], rules),
    sizeQuestion,
    size,
    metresAUnit: said.factor ?? size[0]?.factor ?? null,
    said,
    tilt,
    uprightBox,
    uprightBalance,
    uprightFoot,
    uprightSize,
    front: surface && judgeFacing(document, instances, modelBox, surface, turn, habit.front),
    mounts: surface && uprightSize ? judgeHeld(name, uprightSize, surface, orientation, stance) : [],
    moments,
    movingParts: listMovingParts(document, instances, turn),
    habit,
    rules,
    isMoving: root.listSkins().length > 0 || root.listAnimations().length > 0,
  };
}

type Turn = UpCandidate['turn'];

/** Undefined where nothing was said, or a turn that is none of those that were judged. */
const findSaidStance = (up: readonly UpCandidate[], { turn }: Said): UpCandidate | undefined =>
  turn === undefined
    ? undefined
    : up.find((one) => one.turn?.axis === turn?.axis && one.turn?.degrees === turn?.degrees);

const GLTF = /^(GLB|glTF)$/;

function judgeFacing(
  document: Document,
  instances: readonly MeshInstance[],
  modelBox: Box,
  surface: SurfaceMeasures,
  turn: Turn,
  habitFront: SourceHabit['front'],
): FrontCandidate[] {
  const shape = measureFront(surface, turn);
  const named = listNamedSides(document, instances, modelBox, turn);
  if (hasNoFront({ shape, named })) return [];
  const isDeclared = turn === null && GLTF.test(getDocumentSource(document).format ?? '');
  return judgeFrontAxis({ isDeclared, habitFront, shape, named });
}

function judgeHeld(
  name: string,
  size: [number, number, number],
  surface: SurfaceMeasures,
  orientation: readonly OrientationFeatures[] | null,
  up: UpCandidate | undefined,
): Mount[] {
  const foot = ENDS_OF_UP[up?.id ?? 'y'];
  // a model that lies is not looked at from the back: where its back is, nobody knows yet
  const back = up?.turn ? 0 : surface.flat[4];
  return judgeMount({
    name,
    size,
    flat: { back, top: surface.flat[foot ^ 1], foot: surface.flat[foot] },
    isBalanced: (orientation?.[foot].balance ?? 0) > 0,
  });
}

/** The end of the box a model stands on: lower and upper along x, y, z. */
const ENDS_OF_UP: Record<UpCandidate['id'], number> = { x: 0, '-x': 1, y: 2, '-y': 3, z: 4, '-z': 5 };

/** A source's words, as roles. */
const wordsOf = ({ roles }: SourceHabit): Record<string, TextureRole> =>
  Object.fromEntries(Object.entries(roles).map(([word, slot]) => [word, SLOTS[slot].role]));
