import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fitsGlob } from '@haveld/core/rights/reading/glob';
import { parseDebianCopyright, readDebianCopyright } from '@haveld/core/rights/reading/debian-copyright';

const FOLDER = join(import.meta.dirname, '../testdata/debian-copyright');

interface Truth {
  paragraphs: { files: string[]; licence: string; copyright: string }[];
  paths: Record<string, string | null>;
}

// read by Debian's python3-debian 0.1.49 (testdata/debian-copyright/README.md)
const truth = JSON.parse(readFileSync(join(FOLDER, 'read-by-python3-debian.json'), 'utf8')) as Record<string, Truth>;

/** Short names of these files in SPDX terms, by the format's "License specification" and the texts the files carry. */
const SPDX: Record<string, string | null> = {
  'GPL-2+': 'GPL-2.0-or-later',
  'GPL-3+': 'GPL-3.0-or-later',
  'CC-BY-SA-3.0': 'CC-BY-SA-3.0',
  'CC-BY-SA-4.0': 'CC-BY-SA-4.0',
  'CC-BY-4.0': 'CC-BY-4.0',
  'CC0-1.0': 'CC0-1.0',
  CC0: 'CC0-1.0',
  'public-domain': 'LicenseRef-public-domain',
  Expat: 'MIT',
};

test.each(Object.keys(truth))('%s is read paragraph by paragraph as python3-debian reads it', (name) => {
  const { paragraphs, paths } = truth[name];
  const text = readFileSync(join(FOLDER, `${name}.copyright`), 'utf8');
  const parsed = parseDebianCopyright(text)!;
  expect(parsed.paragraphs.map(({ files, licence }) => ({ files, licence }))).toEqual(
    paragraphs.map(({ files, licence }) => ({ files, licence })),
  );
  for (const [path, licence] of Object.entries(paths)) {
    const own = parsed.paragraphs.findLast(({ files }) => files.some((pattern) => fitsGlob(path, pattern)));
    expect([path, own?.licence ?? null]).toEqual([path, licence]);
  }
  parsed.paragraphs.forEach((paragraph, i) => {
    const expected = SPDX[paragraph.licence];
    if (expected !== undefined) expect([paragraph.licence, paragraph.licenceId]).toEqual([paragraph.licence, expected]);
    for (const holder of paragraph.copyright) expect(paragraphs[i].copyright).toContain(holder.split(' ')[0]);
  });
});

test('all of the files in the folder are checked, and the holders of one are those a person reads', () => {
  expect(readdirSync(FOLDER).filter((name) => name.endsWith('.copyright')).length).toBe(Object.keys(truth).length);
  const icons = parseDebianCopyright(readFileSync(join(FOLDER, 'tango-icon-theme.copyright'), 'utf8'))!;
  expect(icons.paragraphs[0].copyright).toEqual([
    'Ulisse Perusin',
    'Steven Garrity',
    'Lapo Calamandrei',
    'Ryan Collier',
    'Rodney Dawes',
    'Andreas Nilsson',
    'Tuomas Kuosmanen',
    'Garrett LeSage',
    'Jakub Steiner',
  ]);
  const found = readDebianCopyright(readFileSync(join(FOLDER, 'alex4-data.copyright'), 'utf8'), 'debian/copyright', {
    model: 'heap/post.obj',
    files: ['heap/post.obj'],
  })!;
  expect(found.authors.map(({ name }) => name)).toEqual(['Johan Peitz']);
  expect(found.licences.map(({ id }) => id)).toEqual(['GPL-2.0-or-later']);
});
