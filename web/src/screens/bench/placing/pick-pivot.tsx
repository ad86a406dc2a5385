import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import type { Sheet } from '@haveld/contract/api/bench';
import type { Box } from '@haveld/contract/report';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import { usePicking, type Point } from '../../../view3d/use-picking';
import { useAnswer } from '../use-answer';

/** The pivot at a corner, an edge or a face that is clicked on the model. */
export function PickPivot({
  sheet,
  treatedBox,
  onAnswered,
}: {
  sheet: Sheet;
  treatedBox: Box | null;
  onAnswered: () => void;
}) {
  const picking = usePicking();
  const answer = useAnswer(sheet.id, onAnswered);
  // the box as it is when the place is clicked, not as it was when it was asked for
  const box = useRef(treatedBox);
  useEffect(() => {
    box.current = treatedBox;
  }, [treatedBox]);
  const take = (picked: Point): void => {
    if (!box.current) return;
    picking.ask(null);
    const point = toShares(picked, box.current);
    answer.mutate({
      key: 'pivot',
      answer: {
        kind: 'own',
        summary: 'pivot picked on the model',
        steps: [{ kind: 'set-pivot', schema: 1, at: 'point', onGround: false, point }],
      },
    });
  };
  return (
    <div className="finding-acts">
      <Button
        size="small"
        variant="outlined"
        loading={answer.isPending}
        onClick={() => (picking.wanted === 'pivot' ? picking.ask(null) : picking.ask('pivot', take))}
      >
        {picking.wanted === 'pivot' ? 'Not now' : 'Pick it on the model'}
      </Button>
    </div>
  );
}

/** Shares of the box: they stay the same wherever the model stands and however large it is. */
function toShares(point: Point, box: Box): Point {
  const size = boxSize(box);
  return point.map((value, axis) => (size[axis] > 0 ? (value - box.min[axis]) / size[axis] : 0)) as Point;
}
