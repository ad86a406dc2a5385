import type { Part } from '../shape';

/** One thing a made-up site offers. */
export interface SiteModel {
  slug: string;
  title: string;
  author: { name: string; slug: string };
  /** As the site writes it. */
  licence: { words: string; address: string };
  category: string;
  tags: string[];
  about: string;
  /** In the site's play currency; 0 where it is free. */
  price: number;
  published: string;
  /** Counted up where its files are made anew; left out, the first. */
  version?: number;
  parts: () => Part[];
}

/** One way to have it. */
export interface SiteEdition {
  id: string;
  format: 'glb' | 'obj';
  /** Length of one unit of the file, in metres. */
  unit: number;
  zUp: boolean;
  /** Side of its maps in texels; 0 without maps. */
  maps: number;
  fileName: string;
  /** What comes with it, as the site says. */
  carries: string[];
}

export const CC_BY = { words: 'CC BY 4.0', address: 'https://creativecommons.org/licenses/by/4.0/' };
export const CC0 = { words: 'CC0 1.0', address: 'https://creativecommons.org/publicdomain/zero/1.0/' };
export const CC_BY_SA = { words: 'CC BY-SA 4.0', address: 'https://creativecommons.org/licenses/by-sa/4.0/' };
export const CC_BY_NC = { words: 'CC BY-NC 4.0', address: 'https://creativecommons.org/licenses/by-nc/4.0/' };
