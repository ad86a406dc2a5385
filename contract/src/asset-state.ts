import { z } from 'zod';

/** The way of an asset: on the bench → catalogued. */
export const ASSET_STATES = ['on-bench', 'catalogued'] as const;
export const AssetStateSchema = z.enum(ASSET_STATES);
export type AssetState = z.infer<typeof AssetStateSchema>;
