import type { Provenance } from '@haveld/contract/licence';
import { composeCredit, gatherCredits, listCredits, writeCredits } from './credits';
import { BUILT_IN_BOOK as book } from './licence-book';
import { proposeProvenance } from './propose-provenance';

const EMPTY = proposeProvenance(
  { licences: [], authors: [], sources: [], titles: [], basedOn: [], notGrants: [], ownWords: [], claims: [] },
  '',
);
const BAROGRAPH: Provenance = {
  ...EMPTY,
  title: 'Barograph',
  author: 'Ines Falkenrot',
  licenceId: 'CC-BY-4.0',
  source: 'Quayside Models',
  pageUrl: 'https://quayside-models.example/b',
};

const credit = (differs: Partial<Provenance> = {}, changes: string[] = []) =>
  listCredits(book, { provenance: { ...BAROGRAPH, ...differs }, further: [], name: 'barograph' }, changes)[0];

test('a credit names title, author, source, licence and changes (Creative Commons 4.0, section 3(a)(1))', () => {
  expect(composeCredit(credit({}, ['scaled to real size', 'set upright']))).toBe(
    '“Barograph” by Ines Falkenrot, Quayside Models, https://quayside-models.example/b. CC BY 4.0 (https://creativecommons.org/licenses/by/4.0/). Changed: scaled to real size; set upright.',
  );
  expect(composeCredit(credit(), 'short')).toBe('“Barograph” by Ines Falkenrot, CC BY 4.0');
  expect(composeCredit(credit({ author: '', title: '' }))).toContain('“barograph” by an unknown author');
});

test('others in it have lines of their own', () => {
  const credits = listCredits(
    book,
    {
      provenance: BAROGRAPH,
      name: 'x',
      further: [
        {
          id: '1',
          part: 'maps',
          title: 'Brass set',
          author: 'Runa Vestermoor',
          authorUnknown: false,
          authorUrl: '',
          licenceId: 'CC0-1.0',
          source: '',
          pageUrl: '',
        },
      ],
    },
    ['set upright'],
  );
  expect(credits.map((each) => composeCredit(each))[1]).toBe(
    'Its maps: “Brass set” by Runa Vestermoor. CC0 1.0 (https://creativecommons.org/publicdomain/zero/1.0/).',
  );
  expect(credits[1].courtesy).toBe(true);
});

test('a choice and several licences are named in words', () => {
  expect(credit({ licenceId: 'CC-BY-SA-3.0 OR GPL-2.0-only' }).licence).toBe('CC BY-SA 3.0 or GPL 2.0');
  expect(credit({ licenceId: 'CC-BY-4.0 AND CC0-1.0' }).licence).toBe('CC BY 4.0 and CC0 1.0');
});

test('credits of many: each once, by author, asked before courtesy, nobody known last', () => {
  const groups = gatherCredits([
    credit({ author: '' }),
    credit(),
    credit(),
    credit({ title: 'Anchor', licenceId: 'CC0-1.0' }),
    credit({ author: 'ines falkenrot', title: 'Zinc' }),
  ]);
  expect(groups.map(({ author, credits }) => [author, credits.map(({ title }) => title)])).toEqual([
    ['Ines Falkenrot', ['Barograph', 'Zinc', 'Anchor']],
    ['', ['Barograph']],
  ]);
});

test.each(['text', 'markdown', 'html', 'csv', 'json'] as const)(
  '%s holds every credit and nothing of it breaks out',
  (format) => {
    const odd = credit({
      title: '=HYPERLINK("x")<script>|*',
      author: 'A "quoted", name',
      pageUrl: 'https://quayside-models.example/a?b=c&d=(e)',
    });
    const written = writeCredits([odd, credit()], format, 'long', 'Tide House & co');
    expect(written).toContain('Barograph');
    if (format === 'html') {
      expect(written).not.toContain('<script>');
      expect(written).toContain('Tide House &amp; co');
    }
    if (format === 'csv') {
      const [head, ...rows] = written.trimEnd().split('\r\n');
      expect(head.split(',')).toHaveLength(11);
      expect(rows).toHaveLength(2);
      expect(rows[0]).toContain(`"'=HYPERLINK(""x"")<script>|*","A ""quoted"", name"`);
    }
    if (format === 'markdown') expect(written).toContain('\\<script\\>\\|\\*');
    if (format === 'json') expect((JSON.parse(written) as { credits: unknown[] }).credits).toHaveLength(2);
  },
);
