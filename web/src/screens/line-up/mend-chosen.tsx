import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { answerMany, type CardFinding, type LineUpCard } from '@haveld/contract/api/line-up';
import { pluralOf } from '@haveld/core/placement/units';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatCount } from '../../parts/format';

/** What all of the chosen may be answered with: the same unit, or that a missing map is left out. */
export function MendChosen({ cards }: { cards: readonly LineUpCard[] }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const ids = cards.map(({ id }) => id);
  const mend = useChange((given: { kind: 'size' | 'map'; choiceId: string | null }) =>
    call(answerMany, { body: { ids, ...given, reason: given.choiceId === null ? 'left out in the line-up' : '' } }),
  );
  const open = cards.flatMap(({ guessed, asked }): CardFinding[] => [...guessed, ...asked]);
  const units = new Map(
    open
      .filter(({ kind }) => kind === 'size')
      .flatMap(({ choices }) => choices.map(({ id, label }) => [id, label] as const)),
  );
  const missing = open.filter(({ kind, mark }) => kind === 'map' && mark === 'blocks').length;
  if (units.size === 0 && missing === 0) return null;
  const take = (given: { kind: 'size' | 'map'; choiceId: string | null }): void => {
    mend.mutate(given);
    setAnchor(null);
  };
  return (
    <>
      <Button variant="outlined" loading={mend.isPending} onClick={(event) => setAnchor(event.currentTarget)}>
        The {cards.length} chosen are …
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {[...units].map(([id, label]) => (
          <MenuItem key={id} onClick={() => take({ kind: 'size', choiceId: id })}>
            {id === 'none' ? 'without a real size' : `in ${pluralOf(label)}`}
          </MenuItem>
        ))}
        {missing > 0 && (
          <MenuItem onClick={() => take({ kind: 'map', choiceId: null })}>
            without {formatCount(missing, 'missing map')}
          </MenuItem>
        )}
      </Menu>
    </>
  );
}
