import { parseMtl } from './parse-mtl';
import { roughnessFromPhongExponent } from '../shading';

const parse = (text: string) => parseMtl(new TextEncoder().encode(text)).materials;

test('names with spaces and file names with spaces stay whole', () => {
  const [material] = parse('newmtl oak top\nmap_Kd my maps/oak top.png\n');
  expect(material.name).toBe('oak top');
  expect(material.maps).toEqual([{ statement: 'map_Kd', file: 'my maps/oak top.png', options: '' }]);
});

test('options are taken off the file name, with one to three values', () => {
  const [material] = parse('newmtl a\nmap_Bump -bm 0.4 -s 2 2 bump.png\nmap_Kd -o 0.1 0.2 0.3 -clamp on 4k wood.png\n');
  expect(material.maps).toEqual([
    { statement: 'map_Bump', file: 'bump.png', options: '-bm 0.4 -s 2 2' },
    { statement: 'map_Kd', file: '4k wood.png', options: '-o 0.1 0.2 0.3 -clamp on' },
  ]);
});

test('a file name that starts with a digit is not eaten by an option', () => {
  const [material] = parse('newmtl a\nmap_Kd -s 1 1 1 2wood.png\n');
  expect(material.maps[0].file).toBe('2wood.png');
});

test('back-slashes in paths are no continuation', () => {
  const [material] = parse('newmtl a\nmap_Kd D:\\work\\maps\\oak.png\nKd 1 1 1\n');
  expect(material.maps[0].file).toBe('D:\\work\\maps\\oak.png');
  expect(material.statements.Kd).toBe('1 1 1');
});

test('statements it does not know are kept as they are', () => {
  expect(parse('newmtl a\nillum 2\nsharpness 60\n')[0].statements).toEqual({ illum: '2', sharpness: '60' });
});

test('statements before any newmtl belong to nothing and do no harm', () => {
  expect(parse('Kd 1 0 0\nnewmtl a\n')).toHaveLength(1);
});

// Walter et al. 2007, section 5.2: n = 2/α² − 2; worked by hand: n = 0 → α = 1, n = 30 → α = 0.25, roughness = √α
test('a Phong exponent of 0 is fully rough, 30 is 0.5', () => {
  expect(roughnessFromPhongExponent(0)).toBe(1);
  expect(roughnessFromPhongExponent(30)).toBeCloseTo(0.5, 12);
});
