import { GIVEN_KIND_WORDS, GIVEN_KINDS, type GivenKind } from '@haveld/contract/giving';
import { findFormatByExtension } from '../../formats/model-formats';

const ENDINGS: Record<Exclude<GivenKind, 'models'>, RegExp> = {
  archives: /^(?:zip|7z|rar|tar|gz|tgz|xz|bz2|\d{3}|z\d\d|r\d\d)$/,
  pictures: /^(?:png|jpe?g|webp|tga|tiff?|bmp|exr|hdr|dds|psd|gif|avif|ktx2)$/,
  texts: /^(?:txt|md|html?|mhtml?|pdf|rtf|json|xml|csv|mtl|bin)$/,
};

/** @returns what kind a file is by its ending; null for one that no link takes */
export function kindOfGiven(path: string): GivenKind | null {
  const ending = /\.([^./]+)$/.exec(path)?.[1]?.toLowerCase() ?? '';
  if (findFormatByExtension(ending)) return 'models';
  return GIVEN_KINDS.find((kind) => kind !== 'models' && ENDINGS[kind].test(ending)) ?? null;
}

/** @returns a sentence for each file a link does not take */
export function judgeGivenFiles(paths: readonly string[], kinds: readonly GivenKind[]): Map<string, string> {
  const refused = new Map<string, string>();
  const wanted = kinds.map((kind) => GIVEN_KIND_WORDS[kind]).join(', ');
  for (const path of paths) {
    const kind = kindOfGiven(path);
    if (kind === null || !kinds.includes(kind)) refused.set(path, `“${path}” is not taken here, only ${wanted}.`);
  }
  return refused;
}
