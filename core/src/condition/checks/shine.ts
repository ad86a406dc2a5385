import type { Finding, Choice } from '@haveld/contract/finding';
import { count } from '../../text/count';
import { guessMatter } from '../../textures/materials/guess-matter';
import type { Examination } from '../examination';
import { makeFinding, isSure } from '../make-finding';

/** A colour map and nothing that says how the surface shines: glTF's defaults make a metal of it. */
export function checkColourOnly({ document, maps, rules }: Examination): Finding[] {
  const groups = new Map<
    string,
    { materials: string[]; isMirror: boolean; choice: Omit<Choice, 'steps'>; factors: object }
  >();
  for (const material of document.getRoot().listMaterials()) {
    const mapped = maps.filter((map) => map.material === material.getName());
    const hasShine = mapped.some(({ slot }) =>
      ['metallicRoughness', 'roughness', 'glossiness', 'metallic', 'specular'].includes(slot),
    );
    if (hasShine || material.getMetallicRoughnessTexture() || material.listExtensions().length > 0) continue;
    const [metallic, roughness] = [material.getMetallicFactor(), material.getRoughnessFactor()];
    const isMirror = roughness < 0.12;
    const isBareMetal = metallic > 0.5;
    if (!isMirror && !isBareMetal) continue;
    const colour = mapped.find(({ slot }) => slot === 'baseColor');
    // figures without any map were given on purpose
    if (!colour) continue;
    const { matter, word } = guessMatter(material.getName(), colour.path ?? colour.reference);
    // what is called metal and shines as one is what it says
    if (matter.id === 'metal' && isBareMetal && !isMirror) continue;
    if (matter.id === 'glass' && isMirror && !isBareMetal) continue;
    const key = matter.id;
    const known = groups.get(key);
    if (known) {
      known.materials.push(material.getName());
      continue;
    }
    groups.set(key, {
      materials: [material.getName()],
      isMirror,
      factors: matter.factors,
      choice: {
        id: matter.id,
        label: word ? `As ${matter.label} shines` : 'A plain, dull surface',
        confidence: word ? 0.9 : 0.82,
        evidence: [
          {
            text: `nothing says how it shines; as it is: metallic ${metallic.toFixed(2)}, roughness ${roughness.toFixed(2)}`,
          },
          ...(word ? [{ text: `“${word}” in its name says ${matter.label}` }] : []),
          { text: describeFactors(matter.factors), figure: matter.source.slice(0, 40) },
        ],
      },
    });
  }
  return [...groups.entries()].map(([id, { materials, isMirror, choice, factors }]) => {
    const names = [...new Set(materials)];
    const taken: Choice = {
      ...choice,
      steps: [
        {
          kind: 'set-material',
          schema: 1,
          materials: names,
          factors,
          label: `as ${id === 'plain' ? 'a plain surface' : id}`,
          without: [],
        },
      ],
    };
    const stay: Choice = {
      id: 'stay',
      label: 'As they came',
      steps: [],
      confidence: 1 - choice.confidence,
      evidence: [],
    };
    return makeFinding({
      kind: 'shine',
      of: id,
      mark: 'look',
      title: `Colour only: ${names.length === 1 ? `“${names[0]}”` : count(names.length, 'material')} would shine like ${isMirror ? 'a mirror' : 'bare metal'}`,
      detail:
        names.length > 1 ? names.slice(0, 8).join(', ') : 'There is no map that says how rough or how metallic it is.',
      evidence: choice.evidence,
      choices: [taken, stay],
      sure: isSure(taken, choice.evidence.length > 2 ? 2 : 1, rules),
    });
  });
}

const describeFactors = ({
  metallic,
  roughness,
  transmission,
}: {
  metallic?: number;
  roughness?: number;
  transmission?: number;
}): string =>
  [
    metallic !== undefined ? `metallic ${metallic}` : '',
    roughness !== undefined ? `roughness ${roughness}` : '',
    transmission !== undefined ? `lets ${transmission * 100} % of light through` : '',
  ]
    .filter((part) => part !== '')
    .join(', ');
