import sharp from 'sharp';
import { readPictureMetadata } from './read-picture-metadata';

const picture = () => sharp({ create: { width: 8, height: 8, channels: 3, background: '#888' } });
const XMP = `<?xpacket begin="" id="W5M0MpCehiHzreSzNTczkc9d"?><x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:xmpRights="http://ns.adobe.com/xap/1.0/rights/" xmpRights:WebStatement="https://creativecommons.org/licenses/by-sa/4.0/"><dc:creator><rdf:Seq><rdf:li>Runa Vestermoor</rdf:li></rdf:Seq></dc:creator><dc:rights><rdf:Alt><rdf:li xml:lang="x-default">CC BY-SA 4.0</rdf:li></rdf:Alt></dc:rights></rdf:Description></rdf:RDF></x:xmpmeta><?xpacket end="w"?>`;

// the writer is sharp (libvips), which knows nothing of ours
test.each(['jpeg', 'webp', 'png'] as const)('EXIF of a %s', async (format) => {
  const exif = { IFD0: { Copyright: '2026 Ines Falkenrot, CC BY 4.0', Artist: 'Ines Falkenrot' } };
  expect(await readPictureMetadata(await picture().withExif(exif)[format]().toBuffer())).toMatchObject({
    creators: ['Ines Falkenrot'],
    rights: ['2026 Ines Falkenrot, CC BY 4.0'],
  });
});

test.each(['jpeg', 'png', 'webp', 'tiff'] as const)('XMP of a %s', async (format) => {
  expect(await readPictureMetadata(await picture().withXmp(XMP)[format]().toBuffer())).toMatchObject({
    creators: ['Runa Vestermoor'],
    rights: ['CC BY-SA 4.0'],
    addresses: ['https://creativecommons.org/licenses/by-sa/4.0/'],
  });
});

test('IPTC of a JPEG: by-line and copyright notice, written by its specification (IPTC-IIM 4.2)', async () => {
  const record = (dataset: number, text: string): Buffer => {
    const bytes = Buffer.from(text, 'latin1');
    return Buffer.concat([Buffer.from([0x1c, 2, dataset, bytes.length >> 8, bytes.length & 255]), bytes]);
  };
  const iptc = Buffer.concat([record(80, 'Tor Aldersund'), record(116, 'CC BY-NC 4.0')]);
  const resource = Buffer.concat([
    Buffer.from('Photoshop 3.0\0' + '8BIM', 'latin1'),
    Buffer.from([4, 4, 0, 0]),
    Buffer.from([0, 0, iptc.length >> 8, iptc.length & 255]),
    iptc,
    Buffer.alloc(iptc.length & 1),
  ]);
  const plain = await picture().jpeg().toBuffer();
  const segment = Buffer.concat([
    Buffer.from([0xff, 0xed, (resource.length + 2) >> 8, (resource.length + 2) & 255]),
    resource,
  ]);
  const bytes = Buffer.concat([plain.subarray(0, 2), segment, plain.subarray(2)]);
  expect(await readPictureMetadata(bytes)).toMatchObject({ creators: ['Tor Aldersund'], rights: ['CC BY-NC 4.0'] });
});

test('a picture that says nothing, one that is cut off, and what is none', async () => {
  const plain = await picture().png().toBuffer();
  const said = await readPictureMetadata(plain);
  expect(said).toEqual({ titles: [], creators: [], rights: [], addresses: [] });
  expect(await readPictureMetadata(plain.subarray(0, 20))).toBeNull();
  expect(await readPictureMetadata(Buffer.from('not a picture'))).toBeNull();
});
