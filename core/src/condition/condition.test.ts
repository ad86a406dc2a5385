import { KHRLightsPunctual } from '@gltf-transform/extensions';
import type { Document } from '@gltf-transform/core';
import type { Finding } from '@haveld/contract/finding';
import { NO_HABIT, type SourceHabit } from '../finds/deciding/habits';
import { BUILT_IN_BOOK } from '../rights/licence-book';
import { proposeProvenance } from '../rights/propose-provenance';
import { createStatements } from '../rights/reading/statement';
import { createDocument } from '../scene/document/document-io';
import { setDocumentSource, setMaterialSource } from '../scene/document/source-data';
import { getShownScene } from '../scene/traverse';
import { addBox, createBoxDocument } from '../testing/documents';
import { houseName } from '../text/house-name';
import { assess } from './assess';
import { checkRights, type RightsState } from './check-rights';
import { examine, type ExaminationInput } from './examination';

const look = (document: Document, change: Partial<ExaminationInput> = {}): Finding[] =>
  assess(examine({ document, name: 'thing', log: [], pictures: [], belonging: new Set(), stated: [], ...change }));
const get = (findings: Finding[], key: string): Finding => findings.find((finding) => finding.key === key)!;
const picture = (path: string, sha: string) => ({ path, sha256: sha.repeat(64), width: 8, height: 8 });

/** A post of 900 in millimetres, Z up, on a display floor, beside a start-up cube. */
function createScene(): Document {
  const document = createDocument();
  addBox(document, [-100, -100, 0], [100, 100, 900], 'post');
  addBox(document, [-3000, -3000, -20], [3000, 3000, 0], 'Studio_Floor');
  addBox(document, [1000, 1000, 0], [1200, 1200, 200], 'Cube');
  return document;
}

test('a floor and a start-up cube are asked about, and left out of size and stance', () => {
  const findings = look(createScene(), { name: 'Mooring post' });
  expect(findings.filter((finding) => finding.key.startsWith('stranger:')).map((finding) => finding.key)).toEqual([
    'stranger:floor:Studio_Floor',
    'stranger:start-up:Cube',
  ]);
  // what came is counted in its own unit, what it becomes in metres
  expect(get(findings, 'size').choices[0]).toMatchObject({
    id: 'mm',
    steps: [{ kind: 'scale', factor: 0.001, label: expect.stringMatching(/^[\d.]+ × [\d.]+ × [\d.]+ units → .* m$/) }],
  });
  expect(get(findings, 'up').choices[0].steps).toEqual([{ kind: 'rotate', schema: 1, axis: 'x', degrees: -90 }]);
  expect(get(findings, 'size').after).toHaveLength(2);
});

test('a floor that was said to belong is measured with the rest', () => {
  const findings = look(createScene(), { name: 'Mooring post', belonging: new Set(['stranger:floor:Studio_Floor']) });
  expect(get(findings, 'size').detail).toContain('6000');
});

test('a part its source hides is a stranger by that habit alone', () => {
  const document = createScene();
  addBox(document, [0.2, 0.1, 0.2], [0.3, 0.2, 0.3], 'post_rigbox');
  const keys = (habit?: SourceHabit) =>
    assess(
      examine({ document, name: 'Mooring post', log: [], pictures: [], belonging: new Set(), stated: [], habit }),
    ).map(({ key }) => key);
  expect(keys()).not.toContain('stranger:hidden:post_rigbox');
  expect(keys({ ...NO_HABIT, hidden: ['rigbox'] })).toContain('stranger:hidden:post_rigbox');
});

test('a habit of the source is evidence for unit and up', () => {
  const document = createBoxDocument([0, 0, 0], [40, 90, 40]);
  const look = (habit: SourceHabit) =>
    examine({ document, name: 'thing', log: [], pictures: [], belonging: new Set(), stated: [], habit });
  const [plain, inches] = [look(NO_HABIT), look({ ...NO_HABIT, unit: 'in' })];
  const share = (examination: typeof plain) => examination.size.find(({ id }) => id === 'in')!.confidence;
  expect(share(inches)).toBeGreaterThan(share(plain) * 2);
  expect(inches.size.find(({ id }) => id === 'in')!.evidence.map(({ text }) => text)).toContain(
    'a habit of its source',
  );
  expect(look({ ...NO_HABIT, up: 'z' }).up.find(({ id }) => id === 'z')!.confidence).toBeGreaterThan(
    plain.up.find(({ id }) => id === 'z')!.confidence * 2,
  );
});

