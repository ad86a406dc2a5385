import type { Document, Node } from '@gltf-transform/core';
import { expose, transfer } from 'comlink';
import { LRUCache } from 'lru-cache';
import type { LayoutTrouble } from '@haveld/contract/finding';
import type { Figures, StepOutcome } from '@haveld/contract/report';
import type { PartRef, Step, StepOf } from '@haveld/contract/step';
import { judgeAgain } from '@haveld/core/condition/judge-result';
import type { NewlyWrong } from '@haveld/core/condition/newly-wrong';
import { listPointedFaces, rememberAsReceived, type AsReceived } from '@haveld/core/condition/pointing/pointed-faces';
import type { PointsAt } from '@haveld/core/condition/pointing/points-at';
import { fitCollision, type FittedCollision } from '@haveld/core/placement/collision/fit-collision';
import { describeDropBody } from '@haveld/core/placement/tumble/describe-body';
import { runDropTest, type DropResult } from '@haveld/core/placement/tumble/drop-test';
import { startPhysics } from '@haveld/core/placement/tumble/physics';
import { drawPart } from '@haveld/core/picture/draw-pictures';
import type { DecodedMaps } from '@haveld/core/picture/gather';
import { readGlb, writeGlb } from '@haveld/core/scene/document/document-io';
import { getNodeSource } from '@haveld/core/scene/document/source-data';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { PartIndex } from '@haveld/core/scene/part-ref';
import { listMeshInstances, type MeshInstance } from '@haveld/core/scene/traverse';
import { lookThroughFaces, type FaceLook } from '@haveld/core/structure/faces/face-offers';
import { listLevelFacts, type LevelFacts } from '@haveld/core/structure/levels/level-facts';
import { listAtLevel, showLevel } from '@haveld/core/structure/levels/show-level';
import {
  chooseIslandOf,
  chooseTriangles,
  placeAllFaces,
  type ChosenFaces,
  type MeantFaces,
} from '@haveld/core/structure/parts/choose-faces';
import { describeLender, type LenderParts } from '@haveld/core/structure/borrow/describe-lender';
import { findPlace } from '@haveld/core/structure/borrow/find-place';
import { planCut, planeAcross } from '@haveld/core/structure/parts/plan-cut';
import { describePartSheet, type PartSheet } from '@haveld/core/structure/parts/part-sheet';
import { describeSurfaces, type SurfaceFacts } from '@haveld/core/structure/surfaces/describe-surfaces';
import type { Runs } from '@haveld/core/structure/parts/separate-faces';
import {
  describeMaterials,
  type HeldPicture,
  type MaterialLook,
} from '@haveld/core/textures/materials/describe-materials';
import type { Picture } from '@haveld/core/textures/pictures/picture-codec';
import { drawLayout, type LayoutColours } from '@haveld/core/textures/uv/draw-layout';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { listStepsBeforeParts, listStepsUpToPlace } from '@haveld/core/treatment/steps';
import { browserCodec } from './browser-codec';
import { createByteStore } from './byte-store';

/** A picture of the treated model, small. */
export interface ShownPicture {
  key: string;
  width: number;
  height: number;
  /** A data address, so that nobody has to give it back. */
  url: string;
}

export interface Treated {
  glb: Uint8Array<ArrayBuffer>;
  figures: Figures;
  outcomes: StepOutcome[];
  materials: MaterialLook[];
}

/** A plane of the model as it stands, or one across the middle of what is chosen. */
export type CutBy = { plane: [number, number, number, number] } | { across: 0 | 1 | 2 };

/** A level of detail of the treated model. */
export interface ShownLevel extends LevelFacts {
  /** Of its pictures, in pixels. */
  side: number;
  /** The finest and it; none for the finest. */
  pictures: string[];
}

const THUMB_SIDE = 160;
/** Pictures of levels: smaller they say nothing, larger they do not fit. */
const LEVEL_SIDE = { least: 24, most: 132 };
const LAYOUT_SIDE = 512;
const PART_PICTURE = { width: 88, height: 66 };
/** Of a group with more things in it, so many are drawn. */
const MOST_DRAWN = 400;

const fetchBytes = createByteStore();

/** Pictures of what was treated lately, and their thumbs, each made once. */
const held = new LRUCache<string, HeldPicture>({ max: 400 });
const thumbs = new LRUCache<string, Promise<string>>({ max: 400 });

