import type { Choice, Finding } from '@haveld/contract/finding';
import type { MapLine } from '@haveld/contract/report';
import { locateReference } from '../../textures/locate';
import { detectRoleByName, fileStem, splitName } from '../../textures/role-by-name';
import { SLOTS } from '../../textures/slots';
import type { ArrivalPicture } from '../../textures/map-lines';
import type { SourceHabit } from '../../finds/habits';
import type { Examination } from '../examination';
import { count } from '../../text/count';
import { isSure, makeFinding } from '../make-finding';

/** Maps that are where they should be, elsewhere, or nowhere; and pictures that nobody asked for. */
export function checkMaps(examination: Examination): Finding[] {
  const { maps, document } = examination;
  const here = maps.filter((map) => map.status === 'found' || map.status === 'embedded');
  const open = maps.filter(
    (map) => map.status === 'elsewhere' || map.status === 'missing' || map.status === 'unreadable',
  );
  const findings: Finding[] = [];
  const taken = new Set<string>();
  for (const map of open) findings.push(checkOpenMap(map, examination, taken));
  findings.push(...offerUnreferenced(examination, taken));
  if (maps.length === 0 && findings.length === 0) {
    const materials = document.getRoot().listMaterials().length;
    findings.push(
      makeFinding({
        key: 'maps',
        heading: 'textures',
        mark: 'holds',
        title: `No maps: ${count(materials, 'plain material')}`,
      }),
    );
  } else if (here.length > 0) {
    const files = new Set(here.map((map) => map.sha256 ?? map.reference)).size;
    findings.unshift(
      makeFinding({
        key: 'maps',
        heading: 'textures',
        mark: 'holds',
        title: `${here.length} of ${count(maps.length, 'map')} found`,
        detail: here.every((map) => map.status === 'embedded') ? 'embedded in the file' : count(files, 'file'),
        evidence: here.map((map) => ({
          text: `${map.material}: ${SLOTS[map.slot].words}, ${map.colourSpace === 'srgb' ? 'sRGB' : 'linear'}`,
          figure: map.path?.split('/').pop() ?? map.reference,
        })),
      }),
    );
  }
  return findings;
}

function relink(
  map: Pick<MapLine, 'material' | 'slot'>,
  picture: Pick<ArrivalPicture, 'path' | 'sha256'>,
): Choice['steps'] {
  return [
    {
      kind: 'relink-map',
      schema: 1,
      material: map.material,
      slot: map.slot,
      sha256: picture.sha256,
      path: picture.path,
    },
  ];
}

function checkOpenMap(map: MapLine, { unreferenced: pictures, habit }: Examination, taken: Set<string>): Finding {
  const key = `map:${map.material}:${map.slot}`;
  const found =
    map.sha256 && map.path ? [{ path: map.path, sha256: map.sha256, width: map.width, height: map.height }] : [];
  const choices: Choice[] = [];
  for (const location of locateReference(
    map.reference,
    '',
    [...found, ...pictures].map((picture) => picture.path),
  )) {
    const picture = [...found, ...pictures].find((candidate) => candidate.path === location.path)!;
    if (choices.some((choice) => choice.id === picture.sha256)) continue;
    choices.push({
      id: picture.sha256,
      label: picture.path,
      steps: relink(map, picture),
      confidence: Math.min(location.confidence, 0.97),
      evidence: location.reasons.map((text) => ({ text })),
    });
  }
  if (choices.length === 0) choices.push(...guessByName(map, pictures, habit));
  choices.forEach((choice) => taken.add(choice.id));
  const name = map.reference.split(/[\\/]/).pop() ?? map.reference;
  const words = SLOTS[map.slot].words;
  if (choices.length === 0) {
    return makeFinding({
      key,
      heading: 'textures',
      mark: 'blocks',
      title: `1 map did not arrive: ${name}`,
      detail: `“${map.material}” names it as its ${words} map. It stays unconnected; set this aside to go on without it.`,
      evidence: [{ text: 'as the file writes it', figure: map.reference }],
    });
  }
  return makeFinding({
    key,
    heading: 'textures',
    mark: 'blocks',
    title: `${name} is not where the file says`,
    detail: `“${map.material}” names it as its ${words} map (${SLOTS[map.slot].colourSpace === 'srgb' ? 'sRGB' : 'linear'}).`,
    evidence: [{ text: 'as the file writes it', figure: map.reference }, ...choices[0].evidence],
    choices,
    sure: isSure(choices[0], choices[0].evidence.length),
  });
}

