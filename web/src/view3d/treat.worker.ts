import { expose, transfer } from 'comlink';
import type { Figures, StepOutcome } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { readGlb, writeGlb } from '@haveld/core/scene/document-io';
import { computeFigures } from '@haveld/core/scene/figures';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { browserCodec } from './browser-codec';

export interface Treated {
  glb: Uint8Array<ArrayBuffer>;
  figures: Figures;
  outcomes: StepOutcome[];
}

const bytes = new Map<string, Promise<Uint8Array>>();

/** Bytes of the store, fetched once. */
function fetchBytes(sha256: string): Promise<Uint8Array> {
  let known = bytes.get(sha256);
  if (!known) {
    known = fetch(`/api/bytes/${sha256}`).then(async (answer) => {
      if (!answer.ok) throw new Error(`The bytes ${sha256.slice(0, 8)}… cannot be fetched.`);
      return new Uint8Array(await answer.arrayBuffer());
    });
    bytes.set(sha256, known);
  }
  return known;
}

/** The bench's live changes: the same steps the server will run, on the document as received. */
const treating = {
  async treat(documentSha256: string, steps: Step[]): Promise<Treated> {
    const document = await readGlb(await fetchBytes(documentSha256));
    const outcomes = await applyTreatment(document, steps, { codec: browserCodec, readMap: fetchBytes });
    const glb = (await writeGlb(document)) as Uint8Array<ArrayBuffer>;
    return transfer({ glb, figures: computeFigures(document), outcomes }, [glb.buffer]);
  },
};

export type Treating = typeof treating;

expose(treating);
