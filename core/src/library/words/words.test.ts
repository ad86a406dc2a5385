import { foldWord, spellOutUmlauts, splitText } from './fold-words';
import { isKnownWord, listRelated, listWider, singularOf, splitCompound } from './meanings';

describe('words of a text', () => {
  test('are parted at signs, capitals and figures', () => {
    expect(splitText('chair_FINAL-v2.obj')).toEqual(['chair', 'FINAL', 'v', '2', 'obj']);
    expect(splitText('CafeChair LODGroup 45x80')).toEqual(['Cafe', 'Chair', 'LOD', 'Group', '45', 'x', '80']);
    expect(splitText('… !')).toEqual([]);
  });

  test('of scripts without spaces are told by ICU (Unicode Standard Annex 29)', () => {
    expect(splitText('木製の椅子')).toContain('椅子');
    expect(splitText('red 椅子')).toEqual(['red', '椅子']);
  });

  // Unicode TR 15, figure 6 (ﬁ), and its examples of composed letters
  test('are compared without case, marks and ligatures', () => {
    expect(['ÉTAGÈRE', 'ﬁre', 'Straße', 'Ångström', 'smørrebrød'].map(foldWord)).toEqual([
      'etagere',
      'fire',
      'strasse',
      'angstrom',
      'smorrebrod',
    ]);
  });

  test('of German are spelt out as well, composed or not', () => {
    expect(spellOutUmlauts('Hängematte')).toBe('haengematte');
    expect(spellOutUmlauts('Bu\u0308gel')).toBe('buegel');
    expect(spellOutUmlauts('chair')).toBeNull();
  });
});

describe('what a word means', () => {
  test('plurals lead to what there is one of, and no word loses an s it needs', () => {
    expect(
      ['chairs', 'shelves', 'mice', 'glass', 'bus', 'stairs', 'knives', 'boxes', 'chassis'].map(singularOf),
    ).toEqual(['chair', 'shelf', 'mouse', 'glass', 'bus', 'stair', 'knife', 'box', 'chassis']);
  });

  // WordNet 3.1: {sofa, couch, lounge}; {bicycle, bike, wheel, cycle}; a divan is a kind of sofa
  test('the same and narrower things have other words', () => {
    const related = listRelated('sofa');
    const of = (term: string) => related.find((one) => one.term === term);
    expect(of('couch')).toMatchObject({ relation: 'same', distance: 0 });
    expect(of('settee')).toBeDefined();
    expect(of('sofa')).toBeUndefined();
    expect(listRelated('bike').map(({ term }) => term)).toContain('bicycle');
    expect(listRelated('boat')).toContainEqual(expect.objectContaining({ term: 'gondola', relation: 'narrower' }));
    expect(listRelated('qwzx')).toEqual([]);
  });

  test('words of other languages mean a kind of thing', () => {
    expect(listRelated('stuhl')).toContainEqual(expect.objectContaining({ term: 'chair', relation: 'same' }));
    expect(listRelated('chair').map(({ term }) => term)).toEqual(expect.arrayContaining(['stuhl', 'sedia', 'chaise']));
    expect(isKnownWord('stuhl')).toBe(true);
  });

  test('what a thing is a kind of comes nearest first, and never so wide that it says nothing', () => {
    const wider = listWider('dinghy').map(({ term }) => term);
    expect(wider.slice(0, 2)).toEqual(['smallboat', 'boat']);
    expect(wider).not.toContain('entity');
    expect(wider).not.toContain('object');
  });

  test('compounds are parted where both words are known, else by their end', () => {
    expect(splitCompound('bookshelf')).toEqual(['book', 'shelf']);
    expect(splitCompound('gartenstuhl')).toEqual(['stuhl']);
    expect(splitCompound('chair')).toEqual([]);
    expect(splitCompound('qwertz')).toEqual([]);
  });
});
