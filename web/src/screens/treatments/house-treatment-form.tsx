import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { saveHouseTreatment } from '@haveld/contract/api/house-treatments';
import { HouseTreatmentSchema, type HouseTreatment } from '@haveld/contract/house-treatment';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { createDraft, readDraft, type RuleDraft } from './rule-draft';
import { RuleRow } from './rule-row';

/** A house treatment in the making: its name, and what it does in which order. */
export function HouseTreatmentForm({
  id,
  number,
  treatment,
  onDone,
}: {
  id: string;
  /** As it was when it was opened; left out for a new one. */
  number?: number;
  treatment: HouseTreatment;
  onDone: () => void;
}) {
  const [name, setName] = useState(treatment.name);
  const [drafts, setDrafts] = useState(() => treatment.rules.map(createDraft));
  const [isTold, setTold] = useState(false);
  const save = useChange(
    (wanted: HouseTreatment) => call(saveHouseTreatment, { params: { id }, body: { ...wanted, seen: number } }),
    { onDone },
  );
  const rules = drafts.map(readDraft);
  const parsed = HouseTreatmentSchema.safeParse({ name, rules });
  const put = (at: number, draft: RuleDraft): void => setDrafts(drafts.map((one, i) => (i === at ? draft : one)));
  const move = (at: number, by: number): void => {
    const next = [...drafts];
    [next[at], next[at + by]] = [next[at + by], next[at]];
    setDrafts(next);
  };
  return (
    <form
      className="sheet treatment-form"
      aria-label="A house treatment"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (parsed.success) save.mutate(parsed.data);
        else setTold(true);
      }}
    >
      <TextField
        id="treatment-name"
        label="Name"
        value={name}
        autoFocus
        error={isTold && name.trim() === ''}
        helperText={isTold && name.trim() === '' ? 'It needs a name.' : undefined}
        onChange={(event) => setName(event.target.value)}
        sx={{ maxWidth: 420 }}
      />
      <ol className="treatment-rules">
        {drafts.map((draft, i) => (
          <li key={draft.id}>
            <RuleRow
              draft={draft}
              ordinal={i + 1}
              problem={isTold && rules[i] === null ? 'Say which parts, or how far.' : null}
              onChange={(next) => put(i, next)}
              onUp={i > 0 ? () => move(i, -1) : null}
              onDown={i + 1 < drafts.length ? () => move(i, 1) : null}
              onRemove={drafts.length > 1 ? () => setDrafts(drafts.filter((_, k) => k !== i)) : null}
            />
          </li>
        ))}
      </ol>
      <div className="treatment-form-acts">
        <Button onClick={() => setDrafts([...drafts, createDraft({ do: 'mend', what: 'cracks' })])}>Add a step</Button>
        <span className="grow" />
        <Button onClick={onDone}>Cancel</Button>
        <Button type="submit" variant="contained" loading={save.isPending}>
          Save
        </Button>
      </div>
    </form>
  );
}
