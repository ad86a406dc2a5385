import { placePiece } from './place-piece';

const box = { min: [10, 0, 4], max: [12, 3, 6] } as { min: [number, number, number]; max: [number, number, number] };

test('an origin in or near the piece is its own and comes to zero', () => {
  expect(placePiece({ box, origin: [11, 0, 5] }, 1)).toMatchObject({ pivot: 'own', shift: [-11, 0, -5] });
});

test('an origin far away is the kit’s: the piece stands on the middle of its base', () => {
  expect(placePiece({ box, origin: [0, 0, 0] }, 1)).toMatchObject({ pivot: 'base', shift: [-11, 0, -5] });
  expect(placePiece({ box, origin: [0, 0, 0] }, 2)).toMatchObject({ pivot: 'base', shift: [-11, -1.5, -4] });
});

test('where it stood is kept, and the opposite of the shift puts it back', () => {
  const { shift, min } = placePiece({ box, origin: [0, 0, 0] }, 1);
  expect(min).toEqual([10, 0, 4]);
  expect(min.map((v, i) => v + shift[i] - shift[i])).toEqual([10, 0, 4]);
});
