import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import { changeProvenance, type Sheet } from '@haveld/contract/bench';
import { ProvenanceSchema, type Provenance } from '@haveld/contract/licence';
import { LICENCES } from '@haveld/core/rights/licences';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { formatMoment } from '../../parts/format';
import { fieldWords, valueWords } from '../../parts/provenance-words';

/** Whose is it? Every field can be corrected; who changed what stands below. */
export function RightsForm({ sheet }: { sheet: Sheet }) {
  const { register, control, handleSubmit, formState, reset } = useForm({
    resolver: zodResolver(ProvenanceSchema),
    values: sheet.provenance,
  });
  const save = useChange((body: Provenance) => call(changeProvenance, { params: { id: sheet.id }, body }), {
    onDone: (next) => reset(next.provenance),
  });
  return (
    <form
      className="rights-form"
      onSubmit={(event) => void handleSubmit((body) => save.mutate(body))(event)}
      noValidate
    >
      <Controller
        name="licenceId"
        control={control}
        render={({ field }) => (
          <TextField id="licence" select label="Licence" className="wide" {...field}>
            {LICENCES.map((terms) => (
              <MenuItem key={terms.id} value={terms.id}>
                {terms.name}
              </MenuItem>
            ))}
          </TextField>
        )}
      />
      <TextField id="author" label="Author" {...register('author')} />
      <Controller
        name="authorUnknown"
        control={control}
        render={({ field }) => (
          <FormControlLabel
            sx={{ alignSelf: 'end', m: 0 }}
            control={<Checkbox checked={field.value} onChange={(event) => field.onChange(event.target.checked)} />}
            label="nobody knows"
          />
        )}
      />
      <TextField id="title" label="Title as published" {...register('title')} />
      <TextField id="source" label="Source" placeholder="a site, a person" {...register('source')} />
      <TextField
        id="page"
        label="Its page"
        className="wide"
        placeholder="https://…"
        error={!!formState.errors.pageUrl}
        helperText={formState.errors.pageUrl && 'This is no web address.'}
        {...register('pageUrl')}
      />
      <TextField
        id="page-text"
        label="Words of that page, kept as evidence"
        className="wide"
        multiline
        minRows={2}
        maxRows={6}
        {...register('pageText')}
      />
      <div className="finding-acts wide">
        <Button type="submit" variant="contained" disabled={!formState.isDirty} loading={save.isPending}>
          Keep it
        </Button>
        {formState.isDirty && <Button onClick={() => reset()}>As it was</Button>}
      </div>
      {sheet.changes.length > 0 && (
        <details className="wide small">
          <summary>What was said when ({sheet.changes.length})</summary>
          <ul className="evidence">
            {sheet.changes.map((change, i) => (
              <li key={i}>
                <span>
                  <span className="mono quiet">{formatMoment(change.at)}</span> {fieldWords(change.field)}:{' '}
                  {change.before ? `${valueWords(change.before)} → ` : ''}
                  {valueWords(change.after)}
                </span>
                <span className="quiet">{change.personName}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </form>
  );
}
