import { identifyFile } from '@haveld/core/finds/identify';
import { readPage } from '@haveld/core/pages/read-page';
import { openMhtml } from './open-mhtml';

const AT = 'https://quayside-models.example/models/bell-buoy';
const HTML =
  '<html><head><title>Bell buoy</title></head><body><h1>Bell buoy =E2=80=93 red</h1><a rel=3D"license" href=3D"https://creativecommons.org/licenses/by/4.0/">terms</a></body></html>';

/** As a browser of today writes it: quoted-printable, its parts related (RFC 2557, RFC 2045). */
const saved = (address: string, html = HTML): Uint8Array =>
  Buffer.from(
    [
      'From: <Saved by Blink>',
      `Snapshot-Content-Location: ${address}`,
      'Subject: Bell buoy',
      'Date: Mon, 30 Nov 2026 12:00:00 -0000',
      'MIME-Version: 1.0',
      'Content-Type: multipart/related;',
      '\ttype="text/html";',
      '\tboundary="----MultipartBoundary--x----"',
      '',
      '',
      '------MultipartBoundary--x----',
      'Content-Type: text/html; charset=utf-8',
      'Content-Transfer-Encoding: quoted-printable',
      `Content-Location: ${address}`,
      '',
      html,
      '------MultipartBoundary--x----',
      'Content-Type: image/png',
      'Content-Transfer-Encoding: base64',
      'Content-Location: https://quayside-models.example/a.png',
      '',
      'iVBORw0KGgo=',
      '------MultipartBoundary--x------',
      '',
    ].join('\r\n'),
  );

test('a page saved in one file says what it says, and where it was saved from', async () => {
  const page = await readPage(await openMhtml(saved(AT)));
  expect(page.addresses).toEqual([AT]);
  expect(page.words).toContain('Bell buoy – red');
  expect(page.facts.find(({ field }) => field === 'licence')?.value).toBe(
    'https://creativecommons.org/licenses/by/4.0/',
  );
});

test('it is told as a text, by its name and its head', () => {
  expect(identifyFile('page.mhtml', saved(AT))).toMatchObject({ kind: 'text', format: 'mhtml' });
  expect(identifyFile('page.mht', Buffer.from('nothing of a page')).format).not.toBe('mhtml');
});

test('an address that is none of the web is not taken for one', async () => {
  const page = await readPage(await openMhtml(saved('file:///home/ines/page.html')));
  expect(page.addresses).toEqual([]);
});

test('what holds no page, or is broken, stays readable as text', async () => {
  expect(await openMhtml(Buffer.from('by Ines Falkenrot, CC0'))).toContain('by Ines Falkenrot');
  expect(await openMhtml(saved(AT).subarray(0, 200))).toContain('Snapshot-Content-Location');
});
