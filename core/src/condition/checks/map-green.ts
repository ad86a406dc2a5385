import type { Finding } from '@haveld/contract/finding';
import { count } from '../../text/count';
import { isShown } from '../../textures/texture-reference';
import type { Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** Normal maps whose green points down: lit from above they look lit from below. One finding a picture. */
export function checkGreen({ references, facts, rules }: Examination): Finding[] {
  const byPicture = new Map<string, { materials: string[]; name: string; says: 'up' | 'down' | null }>();
  for (const { line: map, picture } of references.filter(isShown)) {
    const { sha256, path, role: judged } = picture;
    if (map.slot !== 'normal') continue;
    const known = byPicture.get(sha256);
    if (known) known.materials.push(map.material);
    else byPicture.set(sha256, { materials: [map.material], name: path.split('/').pop()!, says: judged.green });
  }
  return [...byPicture].flatMap(([sha256, { materials, name, says }]) => {
    const green = facts.get(sha256)?.green ?? null;
    const points = green?.green ?? says;
    if (points !== 'down' && !(green?.green === 'up' && says === 'down')) return [];
    const contradicts = green?.green != null && says !== null && green.green !== says;
    const evidence = [
      ...(green?.green
        ? [
            {
              text: `its slopes fit a surface with green ${green.green}: fit ${Math.abs(green.fit).toFixed(2)} of 1`,
              figure: `${Math.abs(green.margin).toFixed(0)} standard errors`,
            },
          ]
        : [{ text: 'its slopes do not tell: it is flat, or no surface' }]),
      ...(says ? [{ text: `its name says green points ${says}` }] : []),
      { text: 'glTF wants green up (2.0, 3.9.3)' },
    ];
    const confidence = contradicts ? 0.6 : green?.green ? (says ? 0.99 : 0.96) : 0.85;
    const flip = {
      id: 'flip',
      label: 'Flip its green channel',
      steps: [
        {
          kind: 'change-map' as const,
          schema: 1 as const,
          materials: [...new Set(materials)],
          slot: 'normal' as const,
          change: 'flip-green' as const,
        },
      ],
      confidence: points === 'down' ? confidence : 1 - confidence,
      evidence,
    };
    const stay = { id: 'stay', label: 'Leave it as it is', steps: [], confidence: 1 - flip.confidence, evidence: [] };
    return [
      makeFinding({
        kind: 'green',
        of: sha256.slice(0, 16),
        about: { sha256 },
        mark: 'look',
        title: contradicts
          ? `${name}: its name and its picture say different things of green`
          : `${name} has its green pointing down`,
        detail: `Raised details look sunken, and sunken ones raised, on ${count(new Set(materials).size, 'material')}.`,
        evidence,
        choices: flip.confidence >= stay.confidence ? [flip, stay] : [stay, flip],
        // a measurement against what glTF asks for: two evidences of different kinds
        sure: !contradicts && green?.green === 'down' && isSure(flip, 2, rules),
      }),
    ];
  });
}
