import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { catalogueAsset, confirmGuesses, type Sheet, type SheetFinding } from '@haveld/contract/api/bench';
import { type Category } from '@haveld/contract/category';
import { FINDING_KINDS } from '@haveld/contract/finding-kinds';
import { splitTags, TagsSchema } from '@haveld/contract/tag';
import type { Figures } from '@haveld/contract/report';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { CategorySelect } from '../../parts/category-select';
import { formatThousands } from '../../parts/format';
import { Mark } from '../../parts/mark';
import { useCategories } from '../../parts/use-categories';
import { useHouseRules } from '../../parts/use-house-rules';

/** Name and category, and what still stands in the way. */
export function CatalogueDialog({
  sheet,
  figures: { triangles },
  onClose,
}: {
  sheet: Sheet;
  /** Of the model as it will be. */
  figures: Figures;
  /** @param isDone its version is asked for */
  onClose: (isDone: boolean) => void;
}) {
  const rules = useHouseRules();
  const [name, setName] = useState(sheet.name);
  const tree = useCategories();
  const [category, setCategory] = useState<Category>(sheet.category ?? sheet.proposedCategory.id);
  const [tags, setTags] = useState(sheet.tags.join(', '));
  const read = TagsSchema.safeParse(splitTags(tags));
  const put = useChange(
    () => call(catalogueAsset, { params: { id: sheet.id }, body: { name: name.trim(), category, tags: read.data } }),
    { onDone: () => onClose(true) },
  );
  const blocked = sheet.missing.length > 0;
  const guessed = sheet.findings.filter(({ key }) => sheet.guessed.includes(key));
  const confirm = useChange(() =>
    call(confirmGuesses, {
      params: { id: sheet.id },
      body: { guesses: guessed.map(({ key, choices }) => ({ key, choiceId: choices[0].id })) },
    }),
  );
  return (
    <Dialog open onClose={() => onClose(false)} aria-labelledby="catalogue-title" fullWidth maxWidth="sm">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          put.mutate(undefined);
        }}
      >
        <DialogTitle id="catalogue-title" component="h2">
          {blocked ? 'Not yet' : sheet.state === 'catalogued' ? 'Make a new version' : 'Put it into the catalogue'}
        </DialogTitle>
        <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
          {guessed.length > 0 && (
            <Guesses guessed={guessed} isConfirming={confirm.isPending} onRight={() => confirm.mutate(undefined)} />
          )}
          {blocked ? (
            <ul style={{ margin: 0, padding: 0, listStyle: 'none' }}>
              {sheet.missing.map((sentence) => (
                <li key={sentence} style={{ padding: '4px 0' }}>
                  <Mark mark="blocks" /> {sentence}
                </li>
              ))}
            </ul>
          ) : (
            <>
              <TextField
                id="asset-name"
                label="Name"
                value={name}
                onChange={(event) => setName(event.target.value)}
                required
                autoFocus
                fullWidth
              />
              <CategorySelect
                id="asset-category"
                value={category}
                onChoose={setCategory}
                beside={(one) => (
                  <span className="quiet small">{formatThousands(tree.budgetOf(one, rules.triangles))} triangles</span>
                )}
                helperText={whyCategory(sheet, category, triangles, tree.budgetOf(category, rules.triangles))}
              />
              <TextField
                id="asset-tags"
                label="Tags, separated by commas"
                value={tags}
                onChange={(event) => setTags(event.target.value)}
                error={!read.success}
                helperText={read.error?.issues[0].message ?? sayProposed(sheet)}
                fullWidth
              />
              <p className="quiet small">
                The version is made, checked against the glTF standard, read back and compared. Then it stands in the
                catalogue.
              </p>
            </>
          )}
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2 }}>
          <Button onClick={() => onClose(false)}>{blocked ? 'Back to the bench' : 'Cancel'}</Button>
          {!blocked && (
            <Button
              type="submit"
              variant="contained"
              loading={put.isPending}
              disabled={name.trim() === '' || !read.success}
            >
              {sheet.state === 'catalogued' ? 'Make it' : 'Catalogue it'}
            </Button>
          )}
        </DialogActions>
      </form>
    </Dialog>
  );
}

const sayProposed = ({ proposedTags }: Sheet): string | undefined =>
  proposedTags.length === 0 ? undefined : `Proposed by what it is and its materials: ${proposedTags.join(', ')}.`;

/** What its name says, or that it is too heavy for what it is. */
function whyCategory(sheet: Sheet, category: Category, triangles: number, budget: number): string | undefined {
  if (triangles > budget)
    return `It has ${formatThousands(triangles)} triangles, more than the ${formatThousands(budget)} of its budget.`;
  const { id, word } = sheet.proposedCategory;
  return category === id && word !== null ? `By the word “${word}”.` : undefined;
}

/** What is still in pencil, once: right, or looked at on the bench. */
function Guesses({
  guessed,
  isConfirming,
  onRight,
}: {
  guessed: readonly SheetFinding[];
  isConfirming: boolean;
  onRight: () => void;
}) {
  return (
    <section className="catalogue-guesses" aria-label="Still in pencil">
      <h3>Still in pencil</h3>
      <ul>
        {guessed.map(({ key, kind, choices }) => (
          <li key={key}>
            {FINDING_KINDS[kind].title}: {choices[0].label.split('/').pop()}{' '}
            <span className="quiet">{Math.round(Math.min(0.99, choices[0].confidence) * 100)} %</span>
          </li>
        ))}
      </ul>
      <Button variant="outlined" loading={isConfirming} onClick={onRight}>
        {guessed.length === 1 ? 'This guess is right' : 'These guesses are right'}
      </Button>
    </section>
  );
}
