import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { findTreeFault, OTHER_THINGS, type Category, type CategoryNode } from '@haveld/contract/category';
import type { HouseRules } from '@haveld/contract/house-rules';
import { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { formatThousands } from '../../../parts/format';
import { Rule } from './rule';

/** What things are, as a tree: each category with what belongs there and how heavy a thing of it may be. One line is open at a time. */
export function CategoryRules({ now, onChange }: { now: HouseRules; onChange: (change: Partial<HouseRules>) => void }) {
  const [open, setOpen] = useState<Category | null>(null);
  const tree = new CategoryTree(now.categories);
  const fault = findTreeFault(now.categories);
  const change = (id: Category, to: Partial<CategoryNode>): void =>
    onChange({ categories: now.categories.map((node) => (node.id === id ? { ...node, ...to } : node)) });
  const add = (): void => {
    const node: CategoryNode = { id: freeId(tree), name: 'new category', under: open, words: [] };
    onChange({ categories: [...now.categories, node] });
    setOpen(node.id);
  };
  const remove = ({ id, under }: CategoryNode): void => {
    const { [id]: _budget, ...triangles } = now.triangles;
    const categories = now.categories
      .filter((node) => node.id !== id)
      .map((node) => (node.under === id ? { ...node, under } : node));
    onChange({ categories, triangles });
    setOpen(null);
  };
  return (
    <section>
      <h2>Categories and budgets</h2>
      <Rule rule="categories">
        <ul className="category-lines">
          {tree.listAll().map(({ node, depth }) => (
            <li key={node.id} style={{ paddingLeft: `${depth * 22}px` }}>
              <button
                type="button"
                className="category-line"
                aria-expanded={open === node.id}
                onClick={() => setOpen(open === node.id ? null : node.id)}
              >
                <span>{node.name}</span>
                <span className="quiet small">{sayWords(node.words)}</span>
                <span className="mono quiet small">
                  {formatThousands(tree.budgetOf(node.id, now.triangles))} triangles
                </span>
              </button>
              {open === node.id && (
                <CategoryForm
                  node={node}
                  tree={tree}
                  budget={now.triangles[node.id]}
                  onChange={(to) => change(node.id, to)}
                  onBudget={(budget) => onChange({ triangles: withBudget(now.triangles, node.id, budget) })}
                  onRemove={() => remove(node)}
                />
              )}
            </li>
          ))}
        </ul>
      </Rule>
      {fault !== null && (
        <p className="says-blocks small" role="alert">
          {fault}
        </p>
      )}
      <Button onClick={add}>{open === null ? 'Add a category' : `Add a category below “${tree.nameOf(open)}”`}</Button>
      <Rule rule="triangles">
        <span className="quiet small">
          Each stands in its category; one without a number has that of the wider one.
        </span>
      </Rule>
    </section>
  );
}

function CategoryForm({
  node,
  tree,
  budget,
  onChange,
  onBudget,
  onRemove,
}: {
  node: CategoryNode;
  tree: CategoryTree;
  budget: number | undefined;
  onChange: (to: Partial<CategoryNode>) => void;
  onBudget: (budget: number | null) => void;
  onRemove: () => void;
}) {
  const within = new Set(tree.listWithin(node.id));
  return (
    <div className="category-form">
      <TextField
        id="category-name"
        label="Name"
        value={node.name}
        onChange={(event) => onChange({ name: event.target.value })}
      />
      <TextField
        id="category-under"
        select
        label="Belongs to"
        value={node.under ?? ''}
        onChange={(event) => onChange({ under: event.target.value || null })}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        <MenuItem value="">none, it stands at the top</MenuItem>
        {tree
          .listAll()
          .filter(({ node: other }) => !within.has(other.id))
          .map(({ node: other, depth }) => (
            <MenuItem key={other.id} value={other.id} sx={{ pl: 2 + depth * 2 }}>
              {other.name}
            </MenuItem>
          ))}
      </TextField>
      <TextField
        id="category-budget"
        label="Triangles an asset may have"
        type="number"
        value={budget ?? ''}
        placeholder="as the wider one"
        onChange={(event) => onBudget(event.target.value === '' ? null : Number(event.target.value))}
        slotProps={{ htmlInput: { min: 100 }, inputLabel: { shrink: true } }}
      />
      <TextField
        id="category-words"
        label="What belongs here, separated by commas"
        value={node.words.join(', ')}
        onChange={(event) => onChange({ words: splitWords(event.target.value) })}
        helperText="English words: everything that is a kind of one belongs here too. “plant2” is the second meaning “plant” has in WordNet."
        className="category-words"
      />
      {node.id !== OTHER_THINGS && (
        <Button color="inherit" onClick={onRemove} sx={{ justifySelf: 'start' }}>
          Remove “{node.name}”
        </Button>
      )}
    </div>
  );
}

/** Without the numbers of their meanings, each once. */
const sayWords = (words: readonly string[]): string =>
  [...new Set(words.map((word) => word.replace(/\d$/, '').replaceAll('_', ' ')))].join(', ');

/** As it is typed: what is empty yet stays, so that a comma can be. */
const splitWords = (text: string): string[] =>
  text.trim() === '' ? [] : text.split(',').map((word) => word.trimStart().toLowerCase());

function withBudget(budgets: HouseRules['triangles'], id: Category, budget: number | null): HouseRules['triangles'] {
  const { [id]: _before, ...others } = budgets;
  return budget === null ? others : { ...others, [id]: budget };
}

/** `category-7`: it says nothing, for the name may change. */
function freeId(tree: CategoryTree): Category {
  for (let number = tree.nodes.length + 1; ; number++) if (!tree.has(`category-${number}`)) return `category-${number}`;
}
