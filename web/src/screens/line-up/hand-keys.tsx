import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import type { LineUpCard } from '@haveld/contract/api/line-up';
import type { CardField } from './line-up-card';
import { useCardActs } from './use-card-acts';

/** A button or a field in focus keeps its own keys. */
const isOnCard = (event: KeyboardEvent): boolean =>
  (event.target as HTMLElement).closest('button, a, input, select') === null;

/** Keys for the card in hand, while no field is open. */
export function HandKeys({
  card,
  onField,
  onCategory,
  onToggle,
}: {
  card: LineUpCard;
  onField: (field: CardField) => void;
  onCategory: () => void;
  onToggle: () => void;
}) {
  const acts = useCardActs(card);
  const navigate = useNavigate();
  const typed = { preventDefault: true };
  useHotkeys('h', () => onField('height'), typed);
  useHotkeys('n', () => onField('name'), typed);
  useHotkeys('g', onCategory, typed);
  useHotkeys('t', () => onField('tags'), typed);
  useHotkeys('o', acts.takeOther, typed);
  useHotkeys('x', () => acts.turn('x', 90), typed);
  useHotkeys('y', () => acts.turn('y', 90), typed);
  useHotkeys('z', () => acts.turn('z', 90), typed);
  useHotkeys('l', acts.leaveMapsOut, typed);
  useHotkeys(['1', '2', '3'], (_, { keys }) => acts.answerFirst(Number(keys?.[0]) - 1), typed);
  useHotkeys('space', (event) => {
    if (!isOnCard(event)) return;
    event.preventDefault();
    onToggle();
  });
  useHotkeys('enter', (event) => {
    if (isOnCard(event)) void navigate(`/bench/${card.id}`);
  });
  return null;
}
