import { USDAParser } from 'three/examples/jsm/loaders/usd/USDAParser.js';
import { USDCParser } from 'three/examples/jsm/loaders/usd/USDCParser.js';
import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import { createDocument } from '../../scene/document/document-io';
import { setDocumentSource } from '../../scene/document/source-data';
import { decodeText } from '../../text/decode-text';
import { bindReferences } from '../bind-references';
import { describeUnit } from '../declared-unit';
import type { Reading, ReadingContext } from '../reading';
import { UsdMaterials } from './materials';
import { prepareText } from './prepare-text';
import { UsdScene } from './scene';
import { UsdStage } from './stage';
import { unpackUsdz } from './unpack-usdz';

const CRATE = 'PXR-USDC';

/**
 * Reads USD: text, binary (as far as the library goes), or packed as USDZ.
 * @returns the document in the stage's own unit and axes, both declared
 * @throws {DomainError} `bad-file` where it cannot be parsed or nothing of it can be shown
 */
export async function readUsd(path: string, context: ReadingContext): Promise<Reading> {
  const bytes = await context.files.read(path);
  const isPacked = bytes[0] === 0x50 && bytes[1] === 0x4b;
  const packed = isPacked ? unpackUsdz(bytes, path) : new Map<string, Uint8Array>();
  const [scene = ''] = [...packed.keys()].filter((name) => /\.usd[ac]?$/i.test(name));
  const layer = isPacked ? packed.get(scene) : bytes;
  if (!layer) throw new DomainError('bad-file', `“${path}” holds no scene: there is nothing to show.`, { file: path });
  const isBinary = startsWith(layer, CRATE);
  const stage = parseLayer(layer, isBinary, path);
  const log: LogEntry[] = [];
  const document = createDocument();
  const builder = new UsdScene(document, stage, new UsdMaterials(document, stage, path, packed));
  builder.build();
  if (document.getRoot().listMeshes().length === 0)
    throw new DomainError('bad-file', `“${path}” holds no meshes: there is nothing to show.`, { file: path });
  await bindReferences(document, builder.materials.references, context, log);
  builder.logLosses(path, log);
  setDocumentSource(document, describeSource(stage, path, isPacked ? 'USDZ' : 'USD', isBinary ? 'binary' : 'text'));
  return { document, log };
}

const startsWith = (bytes: Uint8Array, text: string): boolean =>
  [...text].every((c, i) => bytes[i] === c.charCodeAt(0));

function parseLayer(layer: Uint8Array, isBinary: boolean, path: string): UsdStage {
  try {
    if (isBinary) return new UsdStage(new USDCParser().parseData(layer.slice().buffer).specsByPath);
    const text = decodeText(layer);
    if (!text.startsWith('#usda')) throw new Error('it does not begin with “#usda”');
    return new UsdStage(new USDAParser().parseData(prepareText(text)).specsByPath);
  } catch (error) {
    throw new DomainError('bad-file', `“${path}” is damaged: ${(error as Error).message}.`, {
      file: path,
      cause: error,
    });
  }
}

function describeSource(stage: UsdStage, path: string, format: string, version: string) {
  const metres = stage.field('/', 'metersPerUnit');
  const up = stage.field('/', 'upAxis');
  const words = ['doc', 'documentation', 'comment']
    .map((name) => stage.field('/', name))
    .find((v) => typeof v === 'string');
  // OpenUSD, "stage metadata": centimetres and Y up where nothing is said
  const unit = typeof metres === 'number' && metres > 0 ? metres : null;
  return {
    format,
    version,
    exporter: words as string | undefined,
    headers: words ? [{ file: path, line: 1, text: words as string }] : [],
    declaredUnit: unit === null ? null : describeUnit(unit),
    declaredMetres: unit,
    declaredUp: up === 'Z' ? ('z' as const) : ('y' as const),
  };
}
