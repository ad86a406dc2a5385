import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { changeMany, undoChange, type Act, type Chosen, type Left } from '@haveld/contract/api/changes';
import type { Category } from '@haveld/contract/category';
import { splitTags, TagsSchema } from '@haveld/contract/tag';
import { isExpression } from '@haveld/core/rights/expression';
import { call } from '../../api/client';
import { actsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { CategorySelect } from '../../parts/category-select';
import { formatCount, formatMoment } from '../../parts/format';
import { LicenceField } from '../../parts/licence-field';
import { Mark } from '../../parts/mark';
import { TryTreatment } from './try-treatment';

/** What was done to how many, and what of it was left. */
export interface Done {
  /** Null where nothing can be undone. */
  actId: string | null;
  sentence: string;
  left: Left[];
}

/** Gives several assets the same; what is left empty stays as it is with each. */
export function ChangeDialog({
  chosen,
  count,
  onClose,
  onDone,
}: {
  chosen: Chosen;
  count: number;
  onClose: () => void;
  onDone: (done: Done) => void;
}) {
  const [category, setCategory] = useState<Category | null>(null);
  const [added, setAdded] = useState('');
  const [removed, setRemoved] = useState('');
  const [author, setAuthor] = useState('');
  const [licenceId, setLicenceId] = useState('');
  const [why, setWhy] = useState('');
  const [addTags, removeTags] = [added, removed].map((text) => TagsSchema.safeParse(splitTags(text)));
  const isRights = author.trim() !== '' || licenceId !== '';
  const isNothing = category === null && added.trim() === '' && removed.trim() === '' && !isRights;
  const isGood = addTags.success && removeTags.success && (licenceId === '' || isExpression(licenceId));
  const change = useChange(
    () =>
      call(changeMany, {
        body: {
          chosen,
          change: {
            category: category ?? undefined,
            addTags: addTags.data,
            removeTags: removeTags.data,
            author: author.trim() || undefined,
            licenceId: licenceId || undefined,
            why: why.trim(),
          },
        },
      }),
    {
      onDone: ({ id, changed, left }) =>
        onDone({
          actId: id,
          sentence:
            changed === 0 ? 'They were so already: nothing is changed.' : `${formatCount(changed, 'asset')} changed.`,
          left,
        }),
    },
  );
  return (
    <Dialog open onClose={onClose} aria-labelledby="change-title" fullWidth maxWidth="sm">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          change.mutate(undefined);
        }}
      >
        <DialogTitle id="change-title" component="h2">
          Change {formatCount(count, 'asset')}
        </DialogTitle>
        <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 2, '&&': { pt: 1 } }}>
          <p className="quiet small" style={{ margin: 0 }}>
            What you leave empty stays as it is with each.
          </p>
          <CategorySelect id="change-category" value={category} onChoose={setCategory} nullLabel="each keeps its own" />
          <div className="change-pair">
            <TagsField id="change-add" label="Add tags" value={added} onChange={setAdded} read={addTags} />
            <TagsField id="change-remove" label="Remove tags" value={removed} onChange={setRemoved} read={removeTags} />
          </div>
          <div className="change-pair">
            <TextField
              id="change-author"
              label="Author"
              value={author}
              onChange={(event) => setAuthor(event.target.value)}
            />
            <LicenceField id="change-licence" value={licenceId} onChange={setLicenceId} />
          </div>
          {isRights && (
            <TextField
              id="change-why"
              label="Reason for the new author or licence"
              value={why}
              onChange={(event) => setWhy(event.target.value)}
              helperText="It stands in the history of each asset. A new licence is looked at anew, and opens the projects that hold it."
            />
          )}
          {chosen.kind === 'assets' && <TryTreatment ids={chosen.ids} />}
          <LatestActs onDone={onDone} />
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2 }}>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained" loading={change.isPending} disabled={isNothing || !isGood}>
            Change {count.toLocaleString('en')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}

function TagsField({
  id,
  label,
  value,
  onChange,
  read,
}: {
  id: string;
  label: string;
  value: string;
  onChange: (text: string) => void;
  read: ReturnType<typeof TagsSchema.safeParse>;
}) {
  return (
    <TextField
      id={id}
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      error={!read.success}
      helperText={read.error?.issues[0].message ?? 'separated by commas'}
    />
  );
}

/** What was done at once lately; one’s own can be undone, and everybody’s by a curator. */
function LatestActs({ onDone }: { onDone: (done: Done) => void }) {
  const acts = useQuery(actsQuery).data ?? [];
  const undo = useUndo(onDone);
  if (acts.length === 0) return null;
  return (
    <section className="change-acts" aria-label="Recent changes">
      <h3>Recent changes</h3>
      <ul className="lines">
        {acts.slice(0, MOST_SHOWN).map((act: Act) => (
          <li key={act.id}>
            <span>
              {act.what}{' '}
              <span className="quiet small">
                {act.personName}, {formatMoment(act.at)}
              </span>
            </span>
            {act.isUndone && <span className="quiet small">undone</span>}
            {act.mayUndo && (
              <Button
                size="small"
                disabled={undo.isPending}
                onClick={() => undo.mutate(act.id)}
                aria-label={`Undo ${act.what}`}
              >
                Undo
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

const MOST_SHOWN = 5;

/** Undoes what was done at once. */
export const useUndo = (onDone: (done: Done) => void) =>
  useChange((id: string) => call(undoChange, { params: { id } }), {
    onDone: ({ changed, left }) =>
      onDone({
        actId: null,
        sentence:
          changed === 0
            ? 'Nothing is as it was left: nothing is undone.'
            : `Undone for ${formatCount(changed, 'asset')}.`,
        left,
      }),
  });

/** What stayed as it is, each with why. */
export function LeftDialog({ left, onClose }: { left: readonly Left[]; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="left-title" fullWidth maxWidth="sm">
      <DialogTitle id="left-title" component="h2">
        {formatCount(left.length, 'asset')} not changed in full
      </DialogTitle>
      <DialogContent>
        <ul className="lines">
          {left.slice(0, MOST_LEFT).map(({ id, name, why }) => (
            <li key={id}>
              <span>
                <Mark mark="look" /> <strong>{name}</strong>: {why}
              </span>
            </li>
          ))}
          {left.length > MOST_LEFT && <li className="quiet">and {left.length - MOST_LEFT} more</li>}
        </ul>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button variant="contained" onClick={onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}

const MOST_LEFT = 12;
