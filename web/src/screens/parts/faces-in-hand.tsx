import Button from '@mui/material/Button';
import type { ChosenFaces } from '@haveld/core/structure/parts/choose-faces';
import { count } from '@haveld/core/text/count';

/** Faces of one part, chosen on the model, and what can be done with them. */
export function FacesInHand({
  name,
  chosen,
  isBoxed,
  isBusy,
  onBox,
  onPart,
  onRemove,
  onLeave,
}: {
  name: string;
  chosen: ChosenFaces | null;
  /** A drag draws a box. */
  isBoxed: boolean;
  isBusy: boolean;
  onBox: () => void;
  onPart: () => void;
  onRemove: () => void;
  onLeave: () => void;
}) {
  const has = chosen !== null && chosen.polygons > 0;
  return (
    <div className="part-hand">
      <h2>Faces of {name || 'the part'}</h2>
      <p className="quiet small">
        {isBoxed
          ? 'Draw a box on the model: what lies wholly within is chosen, what is behind too.'
          : 'Click the model: what hangs together there is chosen, and given up by another click.'}
      </p>
      <p role="status">
        {has
          ? `${count(chosen.polygons, 'polygon')} chosen${chosen.isWhole ? ', all it has' : ''}`
          : 'None is chosen yet.'}
      </p>
      <div className="part-acts">
        <Button size="small" variant="contained" disabled={!has || chosen.isWhole || isBusy} onClick={onPart}>
          Make them a part (Enter)
        </Button>
        <Button size="small" variant="outlined" color="error" disabled={!has || isBusy} onClick={onRemove}>
          Remove them
        </Button>
        <Button size="small" aria-pressed={isBoxed} onClick={onBox}>
          {isBoxed ? 'By a click (x)' : 'By a box (x)'}
        </Button>
        <Button size="small" onClick={onLeave}>
          Leave it (Esc)
        </Button>
      </div>
    </div>
  );
}
