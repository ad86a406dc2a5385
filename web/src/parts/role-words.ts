const WORDS: Record<string, string> = {
  model: 'the model',
  'other-format': 'other format',
  lod: 'level of detail',
  variant: 'variant',
  edition: 'other edition',
  'variant-map': 'map of a variant',
  'other-resolution': 'same map, other size',
  preview: 'shows it',
};

/** What a file is to a find, in words. */
export const roleWords = (role: string): string => WORDS[role] ?? role;