/** A document after some steps, with what it held before them. */
interface HeldTreated {
  document: Document;
  received: AsReceived;
  outcomes: StepOutcome[];
  /** Its maps, as far as pictures of parts needed them. */
  maps: DecodedMaps;
}

/** The model as received, as treated last, and as steps on parts find it: what is asked of any needs no second treatment. */
const treatedLately = new LRUCache<string, Promise<HeldTreated>>({ max: 3 });

/** @param shown for pictures no browser reads, the copy it does read, by hash */
function treatOnce(documentSha256: string, steps: Step[], shown: Record<string, string>): Promise<HeldTreated> {
  const key = JSON.stringify([documentSha256, steps, shown]);
  const known = treatedLately.get(key);
  if (known) return known;
  const made = treatAnew(documentSha256, steps, shown);
  treatedLately.set(key, made);
  // a failure is not remembered: what failed may be fetched the next time
  made.catch(() => treatedLately.delete(key));
  return made;
}

async function treatAnew(documentSha256: string, steps: Step[], shown: Record<string, string>): Promise<HeldTreated> {
  const document = await readGlb(await fetchBytes(documentSha256));
  const received = rememberAsReceived(document);
  const readBytes = (sha256: string): Promise<Uint8Array> => fetchBytes(shown[sha256] ?? sha256);
  const outcomes = await applyTreatment(document, steps, { codec: browserCodec, readBytes });
  return { document, received, outcomes, maps: new Map() };
}

async function makeThumb({ bytes: image, mimeType, width, height }: HeldPicture): Promise<string> {
  const scale = Math.min(1, THUMB_SIDE / Math.max(1, width, height));
  const bitmap = await createImageBitmap(new Blob([image.slice()], { type: mimeType }), {
    premultiplyAlpha: 'none',
    colorSpaceConversion: 'none',
    resizeWidth: Math.max(1, Math.round(width * scale)),
    resizeHeight: Math.max(1, Math.round(height * scale)),
    resizeQuality: 'medium',
  });
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0);
  bitmap.close();
  return new FileReaderSync().readAsDataURL(await canvas.convertToBlob({ type: 'image/png' }));
}

async function writeDataUrl({ data, width, height }: Picture): Promise<string> {
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext('2d')!.putImageData(new ImageData(new Uint8ClampedArray(data), width, height), 0, 0);
  return new FileReaderSync().readAsDataURL(await canvas.convertToBlob({ type: 'image/png' }));
}