test('a single part is never a stranger', () => {
  expect(
    look(createBoxDocument([-5, 0, -5], [5, 0.1, 5], 'floor')).some((finding) => finding.key.startsWith('stranger:')),
  ).toBe(false);
});

test('a declared and believable size holds; nothing is asked', () => {
  const document = createBoxDocument([-0.6, 0, -0.4], [0.6, 0.78, 0.4]);
  setDocumentSource(document, { declaredUnit: 'm', declaredUp: 'y' });
  const findings = look(document, { name: 'Oak table' });
  expect(get(findings, 'size')).toMatchObject({ mark: 'holds', title: '1.20 × 0.78 × 0.80 m, as declared' });
  expect(get(findings, 'pivot').mark).toBe('holds');
  expect(get(findings, 'bake-transforms').mark).toBe('holds');
});

test('a pivot off the base centre is told with its distance, at the size it will have', () => {
  const document = createBoxDocument([0, 0, 0], [120, 78, 80]);
  const finding = get(
    look(document, { name: 'table', stated: [{ along: 'height', metres: 0.78, evidence: { text: 'said' } }] }),
    'pivot',
  );
  // half of 1.20 m and 0.80 m: √(0.36 + 0.16)
  expect(finding.title).toBe('Pivot is 0.72 m off the base centre');
  expect(finding.choices[0].steps).toEqual([{ kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true }]);
});

test.each([
  ['wall module', [0, 0, 0], [200, 300, 20], 'corner of the base'],
  ['cottage door', [0, 0, -5], [90, 200, 5], 'foot of the left edge'],
  ['oval mirror', [-30, 110, 0], [30, 190, 4], null],
] as const)('a good pivot that arrived is kept: %s', (name, min, max, words) => {
  const finding = get(look(createBoxDocument([...min], [...max]), { name }), 'pivot');
  if (words === null) expect(finding.mark).toBe('look');
  else {
    expect(finding).toMatchObject({ mark: 'holds', title: `Pivot at the ${words}, as it came: kept` });
    expect(finding.choices[0]).toMatchObject({ id: 'kept', steps: [] });
  }
});

test('a pivot that is off by one evidence alone is asked, whatever figures stand beside it', () => {
  // off the centre, and inside the model; nothing but its shape says which way is up
  const finding = get(look(createBoxDocument([-30, -10, -40], [90, 68, 40]), { name: 'table' }), 'pivot');
  expect(finding).toMatchObject({ mark: 'look', sure: false });
});

test('how far the balance point runs round is told, and of what it is the balance', () => {
  const finding = get(look(createBoxDocument([0, 0, 0], [120, 78, 80]), { name: 'table' }), 'pivot');
  expect(finding.evidence.find(({ text }) => text.includes('of the volume'))?.figure).toBe('0.72 m');
});

test('an empty document is told as such and nothing throws', () => {
  const findings = look(createDocument());
  expect(get(findings, 'size').title).toBe('It has no extent');
  expect(get(findings, 'triangles').title).toBe('0 triangles');
});

test('maps: what lies elsewhere is proposed, what did not arrive blocks, what nobody names is offered', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  setMaterialSource(document.createMaterial('oak'), {
    maps: [
      {
        slot: 'baseColor',
        reference: 'D:\\maps\\oak.png',
        status: 'elsewhere',
        path: 'maps/oak.png',
        sha256: 'a'.repeat(64),
      },
      { slot: 'normal', reference: 'oak_nrm.tga', status: 'missing', path: null, sha256: null },
    ],
  });
  const findings = look(document, {
    pictures: [picture('maps/oak.png', 'a'), picture('maps/oak_roughness.png', 'b'), picture('maps/odd.png', 'c')],
  });
  expect(get(findings, 'map:oak:baseColor')).toMatchObject({
    mark: 'blocks',
    sure: true,
    choices: [{ id: 'a'.repeat(64) }],
  });
  expect(get(findings, 'map:oak:normal')).toMatchObject({
    mark: 'blocks',
    sure: false,
    title: '1 map did not arrive: oak_nrm.tga',
    choices: [],
  });
  expect(get(findings, 'offer:oak:roughness')).toMatchObject({
    mark: 'look',
    choices: [{ steps: [{ kind: 'relink-map', slot: 'roughness' }] }],
  });
  expect(get(findings, 'maps-unused').title).toBe('1 picture no material uses');
});

