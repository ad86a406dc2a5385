import { isExpression } from '../expression';
import { cleanName } from './author-names';
import { fitsGlob } from './glob';
import { createStatements, type RightsSubject, type Statements } from './statement';

/** One annotation of a `REUSE.toml`. */
export interface ReuseAnnotation {
  paths: string[];
  copyright: string[];
  licence: string;
}

/**
 * What a `REUSE.toml` (REUSE specification 3.2) says of one model: its last annotation that fits.
 * @param annotations as parsed by whoever reads TOML
 */
export function readReuse(annotations: readonly ReuseAnnotation[], file: string, subject: RightsSubject): Statements {
  const found = createStatements();
  const lastThatFits = (path: string): ReuseAnnotation | undefined =>
    annotations.findLast(({ paths }) => paths.some((pattern) => fitsGlob(path, pattern)));
  const own = lastThatFits(subject.model);
  if (own) addAnnotation(found, own, file);
  for (const other of new Set(subject.files.map(lastThatFits)))
    if (other && other !== own) addAnnotation(found, other, file, 'textures');
  return found;
}

function addAnnotation(
  found: Statements,
  { paths, copyright, licence }: ReuseAnnotation,
  file: string,
  part?: string,
): void {
  const evidence = {
    text: `a rights file names it by “${paths.slice(0, 3).join(' ')}”`,
    file,
    passage: `${copyright.join('; ')} — ${licence}`.slice(0, 240),
  };
  const of = part ? { part } : {};
  if (isExpression(licence))
    found.licences.push({ id: licence, confidence: 0.97, nearness: 'named-for-it', evidence, ...of });
  for (const line of copyright) {
    const name = cleanName(
      line.replace(
        /^(?:SPDX-FileCopyrightText:)?\s*(?:©|\(c\)|copyright)?\s*(?:\d{4}(?:\s*[-–,]\s*\d{4})*)?,?\s*/i,
        '',
      ),
    );
    if (name) found.authors.push({ name, confidence: 0.95, nearness: 'named-for-it', evidence, ...of });
  }
}

/** A `.license` file speaks of the one file it is named after (REUSE specification 3.2, "Comment headers"). */
export function sidecarOf(path: string): string | null {
  return /\.licen[sc]e$/i.test(path) && /\.[^./]+\.licen[sc]e$/i.test(path) ? path.replace(/\.licen[sc]e$/i, '') : null;
}
