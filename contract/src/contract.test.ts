import { QuestionSchema } from './api/catalogue';
import { DomainError, ERROR_STATUS, ErrorBodySchema } from './error';
import { AnswerSchema } from './finding';
import { IntendedUseSchema, ProvenanceSchema } from './licence';
import { StepSchema } from './step';

test('an error keeps its code, sentence and place on the wire', () => {
  const body = new DomainError('bad-file', 'It was cut short.', { file: 'a.glb', place: 'byte 12' }).toBody();
  expect(ErrorBodySchema.parse(JSON.parse(JSON.stringify(body)))).toEqual({
    code: 'bad-file',
    message: 'It was cut short.',
    file: 'a.glb',
    place: 'byte 12',
  });
  expect(Object.values(ERROR_STATUS).every((status) => status >= 400 && status < 600)).toBe(true);
});

test.each([
  [{ kind: 'scale', schema: 1, factor: 0.001, label: '' }, true],
  [{ kind: 'scale', schema: 1, factor: 0, label: '' }, false],
  [{ kind: 'scale', schema: 1, factor: -1, label: '' }, false],
  [{ kind: 'scale', schema: 2, factor: 1, label: '' }, false],
  [{ kind: 'rotate', schema: 1, axis: 'x', degrees: -90 }, true],
  [{ kind: 'rotate', schema: 1, axis: 'x', degrees: 45 }, false],
  [{ kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true }, true],
  [{ kind: 'set-pivot', schema: 1, at: 'nose', onGround: true }, false],
  [{ kind: 'relink-map', schema: 1, material: 'oak', slot: 'normal', sha256: '../../x', path: 'a' }, false],
  [{ kind: 'melt', schema: 1 }, false],
])('step %j is taken: %s', (step, taken) => {
  expect(StepSchema.safeParse(step).success).toBe(taken);
});

test('setting aside needs a reason', () => {
  expect(AnswerSchema.safeParse({ kind: 'set-aside', reason: '' }).success).toBe(false);
});

test('a page is a web address or nothing', () => {
  const page = ProvenanceSchema.shape.pageUrl;
  expect(['', 'https://a.example/x', 'http://a.example'].every((url) => page.safeParse(url).success)).toBe(true);
  expect(['javascript:alert(1)', 'a.example', 'file:///etc/passwd'].some((url) => page.safeParse(url).success)).toBe(
    false,
  );
});

test('an empty question asks for all that is catalogued', () => {
  const said = Object.entries(QuestionSchema.parse({})).filter(([, value]) => value !== '' && value !== 0);
  expect(said).toEqual([['state', 'catalogued']]);
});

test('a change of provenance holds what was changed and nothing else: no default overwrites what stands', () => {
  expect(ProvenanceSchema.partial().parse({ licenceId: 'MIT' })).toEqual({ licenceId: 'MIT' });
  expect(() => ProvenanceSchema.partial().parse({ expiresOn: 'soon' })).toThrow();
  expect(() => ProvenanceSchema.partial().parse({ pageUrl: 'javascript:alert(1)' })).toThrow();
});

test('a use that says only whether it earns money has everything else as nobody said it', () => {
  expect(IntendedUseSchema.parse({ uses: ['rendered'], commercial: true })).toMatchObject({
    arrangement: 'unsaid',
    releaseLicence: '',
    seats: null,
  });
  expect(() => IntendedUseSchema.parse({ uses: [], commercial: true })).toThrow();
});