test('a renamed map is sure where it is named as its material and for its slot, asked where it only shares a word', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  setMaterialSource(document.createMaterial('brass'), {
    maps: [{ slot: 'baseColor', reference: 'tx_0012.png', status: 'missing', path: null, sha256: null }],
  });
  const proposed = (path: string) => get(look(document, { pictures: [picture(path, 'a')] }), 'map:brass:baseColor');
  expect(proposed('brass_color.png')).toMatchObject({ sure: true, choices: [{ label: 'brass_color.png' }] });
  expect(proposed('copper_color.png')).toMatchObject({ sure: false, choices: [{ label: 'copper_color.png' }] });
});

test('clutter with a name a program gives goes, a named marker is asked about', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const scene = getShownScene(document);
  scene.addChild(document.createNode('Camera.001').setCamera(document.createCamera()));
  scene.addChild(document.createNode('Empty'));
  scene.addChild(document.createNode('mount_lamp'));
  const findings = look(document);
  expect(get(findings, 'clutter')).toMatchObject({
    sure: true,
    title: '1 camera, 1 empty node left over from a scene',
  });
  expect(get(findings, 'clutter-named')).toMatchObject({ sure: false, choices: [{ id: 'keep' }, { id: 'leave-out' }] });
});

test('a lamp’s own light is kept, one called by default is asked; the sun, and one that shines from beside, are the scene’s', () => {
  const document = createBoxDocument([0, 0, 0], [0.3, 0.6, 0.3], 'lantern');
  const lights = document.createExtension(KHRLightsPunctual);
  const add = (name: string, type: 'point' | 'directional', at: [number, number, number]) =>
    getShownScene(document).addChild(
      document
        .createNode(name)
        .setTranslation(at)
        .setExtension('KHR_lights_punctual', lights.createLight(name).setType(type).setIntensity(40)),
    );
  add('flame', 'point', [0.15, 0.4, 0.15]);
  // a large model may stand around what a scene began with
  add('Light', 'point', [0.1, 0.3, 0.1]);
  add('Sun', 'directional', [0.15, 0.3, 0.15]);
  add('Lamp.001', 'point', [4, 5, 1]);
  const findings = look(document);
  expect(get(findings, 'own-lights')).toMatchObject({
    mark: 'holds',
    title: '1 light within it, kept',
    evidence: [{ text: 'flame', figure: 'point, 40 cd' }],
  });
  expect(get(findings, 'clutter')).toMatchObject({ sure: true, title: '2 lights left over from a scene' });
  expect(get(findings, 'clutter').evidence.map(({ text }) => text)).toEqual(['Sun', 'Lamp.001']);
  expect(get(findings, 'clutter-named')).toMatchObject({ sure: false, choices: [{ id: 'keep' }, { id: 'leave-out' }] });
  expect(get(findings, 'clutter-named').evidence.map(({ text }) => text)).toEqual(['Light']);
});

test('an empty with data of its own, or one a clip moves, is no sure clutter', () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  getShownScene(document).addChild(document.createNode('Empty').setExtras({ mount: 'lamp' }));
  expect(get(look(document), 'clutter')).toBeUndefined();
});

test('wrappers of converters are dissolved, named groups stay', () => {
  const document = createDocument();
  const wrapper = document.createNode('buoy.fbx');
  const group = document.createNode('lantern group');
  getShownScene(document).addChild(wrapper);
  wrapper.addChild(group);
  addBox(document, [0, 0, 0], [1, 1, 1], 'glass', group);
  expect(get(look(document), 'wrappers').evidence.map((evidence) => evidence.text)).toEqual(['buoy.fbx']);
});

test('a reading log line with a consequence is a finding, one without is not', () => {
  const log = [
    { level: 'look' as const, text: 'No normals.', consequence: 'It looks faceted.' },
    { level: 'note' as const, text: 'Fine.' },
  ];
  expect(
    look(createBoxDocument([0, 0, 0], [1, 1, 1]), { log })
      .filter((finding) => finding.key.startsWith('reading:'))
      .map((finding) => finding.title),
  ).toEqual(['No normals.']);
});

