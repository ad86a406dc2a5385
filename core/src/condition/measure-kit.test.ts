import type { Document } from '@gltf-transform/core';
import { listUnitShares } from '../placement/kit/kit-say';
import { createBoxDocument } from '../testing/documents';
import { answerFindings } from './answers';
import { assess } from './assess';
import { examine } from './examination';
import { measureKit, type PieceToMeasure } from './measure-kit';

const look = (document: Document, assetId: string): PieceToMeasure => {
  const seen = examine({
    document,
    name: 'wall segment',
    log: [],
    pictures: [],
    belonging: new Set(),
    stated: [],
  });
  return {
    assetId,
    findings: answerFindings(assess(seen), new Map()),
    shares: listUnitShares(seen.sizeQuestion, null).shares,
    steps: [],
    box: seen.figures.box,
  };
};
const wall = (width: number, assetId: string): PieceToMeasure =>
  look(createBoxDocument([0, 0, 0], [width, 250, 20]), assetId);

test('walls in centimetres: one unit, one module, and the one that misses it by 4 cm', () => {
  const kit = measureKit([50, 100, 150, 200, 104].map((width, i) => wall(width, `piece ${i}`)));
  expect(kit.unit).toMatchObject({ id: 'cm', label: 'centimetres' });
  expect(kit.module?.metres).toBe(0.5);
  expect(kit.pieces[4].offModule).toEqual([{ side: 'width', off: expect.closeTo(0.04, 6) }]);
  expect(kit.pieces.slice(0, 4).every(({ offModule }) => offModule.length === 0)).toBe(true);
  expect(kit.pieces[1]).toMatchObject({ width: expect.closeTo(1, 6), height: expect.closeTo(2.5, 6) });
});

const METRES = { kind: 'taken', choiceId: 'm' } as const;

test('an answer counts as certain, and a switched step as what is there', () => {
  const piece = wall(100, 'a');
  const answered: PieceToMeasure = {
    ...piece,
    findings: answerFindings(piece.findings, new Map([['size', METRES]])),
    shares: listUnitShares(null, METRES).shares,
  };
  const kit = measureKit([answered]);
  expect(kit.unit).toMatchObject({ id: 'm', confidence: 1, agree: 1 });
  expect(kit.pieces[0]).toMatchObject({ width: expect.closeTo(100, 6), isSettled: true });
});

test('without pieces there is nothing to say', () => {
  expect(measureKit([])).toEqual({ unit: null, module: null, pieces: [] });
});
