import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Controller, useFieldArray, useForm } from 'react-hook-form';
import {
  NamingHabitSchema,
  saveHabit,
  tryHabit,
  WORD_MEANINGS,
  type NamingHabit,
  type Trial,
} from '@haveld/contract/api/habits';
import { call } from '../../api/client';
import { houseTreatmentsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';
import { useEdit } from '../../api/use-edit';
import { formatCount } from '../../parts/format';
import { roleWords } from '../../parts/role-words';

const EXAMPLE = 'crate.fbx\ncrate_low.fbx\ncrate_col.png\ncrate_nrm.png';

/** What can be changed of it, without who kept it when. */
const pickHabit = ({
  appliesBy,
  pattern,
  words,
  unit,
  up,
  front,
  twoSidedFoliage,
  houseTreatmentId,
}: NamingHabit): NamingHabit => ({
  appliesBy,
  pattern,
  words,
  unit,
  up,
  front,
  twoSidedFoliage,
  houseTreatmentId,
});

/** A habit in the making: its words, and a list of file names to try it on before it is kept. */
export function HabitForm({ id, habit, onDone }: { id: string; habit: NamingHabit; onDone: () => void }) {
  const { control, register, handleSubmit, getValues } = useForm<NamingHabit>({ defaultValues: habit });
  const words = useFieldArray({ control, name: 'words' });
  const treatments = useQuery(houseTreatmentsQuery).data ?? [];
  const [names, setNames] = useState('');
  const [problem, setProblem] = useState('');
  const { toSend, tell } = useEdit(pickHabit(habit));
  const save = useChange(
    (wanted: NamingHabit) => call(saveHabit, { params: { id }, body: id === 'new' ? wanted : toSend(wanted) }),
    { onDone, onOvertaken: tell },
  );
  const attempt = useChange((given: { habit: NamingHabit; paths: string[] }) => call(tryHabit, { body: given }));
  const clean = (values: NamingHabit): NamingHabit | null => {
    const parsed = NamingHabitSchema.safeParse({
      ...values,
      words: values.words.filter(({ word }) => word.trim() !== ''),
    });
    setProblem(parsed.success ? '' : 'Say which arrivals it applies to.');
    return parsed.success ? parsed.data : null;
  };
  const run = (): void => {
    const given = clean(getValues());
    const paths = (names.trim() === '' ? EXAMPLE : names)
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '');
    if (given) attempt.mutate({ habit: given, paths });
  };
  return (
    <form
      className="sheet habit-form"
      aria-label="A naming habit"
      noValidate
      onSubmit={(event) =>
        void handleSubmit((values) => {
          const given = clean(values);
          if (given) save.mutate(given);
        })(event)
      }
    >
      <div className="habit-form-row">
        <Choice
          control={control}
          name="appliesBy"
          label="Applies to"
          options={[
            ['archive', 'archives called'],
            ['site', 'texts that name the site'],
            ['source', 'texts that name'],
          ]}
        />
        <TextField
          id="habit-pattern"
          label="Name; * stands for anything"
          error={problem !== ''}
          helperText={problem}
          {...register('pattern')}
          sx={{ flex: 1 }}
        />
        <Choice
          control={control}
          name="unit"
          label="Its files are in"
          options={[
            ['', 'not known'],
            ['mm', 'millimetres'],
            ['cm', 'centimetres'],
            ['dm', 'decimetres'],
            ['m', 'metres'],
            ['in', 'inches'],
            ['ft', 'feet'],
          ]}
        />
        <Choice
          control={control}
          name="up"
          label="Up is"
          options={[
            ['', 'not known'],
            ['y', 'Y'],
            ['z', 'Z'],
            ['x', 'X'],
          ]}
        />
        <Choice
          control={control}
          name="front"
          label="Once it stands, it faces"
          options={[
            ['', 'not known'],
            ['+z', 'forwards, +Z'],
            ['-z', 'away, −Z'],
            ['+x', 'to the right, +X'],
            ['-x', 'to the left, −X'],
          ]}
        />
        <Choice
          control={control}
          name="twoSidedFoliage"
          label="Leaves are"
          options={[
            ['', 'not known'],
            ['yes', 'two-sided'],
            ['no', 'one-sided'],
          ]}
        />
        <Choice
          control={control}
          name="houseTreatmentId"
          label="House treatment"
          options={[['', 'no house treatment'], ...treatments.map((one): [string, string] => [one.id, one.name])]}
        />
      </div>
      {words.fields.map((field, i) => (
        <div className="habit-form-row" key={field.id}>
          <TextField label="The word" id={`habit-word-${i}`} {...register(`words.${i}.word`)} />
          <Controller
            name={`words.${i}.means`}
            control={control}
            render={({ field: means }) => (
              <TextField select id={`habit-means-${i}`} label="means" {...means} sx={{ minWidth: 220 }}>
                {WORD_MEANINGS.map((meaning) => (
                  <MenuItem key={meaning} value={meaning}>
                    {meaning.replace('map:', 'map: ')}
                  </MenuItem>
                ))}
              </TextField>
            )}
          />
          <Button size="small" onClick={() => words.remove(i)} aria-label={`Leave out word ${i + 1}`}>
            Leave out
          </Button>
        </div>
      ))}
      <div className="habit-form-row">
        <Button size="small" onClick={() => words.append({ word: '', means: 'coarser detail' })}>
          Another word
        </Button>
      </div>
      <div className="habit-trial">
        <TextField
          id="habit-names"
          label="File names to try it on, a line each"
          placeholder={EXAMPLE}
          multiline
          minRows={4}
          maxRows={10}
          value={names}
          onChange={(event) => setNames(event.target.value)}
        />
        <TrialResult trial={attempt.data ?? null} />
      </div>
      <div className="habit-form-row">
        <Button variant="outlined" loading={attempt.isPending} onClick={run}>
          Try it out
        </Button>
        <Button type="submit" variant="contained" loading={save.isPending}>
          Save
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </form>
  );
}

