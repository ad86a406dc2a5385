import './rights-form.css';
import { zodResolver } from '@hookform/resolvers/zod';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useEffect, useRef, useState } from 'react';
import { Controller, useForm, type FieldErrors, type UseFormRegister } from 'react-hook-form';
import { Link } from 'react-router';
import { changeProvenance, type Sheet } from '@haveld/contract/api/bench';
import { ProvenanceSchema, type Provenance } from '@haveld/contract/licence';
import { COMMISSIONED } from '@haveld/core/rights/licences/standings';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { useEdit } from '../../api/use-edit';
import { LicenceField } from '../../parts/licence-field';
import { HouseLicence } from './house-licence';
import { ChangeList } from '../rights/asset-rights-panel';
import { WorksList } from '../rights/works-list';

/** Whose is it? Every field can be corrected; who changed what, and why, stands below. */
export function RightsForm({ sheet, takesFocus }: { sheet: Sheet; takesFocus: boolean }) {
  const form = useRef<HTMLFormElement>(null);
  // whoever asked for the form goes on inside it: what they pressed is gone
  useEffect(() => {
    if (takesFocus) form.current?.focus();
  }, [takesFocus]);
  const { register, control, handleSubmit, formState, reset, watch } = useForm({
    resolver: zodResolver(ProvenanceSchema),
    values: sheet.provenance,
    // what is being typed stays, whatever others change meanwhile
    resetOptions: { keepDirtyValues: true },
  });
  const { toSend, tell } = useEdit(sheet.provenance, formState.isDirty);
  const [why, setWhy] = useState('');
  const save = useChange(
    (wanted: Provenance) => {
      const { seen, ...change } = toSend(wanted);
      return call(changeProvenance, { params: { id: sheet.id }, body: { change, seen, why } });
    },
    {
      onDone: (next) => {
        reset(next.provenance, { keepDirtyValues: false });
        setWhy('');
      },
      onOvertaken: tell,
    },
  );
  return (
    <>
      <form
        ref={form}
        tabIndex={-1}
        aria-label="Whose it is"
        className="rights-form"
        onSubmit={(event) => void handleSubmit((body) => save.mutate(body))(event)}
        noValidate
      >
        <Controller
          name="licenceId"
          control={control}
          render={({ field }) => (
            <div className="licence-and-own">
              <LicenceField id="licence" value={field.value} onChange={field.onChange} />
              <HouseLicence sheet={sheet} onSaved={field.onChange} />
            </div>
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
              label="unknown"
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
        <MoreFields register={register} errors={formState.errors} commissioned={watch('licenceId') === COMMISSIONED} />
        {formState.isDirty && (
          <TextField
            id="why"
            className="wide"
            label="Why"
            placeholder="she answered by mail; the page says so"
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
        )}
        <div className="finding-acts wide">
          <Button type="submit" variant="contained" disabled={!formState.isDirty} loading={save.isPending}>
            Save
          </Button>
          {formState.isDirty && <Button onClick={() => reset()}>Cancel</Button>}
          <Button component={Link} to={`/rights?asset=${sheet.id}`}>
            Evidence, letter, projects
          </Button>
        </div>
      </form>
      <WorksList rights={sheet} />
      <ChangeList changes={sheet.changes} />
    </>
  );
}

/** What a ledger asks for and a hurried person leaves out: folded until it is wanted, or needed. */
function MoreFields({
  register,
  errors,
  commissioned,
}: {
  register: UseFormRegister<Provenance>;
  errors: FieldErrors<Provenance>;
  commissioned: boolean;
}) {
  return (
    <details className="wide more-fields" open={commissioned || undefined}>
      <summary>Day, price, limits, agreement</summary>
      <div className="rights-form">
        <TextField
          id="author-url"
          label="The author’s page"
          placeholder="https://…"
          error={!!errors.authorUrl}
          helperText={errors.authorUrl && 'This is no web address.'}
          {...register('authorUrl')}
        />
        <TextField id="stated-grant" label="The grant as stated that day" {...register('statedGrant')} />
        <TextField
          id="acquired-on"
          label="Acquired on"
          type="date"
          slotProps={{ inputLabel: { shrink: true } }}
          {...register('acquiredOn')}
        />
        <TextField id="acquired-by" label="by" {...register('acquiredBy')} />
        <TextField id="price" label="Price" placeholder="12.00 EUR, free" {...register('price')} />
        <TextField id="receipt" label="Receipt" {...register('receipt')} />
        <TextField
          id="expires"
          label="The grant ends on"
          type="date"
          slotProps={{ inputLabel: { shrink: true } }}
          {...register('expiresOn')}
        />
        <TextField
          id="seats"
          label="People at most"
          type="number"
          error={!!errors.seats}
          {...register('seats', {
            setValueAs: (value: string | number | null) => (value === '' || value === null ? null : Number(value)),
          })}
        />
        <TextField id="territory" label="Only in" {...register('territory')} />
        <TextField id="client" label="Client" {...register('client')} />
        <TextField id="agreement" label="Agreement" {...register('agreement')} />
        <TextField
          id="claims"
          label="What else the page says"
          placeholder="height 78 cm; 4 200 triangles"
          {...register('claims')}
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
      </div>
    </details>
  );
}
