import Checkbox, { type CheckboxProps } from '@mui/material/Checkbox';
import type { Card } from '@haveld/contract/api/catalogue';

/** Chooses a card, or takes it out. @param isSpan all between it and the one before, where Shift is held */
export type OnToggle = (card: Card, isSpan: boolean) => void;

/** A tick at a card; what is not catalogued cannot be chosen. */
export function ChooseBox({
  card,
  isChosen,
  onToggle,
  sx,
}: {
  card: Card;
  isChosen: boolean;
  /** Null for whoever may do nothing with it. */
  onToggle: OnToggle | null;
  sx?: CheckboxProps['sx'];
}) {
  if (!onToggle || card.state !== 'catalogued') return null;
  return (
    <Checkbox
      size="small"
      checked={isChosen}
      onChange={({ nativeEvent }) => onToggle(card, 'shiftKey' in nativeEvent && nativeEvent.shiftKey === true)}
      slotProps={{ input: { 'aria-label': `Choose ${card.name}` } }}
      sx={sx}
    />
  );
}
