import type { Document } from '@gltf-transform/core';
import type { SheetFinding } from '@haveld/contract/api/bench';
import { HOUSE_RULES } from '@haveld/contract/house-rules';
import type { Confirm, PreparedModel, Preset } from '@haveld/contract/prepared';
import type { Step } from '@haveld/contract/step';
import { takeEverySure } from '@haveld/core/condition/answers';
import { assess } from '@haveld/core/condition/assess';
import { checkRights } from '@haveld/core/condition/check-rights';
import { describePrepared, type TakenStep } from '@haveld/core/condition/describe-prepared';
import { examine } from '@haveld/core/condition/examination';
import { setInPencil } from '@haveld/core/condition/pencil';
import type { DuplicateFacts } from '@haveld/core/finds/describe-duplicate';
import { extensionOf, readModel } from '@haveld/core/formats/read-model';
import { computeShapeSignature } from '@haveld/core/geometry/shape-signature';
import { drawThumbnail, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import type { AuthorSay, SizeQuestion } from '@haveld/core/placement/size/judge-size';
import { detectRights } from '@haveld/core/rights/detect';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { proposeFurtherWorks, proposeProvenance } from '@haveld/core/rights/propose-provenance';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { getDocumentSource } from '@haveld/core/scene/document/source-data';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { listSurfaces } from '@haveld/core/scene/measures/list-surfaces';
import type { CandidatePicture, MapFacts } from '@haveld/core/textures/map-facts';
import { listMapLines } from '@haveld/core/textures/map-lines';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { requireHolding, checkWritten } from '../hand-over/check-written';
import { getLicenceTextIndex } from '../licence-texts';
import { listLooks } from '../pictures/list-looks';
import { lookAtMap } from '../pictures/look-at-map';
import { encodeDrawn, sharpCodec } from '../pictures/sharp-codec';
import { createReadingContext } from '../reading/reading-context';
import { collectRights, listSizesSaid } from './collect-rights';
import { createFileSource, type FindFile } from './find-files';
import { keepMaps } from './keep-maps';
import type { TaskContext } from './task';

const bySure = (step: Step): TakenStep => ({ step, by: 'sure' });
const byPencil = (step: Step): TakenStep => ({ step, by: 'pencil' });

/** Reading, judging, treating, writing, drawing. */
const STAGES = 5;

export interface PrepareInput {
  name: string;
  /** Path of the model among the files. */
  model: string;
  files: (FindFile & { width: number | null; height: number | null })[];
  preset: Preset;
  /** Guesses in pencil under the preset's headings are applied as if a person had confirmed them. */
  confirm: Confirm;
  /** False only looks: nothing is treated and nothing written. */
  makes: boolean;
  /** It is one of several, which are compared with one another. */
  isCompared: boolean;
  /** `2026-11-26`; grants that end are held against it. */
  today: string;
  /** What other models by its author say of their units; left out where nothing is known of any. */
  author?: AuthorSay;
}

export interface PrepareResult {
  report: Omit<PreparedModel, 'files' | 'outputs' | 'question'>;
  /** Who made it by the evidence; empty where nobody is known. */
  author: string;
  /** What its size was judged by; null without extent. */
  sizeQuestion: SizeQuestion | null;
  /** What it is compared with others by, as received; null where nobody asked. */
  likeness: DuplicateFacts | null;
  modelSha256: string | null;
  thumbnailSha256: string | null;
}

/**
 * Does in one go what the bench does step by step: reads a find, judges it, takes every sure proposal, makes the version.
 * @throws {DomainError} `bad-file` where it cannot be read, `broken` where what was written is not what was meant
 */
export async function prepareFind(
  { name, model, files, preset, confirm, makes, isCompared, today, author }: PrepareInput,
  { store, progress }: TaskContext,
): Promise<PrepareResult> {
  const { document, log } = await readModel(model, createReadingContext(createFileSource(files, store)));
  progress(1, STAGES, 'stage');
  const sources = await collectRights(files, getDocumentSource(document), model, store);
  const rights = detectRights(sources, { model, files: files.map(({ path }) => path) }, getLicenceTextIndex());
  const provenance = proposeProvenance(rights, name);
  const further = proposeFurtherWorks(rights, provenance).map((work, i) => ({ ...work, id: String(i) }));
  const pictures: CandidatePicture[] = files.filter((file) => file.role === 'map');
  const facts: MapFacts[] = [];
  for (const sha256 of new Set([...(await keepMaps(document, store)), ...pictures.map((picture) => picture.sha256)]))
    facts.push(await lookAtMap(await store.get(sha256), sha256, store));
  const examination = examine({
    document,
    name: provenance.title,
    log,
    pictures,
    facts,
    belonging: new Set(),
    stated: listSizesSaid(sources.texts, rights.claims),
    author,
  });
  const { sheet, steps: sure } = takeEverySure(
    [
      ...checkRights(BUILT_IN_BOOK, {
        provenance,
        further,
        found: rights,
        confirmed: false,
        hasEvidence: false,
        today,
      }),
      ...assess(examination),
    ],
    preset.take,
  );
  const { sha256 } = files.find(({ path }) => path === model)!;
  const likeness = isCompared
    ? await describeLikeness(document, {
        format: extensionOf(model),
        modelSha256: sha256,
        triangles: examination.figures.triangles,
      })
    : null;
  const mayConfirm = ({ heading }: SheetFinding): boolean => confirm === 'pencil' && preset.take.includes(heading);
  // what may not be confirmed stays open, and what rests on it with it
  const confirmable = sheet.map((finding) => (mayConfirm(finding) ? finding : { ...finding, choices: [] }));
  const confirmed = setInPencil(confirmable, HOUSE_RULES);
  const steps = [...sure, ...confirmed.steps];
  progress(2, STAGES, 'stage');
  const outcomes = makes
    ? await applyTreatment(document, steps, { codec: sharpCodec, readBytes: (sha256) => store.get(sha256) })
    : [];
  const after = makes ? computeFigures(document) : examination.figures;
  const report = describePrepared({
    name: provenance.title,
    examination,
    provenance,
    rights,
    sheet,
    guessed: setInPencil(sheet, HOUSE_RULES).guessed,
    confirmed: confirmed.guessed,
    steps: makes ? [...sure.map(bySure), ...confirmed.steps.map(byPencil)] : [],
    outcomes,
    maps: listMapLines(document, pictures, new Map(facts.map((one) => [one.sha256, one]))).maps,
    log,
    after,
  });
  const judged = { report, author: provenance.author, sizeQuestion: examination.sizeQuestion, likeness };
  if (!makes) return { ...judged, modelSha256: null, thumbnailSha256: null };
  progress(3, STAGES, 'stage');
  const bytes = await writeGlb(document);
  requireHolding(await checkWritten(bytes, after), 'The written GLB');
  progress(4, STAGES, 'stage');
  const drawing = preset.thumbnail ? await prepareDrawing(document, sharpCodec) : null;
  const isSized = report.size.status === 'sure' || confirmed.guessed.some(({ kind }) => kind === 'size');
  const thumbnail = drawing && (await store.put(await encodeDrawn(drawThumbnail(drawing, isSized ? 1 : null))));
  return { ...judged, modelSha256: (await store.put(bytes)).sha256, thumbnailSha256: thumbnail?.sha256 ?? null };
}

/** Before anything of it is treated. */
async function describeLikeness(
  document: Document,
  known: Pick<DuplicateFacts, 'format' | 'modelSha256' | 'triangles'>,
): Promise<DuplicateFacts> {
  const { declaredMetres = null, declaredUp = null } = getDocumentSource(document);
  return {
    ...known,
    shape: computeShapeSignature(listSurfaces(document)),
    metres: declaredMetres,
    up: declaredUp,
    maps: await listLooks(document),
    clips: document.getRoot().listAnimations().length,
  };
}
