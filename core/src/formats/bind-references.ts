import type { Document, Material } from '@gltf-transform/core';
import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import type { TextureSlot } from '@haveld/contract/step';
import { getMaterialSource, setMaterialSource, type MapReference } from '../scene/source-data';
import { bindMap } from '../textures/bind-map';
import { locateReference } from '../textures/locate';
import { fileStem } from '../textures/role-by-name';
import type { ReadingContext } from './reading';

export interface FoundReference {
  material: Material;
  slot: TextureSlot;
  reference: string;
  /** The file that makes the reference. */
  from: string;
  options?: string;
}

/**
 * Binds every map that lies where its reference says, and keeps every reference, bound or not. A map that lies elsewhere
 * or did not arrive is left unconnected: the bench proposes it, a person decides.
 */
export async function bindReferences(
  document: Document,
  references: FoundReference[],
  context: ReadingContext,
  log: LogEntry[],
): Promise<void> {
  for (const { material, slot, reference, from, options } of references) {
    const [location] = locateReference(reference, from, context.files.paths);
    const kept: MapReference = { slot, reference, options, status: 'missing', path: null, sha256: null };
    if (location) Object.assign(kept, { path: location.path, sha256: context.files.hash(location.path) });
    if (location?.where === 'elsewhere') kept.status = 'elsewhere';
    if (location?.where === 'here') {
      try {
        await bindMap(
          document,
          material,
          slot,
          await context.files.read(location.path),
          fileStem(location.path),
          context.codec,
        );
        kept.status = 'found';
      } catch (error) {
        if (!(error instanceof DomainError)) throw error;
        kept.status = 'unreadable';
        log.push({
          level: 'look',
          file: location.path,
          text: error.message,
          consequence: `“${material.getName()}” goes without its ${slot} map.`,
        });
      }
    }
    setMaterialSource(material, { maps: [...(getMaterialSource(material).maps ?? []), kept] });
  }
}