test.each([
  ['Bell buoy, red', 'bell_buoy_red'],
  ['Tür & Tor', 'tur_tor'],
  ['***', 'asset'],
])('the house writes %s as %s', (name, written) => {
  expect(houseName(name)).toBe(written);
});

const NOTHING = createStatements();
const OWNED = { ...proposeProvenance(NOTHING, 't'), author: 'A', licenceId: 'CC-BY-4.0', source: 's' };
const rights = (differs: Partial<RightsState> = {}) =>
  checkRights(BUILT_IN_BOOK, {
    provenance: OWNED,
    further: [],
    found: NOTHING,
    confirmed: false,
    hasEvidence: false,
    today: '2026-11-26',
    ...differs,
  });
const marksOf = (differs: Partial<RightsState>): string[] => rights(differs).map((finding) => finding.mark);

test('rights hold with licence, author and source', () => {
  expect(marksOf({})).toEqual(['holds', 'holds', 'holds']);
});

test.each([
  [{ licenceId: 'LicenseRef-unknown' }, ['blocks', 'holds', 'holds']],
  [{ licenceId: 'LicenseRef-all-rights-reserved' }, ['blocks', 'holds', 'holds']],
  [{ licenceId: 'MPL-2.0' }, ['blocks', 'holds', 'holds']],
  [{ author: '' }, ['holds', 'blocks', 'holds']],
  [{ author: '', authorUnknown: true }, ['holds', 'holds', 'holds']],
  [{ source: '' }, ['holds', 'holds', 'blocks']],
  [{ source: '', licenceId: 'LicenseRef-own-work' }, ['holds', 'holds', 'holds']],
  [{ licenceId: 'CC-BY-SA-4.0' }, ['look', 'holds', 'holds']],
  [{ expiresOn: '2026-11-25' as const }, ['holds', 'blocks', 'holds', 'holds']],
  [{ expiresOn: '2027-01-01' as const }, ['holds', 'look', 'holds', 'holds']],
  [{ expiresOn: '2028-01-01' as const }, ['holds', 'holds', 'holds']],
])('with %j rights stand at %j', (change, marks) => {
  expect(marksOf({ provenance: { ...OWNED, ...change } })).toEqual(marks);
});

test('a licence taken after review holds once somebody has looked', () => {
  expect(rights({ provenance: { ...OWNED, licenceId: 'CC-BY-SA-4.0' }, confirmed: true })[0].mark).toBe('holds');
});

test('evidence that says otherwise is shown beside a licence set by hand, with both passages', () => {
  const found = {
    ...NOTHING,
    licences: [
      {
        id: 'CC-BY-NC-4.0',
        confidence: 0.95,
        nearness: 'beside-it' as const,
        evidence: { text: 'the address', passage: 'by-nc/4.0' },
      },
    ],
  };
  const contradiction = rights({ found })[1];
  expect(contradiction).toMatchObject({ mark: 'look', key: 'rights:contradiction:CC-BY-NC-4.0' });
  expect(contradiction.evidence[0].passage).toBe('by-nc/4.0');
});

test('one of several licences to choose from is no contradiction', () => {
  const choice = {
    id: 'LAL-1.3 OR CC-BY-4.0',
    confidence: 0.93,
    nearness: 'in-the-file' as const,
    evidence: { text: '' },
  };
  expect(marksOf({ found: { ...NOTHING, licences: [choice] } })).toEqual(['holds', 'holds', 'holds']);
});

test('maps by another hand stand beside it; without a grant they block', () => {
  const work = {
    id: '1',
    part: 'maps' as const,
    title: '',
    author: 'B',
    authorUnknown: false,
    authorUrl: '' as const,
    licenceId: 'LicenseRef-unknown',
    source: '',
    pageUrl: '' as const,
  };
  expect(rights({ further: [work] })[1]).toMatchObject({ mark: 'blocks', title: 'Its maps: no licence is known' });
});

test('what was taken down blocks and says why; a house that asks for evidence gets it', () => {
  expect(rights({ takenDown: 'Its author asked for it.' })[0]).toMatchObject({ mark: 'blocks', title: 'Taken down' });
  expect(rights({ evidenceRequired: true }).map(({ key }) => key)).toContain('rights:evidence');
  expect(rights({ evidenceRequired: true, hasEvidence: true }).map(({ key }) => key)).not.toContain('rights:evidence');
});
