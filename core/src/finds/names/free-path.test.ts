import { createTakenPaths, givePath } from './free-path';

const giveAll = (paths: readonly string[]) => {
  const taken = createTakenPaths();
  return paths.map((path) => givePath(path, taken));
};

describe('a path no other file has', () => {
  test('a name that comes again is numbered before its ending', () => {
    expect(giveAll(['maps/a.png', 'maps/a.png', 'maps/a.png']).map(({ path }) => path)).toEqual([
      'maps/a.png',
      'maps/a (2).png',
      'maps/a (3).png',
    ]);
  });

  test('a numbered name does not take the place of a file that has it already', () => {
    expect(giveAll(['a (2).png', 'a.png', 'a.png']).map(({ path }) => path)).toEqual([
      'a (2).png',
      'a.png',
      'a (3).png',
    ]);
  });

  test('a name without an ending, or of nothing but one, is numbered at its end', () => {
    expect(giveAll(['x.y/readme', 'x.y/readme', '.keep', '.keep']).map(({ path }) => path)).toEqual([
      'x.y/readme',
      'x.y/readme (2)',
      '.keep',
      '.keep (2)',
    ]);
  });

  test('names that differ in case or in the form of an accent are both kept, and said', () => {
    expect(giveAll(['Kran.obj', 'kran.obj'])[1]).toEqual({
      path: 'kran.obj',
      note: '“Kran.obj” and “kran.obj” differ only in upper and lower case; both are kept.',
    });
    const [composed, decomposed] = ['Möwe.obj'.normalize('NFC'), 'Möwe.obj'.normalize('NFD')];
    expect(giveAll([composed, decomposed])[1]).toEqual({
      path: decomposed,
      note: `“${composed}” and “${decomposed}” differ only in the form of their accents; both are kept.`,
    });
  });
});
