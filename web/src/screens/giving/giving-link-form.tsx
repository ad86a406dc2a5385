import { zodResolver } from '@hookform/resolvers/zod';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { addDays, formatISO } from 'date-fns';
import { Controller, useForm } from 'react-hook-form';
import { z } from 'zod';
import { makeGivingLink } from '@haveld/contract/api/giving';
import { GIVEN_KIND_WORDS, GIVEN_KINDS } from '@haveld/contract/giving';
import { licenceWords } from '@haveld/core/rights/licence-book';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { LicenceField } from '../../parts/licence-field';
import { useBook } from '../../parts/use-book';

const MB = 1_000_000;

const FormSchema = z.object({
  name: z.string().trim().min(1, 'Contributors read it: what is it for?').max(120),
  words: z.string().trim().max(2000),
  endsOn: z.iso.date('A day, such as 2026-12-24.'),
  mostGifts: z.coerce.number<string>().int().min(1, 'At least one.').max(10_000),
  mostMb: z.coerce.number<string>().int().min(1, 'At least 1 MB.').max(100_000),
  kinds: z.array(z.enum(GIVEN_KINDS)).min(1, 'At least one kind.'),
  licences: z.array(z.string()).min(1, 'At least one licence.').max(12),
});

const inTwoWeeks = (): string => formatISO(addDays(new Date(), 14), { representation: 'date' });

/** What a link asks for, until when, and under which licences. */
export function GivingLinkForm({
  onDone,
  onCancel,
}: {
  onDone: (name: string, token: string) => void;
  onCancel: () => void;
}) {
  const book = useBook();
  const { control, register, handleSubmit, formState } = useForm({
    resolver: zodResolver(FormSchema),
    defaultValues: {
      name: '',
      words: '',
      endsOn: inTwoWeeks(),
      mostGifts: '20',
      mostMb: '500',
      kinds: [...GIVEN_KINDS],
      licences: ['CC-BY-4.0', 'CC0-1.0'],
    },
  });
  const { errors } = formState;
  const make = useChange(async ({ mostMb, ...given }: z.output<typeof FormSchema>) => {
    const { token } = await call(makeGivingLink, { body: { ...given, mostBytes: mostMb * MB } });
    onDone(given.name, token);
  });
  return (
    <form
      className="folder-form"
      aria-label="Make a link"
      noValidate
      onSubmit={(event) => void handleSubmit((given) => make.mutate(given))(event)}
    >
      <h2>A contributor link</h2>
      <TextField
        id="giving-name"
        label="What it is for"
        autoFocus
        fullWidth
        error={!!errors.name}
        helperText={errors.name?.message ?? 'contributors read it at the top of their page'}
        {...register('name')}
      />
      <TextField
        id="giving-words"
        label="Your word to them"
        placeholder="what you look for, and what becomes of it"
        multiline
        minRows={2}
        fullWidth
        sx={{ gridColumn: '1 / -1' }}
        {...register('words')}
      />
      <TextField
        id="giving-ends"
        type="date"
        label="Open until"
        error={!!errors.endsOn}
        helperText={errors.endsOn?.message}
        slotProps={{ inputLabel: { shrink: true } }}
        {...register('endsOn')}
      />
      <TextField
        id="giving-most"
        label="Contributions at most"
        error={!!errors.mostGifts}
        helperText={errors.mostGifts?.message}
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
        {...register('mostGifts')}
      />
      <TextField
        id="giving-mb"
        label="MB per contribution"
        error={!!errors.mostMb}
        helperText={errors.mostMb?.message}
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
        {...register('mostMb')}
      />
      <Controller
        control={control}
        name="kinds"
        render={({ field }) => (
          <fieldset className="giving-kinds">
            <legend>File types</legend>
            {GIVEN_KINDS.map((kind) => (
              <FormControlLabel
                key={kind}
                control={
                  <Checkbox
                    size="small"
                    checked={field.value.includes(kind)}
                    onChange={(event) =>
                      field.onChange(
                        GIVEN_KINDS.filter((one) => (one === kind ? event.target.checked : field.value.includes(one))),
                      )
                    }
                  />
                }
                label={GIVEN_KIND_WORDS[kind]}
              />
            ))}
            {errors.kinds && <p className="says-blocks small">{errors.kinds.message}</p>}
          </fieldset>
        )}
      />
      <Controller
        control={control}
        name="licences"
        render={({ field }) => (
          <fieldset className="giving-licences">
            <legend>Licences offered, preferred first</legend>
            <ol>
              {field.value.map((id, i) => (
                <li key={id}>
                  {licenceWords(book, id, 'name')}{' '}
                  {i > 0 && (
                    <Button
                      size="small"
                      aria-label={`First: ${licenceWords(book, id)}`}
                      onClick={() => field.onChange([id, ...field.value.filter((one) => one !== id)])}
                    >
                      First
                    </Button>
                  )}
                  <Button
                    size="small"
                    aria-label={`Leave out ${licenceWords(book, id)}`}
                    onClick={() => field.onChange(field.value.filter((one) => one !== id))}
                  >
                    Leave out
                  </Button>
                </li>
              ))}
            </ol>
            <LicenceField
              id="giving-licence"
              label="One more licence"
              value=""
              onChange={(id) => {
                if (book.isListed(id) && !field.value.includes(id)) field.onChange([...field.value, id]);
              }}
            />
            {errors.licences && <p className="says-blocks small">{errors.licences.message}</p>}
          </fieldset>
        )}
      />
      <div className="gift-acts">
        <Button type="submit" variant="contained" loading={make.isPending}>
          Make the link
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </form>
  );
}
