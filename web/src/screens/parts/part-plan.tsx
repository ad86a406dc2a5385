import './part-plan.css';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, type MouseEvent } from 'react';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import { formatCount } from '@haveld/core/text/count';
import { useMeasures } from '../../parts/use-measures';
import type { ShownPicture } from '../../view3d/treat.worker';
import { usePartPictures, type TreatedModel } from '../../view3d/use-part-sheet';
import type { PlanRow } from './arrange-rows';
import { KIND_WORDS, ODDITY_WORDS } from './part-words';

export const ROW_PX = 46;

export interface PartPlanProps {
  model: TreatedModel;
  plan: readonly PlanRow[];
  at: string | null;
  chosen: ReadonlySet<string>;
  hidden: ReadonlySet<string>;
  onChoose: (row: PlanRow, event: MouseEvent) => void;
  onFold: (id: string) => void;
}

const NO_PICTURES: ReadonlyMap<string, ShownPicture> = new Map();

/** Every part a line: its picture, its name, what it is made of, how heavy and how large it is, and how it hangs. */
export function PartPlan({ model, plan, at, chosen, hidden, onChoose, onFold }: PartPlanProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const list = useVirtualizer({
    count: plan.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 4,
  });
  const items = list.getVirtualItems();
  const seen = items.map(({ index }) => plan[index].row.id).join('\n');
  const ids = useMemo(() => (seen === '' ? [] : seen.split('\n')), [seen]);
  const pictures = usePartPictures(model, ids).data ?? NO_PICTURES;
  const place = plan.findIndex(({ row }) => row.id === at);
  useEffect(() => {
    if (place >= 0) list.scrollToIndex(place, { align: 'auto' });
  }, [place, list]);
  return (
    <div
      className="part-plan"
      ref={scroller}
      role="grid"
      aria-label="Parts of the model"
      aria-multiselectable="true"
      aria-rowcount={plan.length + 1}
      tabIndex={0}
    >
      <div className="part-line part-heads" role="row">
        <span role="columnheader">
          <span className="visually-hidden">Picture</span>
        </span>
        <span role="columnheader">Part</span>
        <span role="columnheader">Made of</span>
        <span role="columnheader" className="figure">
          Triangles
        </span>
        <span role="columnheader" className="figure">
          Size
        </span>
      </div>
      <div role="rowgroup" style={{ height: list.getTotalSize(), position: 'relative' }}>
        {items.map(({ index, start }) => {
          const planned = plan[index];
          return (
            <PartLine
              key={planned.row.id}
              planned={planned}
              index={index}
              top={start}
              picture={pictures.get(planned.row.id)}
              isAt={planned.row.id === at}
              isChosen={chosen.has(planned.row.id)}
              isHidden={hidden.has(planned.row.id)}
              onChoose={onChoose}
              onFold={onFold}
            />
          );
        })}
      </div>
    </div>
  );
}

function PartLine({
  planned,
  index,
  top,
  picture,
  isAt,
  isChosen,
  isHidden,
  onChoose,
  onFold,
}: {
  planned: PlanRow;
  index: number;
  top: number;
  picture: ShownPicture | undefined;
  isAt: boolean;
  isChosen: boolean;
  isHidden: boolean;
  onChoose: PartPlanProps['onChoose'];
  onFold: PartPlanProps['onFold'];
}) {
  const { row, level, below, isFolded } = planned;
  const { length } = useMeasures();
  const drag = useDraggable({ id: row.id, data: { row } });
  const drop = useDroppable({ id: row.id, data: { row } });
  const states = [
    'part-line',
    isAt ? 'at' : '',
    isChosen ? 'chosen' : '',
    isHidden ? 'hidden' : '',
    drop.isOver && !drag.isDragging ? 'over' : '',
    drag.isDragging ? 'drawn' : '',
  ];
  return (
    <div
      ref={(element) => {
        drag.setNodeRef(element);
        drop.setNodeRef(element);
      }}
      role="row"
      aria-selected={isChosen}
      aria-rowindex={index + 2}
      className={states.join(' ')}
      style={{ top, height: ROW_PX }}
      onClick={(event) => onChoose(planned, event)}
      {...drag.listeners}
    >
      <span className="part-picture" role="gridcell">
        {picture && <img src={picture.url} alt="" width={44} height={33} draggable={false} />}
      </span>
      <span className="part-name" role="rowheader" style={{ paddingLeft: Math.min(level, 12) * 14 }}>
        {level > 0 && <span className="part-plumb" aria-hidden="true" style={{ left: Math.min(level, 12) * 14 - 9 }} />}
        {below > 0 && (
          <button
            type="button"
            className="part-fold"
            aria-label={`${isFolded ? 'unfold' : 'fold'} ${row.name || 'unnamed'}`}
            tabIndex={-1}
            onClick={(event) => {
              event.stopPropagation();
              onFold(row.id);
            }}
          >
            {isFolded ? `+${formatCount(below)}` : '−'}
          </button>
        )}
        <span className="part-words">
          <strong className={row.name ? '' : 'quiet'}>{row.name || 'unnamed'}</strong>
          <Remarks row={row} />
        </span>
      </span>
      <span className="part-materials quiet small" role="gridcell">
        {row.materials.join(', ') || KIND_WORDS[row.kind]}
      </span>
      <span className="figure mono small" role="gridcell">
        {row.triangles > 0 ? formatCount(row.triangles) : ''}
      </span>
      <span className="figure mono small" role="gridcell">
        {row.size ? length(Math.max(...row.size)) : ''}
      </span>
    </div>
  );
}

function Remarks({ row }: { row: PartRow }) {
  const words = [
    row.instances > 1 ? `one of ${formatCount(row.instances)} alike` : null,
    row.isMoved ? 'moved by a clip or a skin' : null,
    ...(row.calledBefore === null ? [] : [`came as “${row.calledBefore}”`]),
    ...row.oddities.map((oddity) => ODDITY_WORDS[oddity]),
  ].filter((word) => word !== null);
  if (words.length === 0) return null;
  return <span className={row.oddities.length > 0 ? 'says-look small' : 'quiet small'}>{words.join(' · ')}</span>;
}
