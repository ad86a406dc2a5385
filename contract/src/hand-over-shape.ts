import { z } from 'zod';

/** What a model is handed over as: one GLB, glTF with its maps beside it, or OBJ and MTL. */
export const HandOverFormatSchema = z.enum(['glb', 'gltf', 'obj']);
export type HandOverFormat = z.infer<typeof HandOverFormatSchema>;

/** What its maps are written as; `as-they-are` leaves each in the format it has. */
export const MapFileSchema = z.enum(['as-they-are', 'png', 'jpeg', 'webp', 'ktx2']);
export type MapFile = z.infer<typeof MapFileSchema>;

/** MTL names files any program may open; WebP and KTX2 are extensions of glTF (EXT_texture_webp, KHR_texture_basisu). */
const MAPS_OF_OBJ: readonly MapFile[] = ['as-they-are', 'png', 'jpeg'];

/** @returns whether maps may be written so beside such a model */
export const takesMapFile = (model: HandOverFormat, maps: MapFile): boolean =>
  model !== 'obj' || MAPS_OF_OBJ.includes(maps);
