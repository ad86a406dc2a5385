import { FORMAT_LAYOUTS } from './formats';
import { KIT_LAYOUTS } from './kits';
import type { Layout } from './layout';
import { PLAIN_LAYOUTS } from './plain';
import { RESOLUTION_LAYOUTS } from './resolutions';
import { VARIANT_LAYOUTS } from './variants';

/** Every layout the grouping is measured on. */
export const LAYOUTS: Layout[] = [
  ...PLAIN_LAYOUTS,
  ...FORMAT_LAYOUTS,
  ...RESOLUTION_LAYOUTS,
  ...VARIANT_LAYOUTS,
  ...KIT_LAYOUTS,
];
