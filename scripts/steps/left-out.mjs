/**
 * What packages bring and Haveld never uses, with what stands in its place where it is built: every process that opens a download would
 * load it, and every browser.
 */
const LEFT_OUT = [
  // glTF Transform resizes pictures with functions built from strings, which our content security policy forbids besides
  {
    names: /^ndarray-(ops|lanczos|pixels)$/,
    source: `
      const leftOut = () => { throw new Error('Pictures are not resized here.'); };
      export default leftOut;
      export { leftOut as getPixels, leftOut as savePixels, leftOut as lanczos2, leftOut as lanczos3 };
    `,
  },
  // Zod's sentences in 60 languages: half of it
  { names: /^\.\.\/locales\/index\.js$/, from: /\/zod\//, source: 'export {};' },
];

/** @returns what stands in the place of a module, by the name it is asked for; null where it is used */
export const replacementOf = (name, importer = '') =>
  LEFT_OUT.find(({ names, from }) => names.test(name) && (from?.test(importer) ?? true))?.source ?? null;