/** The bench's live changes: the same steps the server will run, on the document as received. */
const treating = {
  async treat(documentSha256: string, steps: Step[], shown: Record<string, string> = {}): Promise<Treated> {
    const { document, outcomes } = await treatOnce(documentSha256, steps, shown);
    const { materials, pictures } = describeMaterials(document);
    for (const picture of pictures) held.set(picture.key, picture);
    const glb = (await writeGlb(document)) as Uint8Array<ArrayBuffer>;
    return transfer({ glb, figures: computeFigures(document), outcomes, materials }, [glb.buffer]);
  },

  /** What a treatment brought about that was not wrong before, each at its step. */
  async judgeAgain(documentSha256: string, steps: Step[], shown: Record<string, string>): Promise<NewlyWrong[]> {
    const { document } = await treatOnce(documentSha256, steps, shown);
    const readBytes = (sha256: string): Promise<Uint8Array> => fetchBytes(shown[sha256] ?? sha256);
    return judgeAgain(
      {
        read: async () => readGlb(await fetchBytes(documentSha256)),
        treat: (some, wanted) => applyTreatment(some, wanted, { codec: browserCodec, readBytes }),
      },
      document,
      steps,
    );
  },

  /** Small pictures of maps of a model that was treated. */
  async listPictures(keys: string[]): Promise<ShownPicture[]> {
    const made = keys.map(async (key): Promise<ShownPicture[]> => {
      const picture = held.get(key);
      if (!picture) return [];
      const thumb = thumbs.get(picture.key) ?? makeThumb(picture);
      thumbs.set(picture.key, thumb);
      try {
        return [{ key: picture.key, width: picture.width, height: picture.height, url: await thumb }];
      } catch (error) {
        // what this browser cannot draw has no thumb; the sheet shows its name
        console.warn(error);
        return [];
      }
    });
    return (await Promise.all(made)).flat();
  },

  /** Faces a finding means, where they stand after these steps; null where they are too many to point at. */
  async listPointedFaces(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    pointed: PointsAt,
  ): Promise<Float32Array<ArrayBuffer> | null> {
    const { document, received } = await treatOnce(documentSha256, steps, shown);
    const faces = listPointedFaces(document, received, pointed);
    return faces && transfer(faces, [faces.buffer]);
  },

  /** How a material of the document as received lies on its pictures, RGBA from the top; null where it has no layout. */
  async drawLayout(
    documentSha256: string,
    material: string,
    colours: LayoutColours,
    trouble: LayoutTrouble | null,
  ): Promise<{ pixels: Uint8ClampedArray<ArrayBuffer>; side: number; tiles: number } | null> {
    const drawn = drawLayout(await readGlb(await fetchBytes(documentSha256)), material, LAYOUT_SIDE, colours, trouble);
    if (!drawn) return null;
    const pixels = new Uint8ClampedArray(drawn.picture.data);
    return transfer({ pixels, side: drawn.picture.width, tiles: drawn.tiles }, [pixels.buffer]);
  },

  /** Every part of the treated model, and what may be done about them. */
  async describeParts(documentSha256: string, steps: Step[], shown: Record<string, string>): Promise<PartSheet> {
    const [treated, before] = await Promise.all([
      treatOnce(documentSha256, steps, shown),
      treatOnce(documentSha256, listStepsBeforeParts(steps), shown),
    ]);
    return describePartSheet(treated.document, before.document);
  },

  /** How the next step on parts names some of them. */
  async referToParts(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    ids: string[],
  ): Promise<(PartRef | null)[]> {
    const { document } = await treatOnce(documentSha256, listStepsBeforeParts(steps), shown);
    const index = new PartIndex(document);
    return ids.map((id) => {
      const node = index.get(id);
      return node && index.refer(node);
    });
  },

  /** Where a plane through the model as it stands, or across the middle of some parts, goes through them, as a step names it. */
  async planCut(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    by: CutBy,
    ids: string[] | null,
  ): Promise<StepOf<'cut-parts'>['cuts']> {
    const [placed, before] = await Promise.all([
      treatOnce(documentSha256, listStepsUpToPlace(steps), shown),
      treatOnce(documentSha256, listStepsBeforeParts(steps), shown),
    ]);
    const plane = 'plane' in by ? by.plane : planeAcross(placed.document, by.across, ids ?? undefined);
    return plane ? planCut(placed.document, before.document, plane, ids ?? undefined) : [];
  },

  /** Where a place of the model as it stands lies when the next step on parts comes; null where that part is changed later on. */
  async findPlace(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    { id, point }: { id: string; point: [number, number, number] },
  ): Promise<[number, number, number] | null> {
    const [placed, before] = await Promise.all([
      treatOnce(documentSha256, listStepsUpToPlace(steps), shown),
      treatOnce(documentSha256, listStepsBeforeParts(steps), shown),
    ]);
    return findPlace(placed.document, before.document, id, point);
  },

  /** What a model of the library has to lend. */
  async describeLender(modelSha256: string): Promise<LenderParts> {
    return describeLender(await readGlb(await fetchBytes(modelSha256)));
  },

  /** The polygons that hang together with a triangle of a part, as a step names them. */
  async chooseIsland(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    { id, primitive, triangle }: { id: string; primitive: number; triangle: number },
    also: Runs[],
  ): Promise<ChosenFaces | null> {
    const { document } = await treatOnce(documentSha256, listStepsBeforeParts(steps), shown);
    const mesh = new PartIndex(document).get(id)?.getMesh();
    return mesh ? chooseIslandOf(mesh.listPrimitives(), primitive, triangle, also) : null;
  },

  /** The polygons of a part that some triangles make up, as a step names them; what was chosen before stays chosen. */
  async chooseTriangles(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    { id, triangles }: { id: string; triangles: number[][] },
    also: Runs[],
  ): Promise<ChosenFaces | null> {
    const { document } = await treatOnce(documentSha256, listStepsBeforeParts(steps), shown);
    const mesh = new PartIndex(document).get(id)?.getMesh();
    return mesh ? chooseTriangles(mesh.listPrimitives(), triangles, also) : null;
  },

  /** Faces of parts where they stand in the treated model: xyz a corner, three corners a triangle. */
  async placeFaces(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    meant: MeantFaces[],
  ): Promise<Float32Array<ArrayBuffer>> {
    const { document } = await treatOnce(documentSha256, steps, shown);
    const placed = placeAllFaces(document, meant);
    return transfer(placed, [placed.buffer]);
  },

  /** Looks through every face of a model as the next step on parts finds it. Long: done in a worker of its own. */
  async lookThroughFaces(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    tell: (done: number) => void,
  ): Promise<FaceLook> {
    const { document } = await treatOnce(documentSha256, listStepsBeforeParts(steps), shown);
    let told = 0;
    return lookThroughFaces(document, (done) => {
      if (done - told < 0.01) return;
      told = done;
      tell(done);
    });
  },

  /** How the faces of some parts meet. */
  async describeSurfaces(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    ids: string[],
  ): Promise<SurfaceFacts[]> {
    const { document } = await treatOnce(documentSha256, steps, shown);
    const facts = describeSurfaces(document, ids);
    return transfer(
      facts,
      facts.map(({ edges }) => edges.buffer),
    );
  },

  /** Small pictures of parts of the treated model. */
  async drawParts(
    documentSha256: string,
    steps: Step[],
    shown: Record<string, string>,
    ids: string[],
  ): Promise<ShownPicture[]> {
    const { document, maps } = await treatOnce(documentSha256, steps, shown);
    const drawn: ShownPicture[] = [];
    const wanted = new Set(ids);
    const instances = new Map<string, MeshInstance[]>();
    for (const instance of listMeshInstances(document)) {
      // a group is shown by all that hangs in it
      for (let at: Node | null = instance.node; at; at = at.getParentNode()) {
        const { id } = getNodeSource(at);
        if (id !== undefined && wanted.has(id)) instances.set(id, [...(instances.get(id) ?? []), instance]);
      }
    }
    for (const [id, own] of instances) {
      const picture = await drawPart(document, own.slice(0, MOST_DRAWN), browserCodec, maps, PART_PICTURE);
      if (picture) drawn.push({ key: id, ...PART_PICTURE, url: await writeDataUrl(picture) });
    }
    return drawn;
  },

  /** Parts of the document as received that show something, as steps name them. */
  async listParts(documentSha256: string): Promise<PartRef[]> {
    const document = await readGlb(await fetchBytes(documentSha256));
    const index = new PartIndex(document);
    return listMeshInstances(document).map(({ node }) => index.refer(node));
  },

  /**
   * Lets the treated model go, or a pile of it. @param count 1 for one
   * @returns null where it has no surface
   */
  async drop(glb: Uint8Array, count: number): Promise<DropResult | null> {
    const body = describeDropBody(await readGlb(glb));
    if (!body) return null;
    const result = runDropTest(await startPhysics(), body, { count, shape: 'hull', dropShare: 0 });
    return transfer(result, [result.poses.buffer]);
  },

  /** Every shape the treated model may collide by; null for a sheet. */
  async fitShapes(glb: Uint8Array): Promise<FittedCollision | null> {
    const fitted = fitCollision(await startPhysics(), await readGlb(glb));
    return (
      fitted &&
      transfer(
        fitted,
        fitted.shapes.map(({ outline }) => outline.buffer),
      )
    );
  },

  /** Every level of detail of the treated model, each beside the finest as large as they are seen where it is shown. */
  async describeLevels(glb: Uint8Array): Promise<ShownLevel[]> {
    const document = await readGlb(glb);
    const maps: DecodedMaps = new Map();
    const draw = async (level: number, side: number): Promise<string> => {
      const { instances } = listAtLevel(document, level);
      const picture = await drawPart(document, instances, browserCodec, maps, { width: side, height: side });
      return picture ? writeDataUrl(picture) : '';
    };
    const shown: ShownLevel[] = [];
    for (const facts of listLevelFacts(document)) {
      const side = Math.round(Math.min(LEVEL_SIDE.most, Math.max(LEVEL_SIDE.least, facts.lengthPx ?? LEVEL_SIDE.most)));
      const pictures = facts.level === 0 ? [] : [await draw(0, side), await draw(facts.level, side)];
      shown.push({ ...facts, side, pictures });
    }
    return shown;
  },

  /** The treated model as it is seen at one level of detail. */
  async pickLevel(glb: Uint8Array, level: number): Promise<Uint8Array<ArrayBuffer>> {
    const document = await readGlb(glb);
    showLevel(document, level);
    const picked = (await writeGlb(document)) as Uint8Array<ArrayBuffer>;
    return transfer(picked, [picked.buffer]);
  },

  /** A whole picture of what was treated last. */
  getPicture(key: string): Blob | null {
    const picture = held.get(key);
    return picture ? new Blob([picture.bytes.slice()], { type: picture.mimeType }) : null;
  },
};

export type Treating = typeof treating;

expose(treating);
