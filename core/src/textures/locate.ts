import { otherReadings } from '../text/other-readings';
import { fileStem } from './judging/read-map-name';

/** Where a referenced file lies. */
export interface Location {
  /** `here`: where the reference says. `elsewhere`: in the arrival, but not there. */
  where: 'here' | 'elsewhere';
  path: string;
  confidence: number;
  reasons: string[];
}

const PICTURE = /\.(png|jpe?g|tga|bmp|tiff?|webp|gif|exr|hdr|psd|dds|avif)$/i;

/** @returns true where a file name is that of a picture */
export const isPictureName = (path: string): boolean => PICTURE.test(path);

/**
 * Finds the file a reference means, whatever its form: absolute paths of both systems, back-slashes, wrong case,
 * percent-encoding, another extension.
 * @param reference as the file writes it
 * @param from path of the file that makes the reference, within the arrival
 * @param paths every file of the arrival
 * @returns the likely files, best first; empty where nothing fits
 */
export function locateReference(reference: string, from: string, paths: readonly string[]): Location[] {
  const folder = from.includes('/') ? from.slice(0, from.lastIndexOf('/') + 1) : '';
  for (const form of listForms(reference)) {
    if (isAbsolutePath(form)) continue;
    const wanted = joinPath(folder, form);
    if (wanted === null) continue;
    const exact = paths.find((path) => path === wanted);
    if (exact !== undefined)
      return [{ where: 'here', path: exact, confidence: 1, reasons: ['where the reference says'] }];
    const byCase = paths.filter((path) => foldName(path) === foldName(wanted));
    if (byCase.length === 1) {
      return [
        {
          where: 'here',
          path: byCase[0],
          confidence: 0.99,
          reasons: ['where the reference says; upper and lower case differ'],
        },
      ];
    }
  }
  return listElsewhere(reference, folder, paths);
}

/** Raw, with forward slashes, decoded from percent-encoding, and as its bytes would be read otherwise. */
function listForms(reference: string): string[] {
  const slashed = reference
    .trim()
    .replace(/^["']|["']$/g, '')
    .replaceAll('\\', '/');
  const forms = [reference, slashed];
  if (/%[0-9a-f]{2}/i.test(slashed)) {
    try {
      forms.push(decodeURIComponent(slashed));
    } catch (error) {
      if ((error as Error).name !== 'URIError') throw error;
    }
  }
  // the file that names it did not say how it is written; a path that is there does
  for (const read of otherReadings(reference.trim())) forms.push(read.replaceAll('\\', '/'));
  return [...new Set(forms)];
}

const isAbsolutePath = (path: string): boolean => /^([a-z]:)?[/\\]|^file:/i.test(path);

/** Folds case and Unicode form: names that a person would take for the same. */
const foldName = (path: string): string => path.normalize('NFC').toLowerCase();

/** @returns null where `..` leaves the arrival */
function joinPath(folder: string, relative: string): string | null {
  const parts: string[] = [];
  for (const part of (folder + relative).split('/')) {
    if (part === '' || part === '.') continue;
    if (part === '..') {
      if (parts.length === 0) return null;
      parts.pop();
    } else parts.push(part);
  }
  return parts.join('/');
}

const baseName = (path: string): string => path.slice(path.lastIndexOf('/') + 1);

function listElsewhere(reference: string, folder: string, paths: readonly string[]): Location[] {
  const wantedNames = listForms(reference).map((form) => foldName(baseName(form)));
  const wantedStems = new Set(wantedNames.map((name) => foldName(fileStem(name))));
  const found: Location[] = [];
  for (const path of paths) {
    const name = foldName(baseName(path));
    const near = path.startsWith(folder) ? 0.02 : 0;
    if (wantedNames.includes(name)) {
      found.push({
        where: 'elsewhere',
        path,
        confidence: 0.95 + near,
        reasons: ['same file name', `lies in ${describeFolder(path)}`],
      });
    } else if (isPictureName(path) && wantedStems.has(foldName(fileStem(path)))) {
      found.push({
        where: 'elsewhere',
        path,
        confidence: 0.88 + near,
        reasons: [`same name with another extension, .${path.split('.').pop()}`, `lies in ${describeFolder(path)}`],
      });
    }
  }
  found.sort((a, b) => b.confidence - a.confidence || a.path.length - b.path.length);
  if (found.length > 1 && found[0].confidence === found[1].confidence) {
    return found.map((location) => ({
      ...location,
      confidence: location.confidence / found.length,
      reasons: [...location.reasons, `${found.length} files have this name`],
    }));
  }
  return found;
}

const describeFolder = (path: string): string =>
  path.includes('/') ? `${path.slice(0, path.lastIndexOf('/'))}/` : 'the top folder';
