import { use } from 'react';
import type { Sheet } from '@haveld/contract/api/bench';
import type { Figures } from '@haveld/contract/report';
import { formatSize, sayInUnits } from '@haveld/core/placement/units';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { useCategories } from '../../parts/use-categories';
import { useHouseRules } from '../../parts/use-house-rules';
import { UnitIsOpen, useMeasures } from '../../parts/use-measures';

const spaced = (n: number): string => n.toLocaleString('en').replaceAll(',', '\u202f');

/** Exact figures of the model as treated, with what they were. */
export function FiguresRow({
  sheet,
  treated,
  hasSize,
  problem,
}: {
  sheet: Sheet;
  treated: Figures | null;
  hasSize: boolean;
  problem: Error | null;
}) {
  const { system, length } = useMeasures();
  const isOpen = use(UnitIsOpen);
  const rules = useHouseRules();
  const tree = useCategories();
  const now = treated ?? sheet.figures;
  const was = sheet.figures;
  const budget = tree.budgetOf(sheet.category ?? sheet.proposedCategory.id, rules.triangles);
  if (problem) {
    return (
      <p className="says-blocks" role="alert" style={{ padding: '8px 20px' }}>
        The treated model cannot be shown: {problem.message}
      </p>
    );
  }
  const foot = now.box ? now.box.min[1] : 0;
  const stands = now.box !== null && Math.abs(foot) < Math.max(...boxSize(now.box)) * 0.005;
  return (
    <dl className="figures">
      <Figure
        name="size"
        value={
          !now.box
            ? 'none'
            : isOpen
              ? sayInUnits(formatSize(boxSize(now.box)))
              : system === 'imperial'
                ? boxSize(now.box).map(length).join(' × ')
                : formatSize(boxSize(now.box))
        }
        note={isOpen ? undefined : !hasSize ? 'not real' : sheet.guessed.includes('size') ? 'in pencil' : undefined}
      />
      <Figure name="ground offset" value={stands ? 'on the ground' : length(foot)} />
      <Figure name="triangles" value={spaced(now.triangles)} note={`of ${budget / 1000} k`} />
      <Figure
        name="materials"
        value={String(now.materials)}
        note={was.materials !== now.materials ? `was ${was.materials}` : undefined}
      />
      <Figure
        name="maps"
        value={String(now.maps)}
        note={
          now.mapsMissing > 0 ? `${now.mapsMissing} missing` : was.maps !== now.maps ? `was ${was.maps}` : undefined
        }
      />
      <Figure
        name="texture memory"
        value={`${(now.cardMemoryBytes / 2 ** 20).toFixed(0)} MiB`}
        note={`of ${rules.mapMemoryBytes / 2 ** 20}`}
      />
      <Figure
        name="texel density"
        value={now.texelDensity === null || !hasSize || isOpen ? '–' : `${Math.round(now.texelDensity)} px/m`}
      />
    </dl>
  );
}

function Figure({ name, value, note }: { name: string; value: string; note?: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd className="mono">
        {value} {note && <span className="quiet">{note}</span>}
      </dd>
    </div>
  );
}
