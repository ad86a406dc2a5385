import TextField from '@mui/material/TextField';

/** A whole number of at least one, or nothing: no limit. */
export function CountField({
  id,
  label,
  value,
  onChange,
}: {
  id: string;
  label: string;
  value: number | null;
  onChange: (value: number | null) => void;
}) {
  return (
    <TextField
      id={id}
      type="number"
      label={label}
      value={value ?? ''}
      onChange={(event) =>
        onChange(event.target.value === '' ? null : Math.max(1, Math.round(Number(event.target.value))))
      }
      slotProps={{ htmlInput: { min: 1 } }}
    />
  );
}