/** Empty stands for “not known”; what is stored then is null. */
const toStored = (value: string): string | boolean | null =>
  value === '' ? null : value === 'yes' ? true : value === 'no' ? false : value;
const toShown = (value: unknown): string =>
  value === null ? '' : value === true ? 'yes' : value === false ? 'no' : String(value);

function Choice({
  control,
  name,
  label,
  options,
}: {
  control: ReturnType<typeof useForm<NamingHabit>>['control'];
  name: 'appliesBy' | 'unit' | 'up' | 'front' | 'twoSidedFoliage' | 'houseTreatmentId';
  label: string;
  options: [string, string][];
}) {
  return (
    <Controller
      name={name}
      control={control}
      render={({ field }) => (
        <TextField
          select
          id={`habit-${name}`}
          label={label}
          value={toShown(field.value)}
          onChange={(event) => field.onChange(toStored(event.target.value))}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          sx={{ minWidth: 130 }}
        >
          {options.map(([value, words]) => (
            <MenuItem key={value} value={value}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
    />
  );
}

function TrialResult({ trial }: { trial: Trial | null }) {
  if (!trial)
    return <p className="quiet small">How these files would be sorted shows here, without the habit and with it.</p>;
  return (
    <div className="trial">
      <p className="small">
        {trial.changed.length === 0
          ? 'It changes nothing for these names.'
          : `It sorts ${formatCount(trial.changed.length, 'file')} otherwise.`}
      </p>
      <div className="trial-sides">
        {(['before', 'after'] as const).map((side) => (
          <div key={side}>
            <strong className="small">{side === 'before' ? 'without it' : 'with it'}</strong>
            {trial[side].map((find) => (
              <ul key={find.name + find.files[0]?.path} className="small">
                <li>{find.name}</li>
                {find.files.map((file) => (
                  <li key={file.path} className={trial.changed.includes(file.path) ? 'changed' : 'quiet'}>
                    <span className="mono">{file.path}</span> {roleWords(file.role)}
                  </li>
                ))}
              </ul>
            ))}
          </div>
        ))}
      </div>
    </div>
  );
}
