import { z } from 'zod';

/** The way of an asset: on the bench → in review → catalogued (→ withdrawn). */
export const ASSET_STATES = ['on-bench', 'in-review', 'catalogued', 'withdrawn'] as const;
export const AssetStateSchema = z.enum(ASSET_STATES);
export type AssetState = z.infer<typeof AssetStateSchema>;
