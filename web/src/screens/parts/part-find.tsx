import Button from '@mui/material/Button';
import type { Ref } from 'react';
import { count } from '@haveld/core/text/count';
import { ORDERS, type Order } from './arrange-rows';

/** Finds parts by a word or a pattern, and orders them; Enter chooses all that are found. */
export function PartFind({
  ref,
  words,
  order,
  shown,
  all,
  isBorrowing,
  onBorrow,
  onWords,
  onOrder,
  onEnter,
}: {
  ref: Ref<HTMLInputElement>;
  words: string;
  order: Order;
  shown: number;
  all: number;
  isBorrowing: boolean;
  onBorrow: () => void;
  onWords: (words: string) => void;
  onOrder: (order: Order) => void;
  onEnter: () => void;
}) {
  return (
    <div className="part-find">
      <input
        ref={ref}
        type="search"
        aria-label="Find parts by name or material"
        placeholder="name or material, screw*  (s)"
        value={words}
        onChange={(event) => onWords(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          onEnter();
          event.currentTarget.blur();
        }}
      />
      <label>
        <span className="quiet small">in order </span>
        <select value={order} onChange={(event) => onOrder(event.target.value as Order)}>
          {ORDERS.map(({ id, label }) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <Button size="small" aria-pressed={isBorrowing} aria-keyshortcuts="Shift+L" onClick={onBorrow}>
        Borrow a part (Shift L)
      </Button>
      <span className="grow" />
      <span className="quiet small" role="status">
        {words || order === 'odd' ? `${shown} of ` : ''}
        {count(all, 'part')}
      </span>
    </div>
  );
}
