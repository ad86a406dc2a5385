import './arrival-lines.css';
import { useLayoutEffect, useRef, useState } from 'react';
import type { Arrival } from '@haveld/contract/api/arrivals';
import { foldFiles } from './fold-files';

interface Curve {
  path: string;
  excluded: boolean;
}

/** Lines from files to finds, measured from where they stand. */
export function ArrivalLines({ arrival }: { arrival: Arrival }) {
  const svg = useRef<SVGSVGElement>(null);
  const [curves, setCurves] = useState<Curve[]>([]);
  useLayoutEffect(() => {
    const drawn = svg.current!;
    const row = drawn.parentElement!;
    const measure = (): void => setCurves(computeCurves(arrival, row, drawn));
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(row);
    return () => observer.disconnect();
  }, [arrival]);
  return (
    <svg className="arrival-lines" ref={svg} aria-hidden="true">
      {curves.map((curve) => (
        <path key={curve.path} d={curve.path} className={curve.excluded ? 'excluded' : ''} />
      ))}
    </svg>
  );
}

function computeCurves(arrival: Arrival, row: HTMLElement, svg: SVGSVGElement): Curve[] {
  const frame = svg.getBoundingClientRect();
  const middleOf = (element: Element): number => {
    const { top, height } = element.getBoundingClientRect();
    return top + height / 2 - frame.top;
  };
  const curves: Curve[] = [];
  for (const line of foldFiles(arrival.files, `${arrival.name}/`)) {
    const from = row.querySelector(`[data-line="${CSS.escape(line.key)}"]`);
    if (!from) continue;
    for (const target of listTargets(arrival, line.uses)) {
      const to = row.querySelector(`[data-find="${target}"]`);
      if (!to) continue;
      const [y1, y2] = [middleOf(from), middleOf(to)];
      const width = frame.width;
      curves.push({
        path: `M0 ${y1.toFixed(1)}C${width / 2} ${y1.toFixed(1)} ${width / 2} ${y2.toFixed(1)} ${width} ${y2.toFixed(1)}`,
        excluded: line.files[0].kind !== 'model' && line.uses[0]?.role !== 'map',
      });
    }
  }
  return curves;
}

/** Cards a line leads to: finds, or the kit they are pieces of. */
function listTargets(arrival: Arrival, uses: Arrival['files'][number]['uses']): string[] {
  const kitOf = new Map(arrival.finds.map((find) => [find.id, find.kitId]));
  return [...new Set(uses.map(({ findId }) => kitOf.get(findId) ?? findId))];
}