/** A renamed map: same role by its name, and words in common with the material or the reference. */
function guessByName(map: MapLine, pictures: readonly ArrivalPicture[], { roles }: SourceHabit): Choice[] {
  const wanted = new Set([...splitName(fileStem(map.reference)), ...splitName(map.material)]);
  return pictures.flatMap((picture): Choice[] => {
    const named = detectRoleByName(picture.path, roles);
    const shared = (named?.subject ?? splitName(fileStem(picture.path))).filter(
      (word) => word.length > 2 && wanted.has(word),
    );
    const sameRole = named?.slot === map.slot;
    if (shared.length === 0 || (named && !sameRole)) return [];
    const evidence = [
      { text: `the name shares “${shared.join(' ')}”` },
      ...(named && sameRole ? [{ text: named.evidence }] : []),
    ];
    return [
      {
        id: picture.sha256,
        label: picture.path,
        steps: relink(map, picture),
        confidence: sameRole ? 0.78 : 0.55,
        evidence,
      },
    ];
  });
}

/** Pictures nobody references, offered for the slot their name says: to the material whose name they share, or to the only one. */
function offerUnreferenced({ document, unreferenced, maps, habit }: Examination, taken: Set<string>): Finding[] {
  const materials = document.getRoot().listMaterials();
  const rest = unreferenced.filter((picture) => !taken.has(picture.sha256));
  const findings: Finding[] = [];
  const left: ArrivalPicture[] = [];
  for (const picture of rest) {
    const named = detectRoleByName(picture.path, habit.roles);
    const free = named
      ? materials.filter(
          (material) => !maps.some((map) => map.material === material.getName() && map.slot === named.slot),
        )
      : [];
    const fitting = free.filter((material) =>
      splitName(material.getName()).some((word) => word.length > 2 && named?.subject.includes(word)),
    );
    const candidates = fitting.length > 0 ? fitting : free.length === 1 && materials.length === 1 ? free : [];
    const [material] = candidates;
    if (
      !named ||
      !material ||
      named.slot === 'bump' ||
      named.slot === 'specular' ||
      findings.some((finding) => finding.key === `offer:${material.getName()}:${named.slot}`)
    ) {
      left.push(picture);
      continue;
    }
    const evidence = [
      { text: named.evidence },
      { text: fitting.length > 0 ? `the name shares a word with “${material.getName()}”` : 'it is the only material' },
    ];
    const confidence = fitting.length === 1 ? 0.92 : 0.8;
    const choice: Choice = {
      id: picture.sha256,
      label: picture.path,
      steps: relink({ material: material.getName(), slot: named.slot }, picture),
      confidence,
      evidence,
    };
    findings.push(
      makeFinding({
        key: `offer:${material.getName()}:${named.slot}`,
        heading: 'textures',
        mark: 'look',
        title: `${fileStem(picture.path)} fits “${material.getName()}”`,
        detail: `No material names this picture; its name says ${SLOTS[named.slot].words}.`,
        evidence,
        choices: [choice],
        sure: isSure(choice, evidence.length),
      }),
    );
  }
  if (left.length > 0) {
    findings.push(
      makeFinding({
        key: 'maps-unused',
        heading: 'textures',
        mark: 'holds',
        title: `${count(left.length, 'picture')} no material uses`,
        evidence: left.slice(0, 12).map((picture) => ({
          text: picture.path,
          figure: picture.width ? `${picture.width} × ${picture.height}` : undefined,
        })),
      }),
    );
  }
  return findings;
}
