import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import type { Category } from '@haveld/contract/category';
import { useCategories } from './use-categories';

/** A narrower category stands a little to the right. */
const INDENT = '\u2003';

/** One category out of the tree of the house. */
export function CategorySelect<T extends Category | null>({
  id,
  value,
  onChoose,
  helperText,
  beside,
  nullLabel,
}: {
  id: string;
  value: T;
  onChoose: (category: T) => void;
  helperText?: ReactNode;
  /** What stands behind a name. */
  beside?: (category: Category) => ReactNode;
  /** What choosing none is called; left out where one has to be chosen. */
  nullLabel?: string;
}) {
  const tree = useCategories();
  return (
    <TextField
      id={id}
      select
      label="Category"
      value={value ?? NONE}
      onChange={({ target }) => onChoose((target.value === NONE ? null : target.value) as T)}
      helperText={helperText}
      fullWidth
      slotProps={{
        select: {
          displayEmpty: nullLabel !== undefined,
          renderValue: (chosen) => (chosen === NONE ? nullLabel : tree.pathOf(chosen as Category)),
        },
      }}
    >
      {nullLabel !== undefined && <MenuItem value={NONE}>{nullLabel}</MenuItem>}
      {value !== null && !tree.has(value) && <MenuItem value={value}>{value}</MenuItem>}
      {tree.listAll().map(({ node, depth }) => (
        <MenuItem key={node.id} value={node.id} sx={{ pl: 2 + depth * 2, gap: 1 }}>
          {node.name} {beside?.(node.id)}
        </MenuItem>
      ))}
    </TextField>
  );
}

const NONE = '';

/** The same as options of a plain list. */
export function CategoryOptions() {
  return useCategories()
    .listAll()
    .map(({ node, depth }) => (
      <option key={node.id} value={node.id}>
        {INDENT.repeat(depth) + node.name}
      </option>
    ));
}
