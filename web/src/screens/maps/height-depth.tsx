import './height-depth.css';
import Slider from '@mui/material/Slider';
import { useState } from 'react';
import type { Sheet, SheetFinding } from '@haveld/contract/api/bench';
import type { Step, StepOf } from '@haveld/contract/step';
import { useOwnSteps } from './use-own-steps';

/** How far from the depth proposed one may go, in powers of ten. */
const REACH = 1.3;

interface Heights {
  finding: SheetFinding;
  /** What making normals takes, as proposed. */
  steps: Step[];
  proposed: StepOf<'height-to-normal'>;
}

const isHeights = (step: Step): step is StepOf<'height-to-normal'> => step.kind === 'height-to-normal';

/** How deep the heights of a material are: seen on the model as the slider is let go. Nothing where it has none. */
export function HeightDepth({ material, sheet }: { material: string; sheet: Sheet }) {
  const heights = findHeights(material, sheet);
  return heights && <DepthSlider key={material} {...heights} sheet={sheet} />;
}

function findHeights(material: string, { findings }: Sheet): Heights | null {
  for (const finding of findings)
    for (const { steps } of finding.choices) {
      const proposed = steps.find(isHeights);
      if (proposed?.material === material) return { finding, steps, proposed };
    }
  return null;
}

function DepthSlider({ finding, steps, proposed, sheet }: Heights & { sheet: Sheet }) {
  const own = useOwnSteps(sheet.id);
  const taken = sheet.steps.find(
    ({ step, enabled }) => enabled && isHeights(step) && step.material === proposed.material,
  );
  const depth = taken && isHeights(taken.step) ? taken.step.depthMm : proposed.depthMm;
  const [moved, setMoved] = useState<number | null>(null);
  const power = moved ?? Math.log10(depth / proposed.depthMm);
  const toDepth = (value: number): number => Number((proposed.depthMm * 10 ** value).toPrecision(2));
  return (
    <div className="height-depth">
      <span id="height-depth" className="small">
        Depth <span className="mono">{toDepth(power)} mm</span>
      </span>
      <Slider
        aria-labelledby="height-depth"
        size="small"
        min={-REACH}
        max={REACH}
        step={0.05}
        marks={[{ value: 0, label: 'as proposed' }]}
        value={power}
        getAriaValueText={(value) => `${toDepth(value)} mm`}
        onChange={(_, value) => setMoved(value)}
        onChangeCommitted={(_, value) => {
          const depthMm = toDepth(value);
          own.mutate({
            about: `${proposed.material}:height`,
            summary: `normals of it, ${depthMm} mm deep`,
            steps: steps.map((step) => (isHeights(step) ? { ...step, depthMm } : step)),
            finding,
          });
        }}
      />
    </div>
  );
}
