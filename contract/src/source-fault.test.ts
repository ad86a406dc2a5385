import { adviseOn, FAULT_STEPS, SOURCE_FAULTS, type SourceFaultKind } from './source-fault';

const KINDS = Object.keys(SOURCE_FAULTS) as SourceFaultKind[];

test('every fault says who does what next, in a sentence', () => {
  for (const kind of KINDS) {
    expect(FAULT_STEPS).toContain(SOURCE_FAULTS[kind].step);
    expect(SOURCE_FAULTS[kind].words).toMatch(/^[A-Z].*\.$/);
  }
});

test('nothing is said to go on by itself that does not', () => {
  for (const kind of KINDS) {
    expect(adviseOn(kind, false)).not.toMatch(/by itself/);
    expect(adviseOn(kind, true)).toBe(SOURCE_FAULTS[kind].words);
  }
  expect(adviseOn('busy', false)).toBe('Try again later.');
  expect(adviseOn('sign-in', false)).toBe('Enter a token of this source.');
});
