import { findTypicalSize, TYPICAL_SIZES } from './typical-sizes';

test('every row of typical sizes has a range and says where it comes from', () => {
  for (const { min, max, source, words } of TYPICAL_SIZES) {
    expect(min).toBeGreaterThan(0);
    expect(max).toBeGreaterThan(min);
    expect(source).toContain('from memory');
    expect(words.every((word) => word === word.toLowerCase() && word !== '')).toBe(true);
  }
  expect(findTypicalSize('Window shutter')?.plural).toBe('window shutters');
  expect(findTypicalSize('qzx')).toBeNull();
});
