import TextField from '@mui/material/TextField';
import type { ReactNode } from 'react';
import { HOUSE_RULE_FACTS, type HouseRule } from '@haveld/contract/house-rules';

/** A rule with what changes when it does. */
export function Rule({ rule, children }: { rule: HouseRule; children: ReactNode }) {
  const { label, effect } = HOUSE_RULE_FACTS[rule];
  return (
    <fieldset className="rule">
      <legend>{label}</legend>
      <div className="rule-fields">{children}</div>
      <p className="quiet small">{effect}</p>
    </fieldset>
  );
}

interface NumberFieldProps {
  id: string;
  label: string;
  value: number;
  from: number;
  to: number;
  onChange: (value: number) => void;
}

export function NumberField({ id, label, value, from, to, onChange }: NumberFieldProps) {
  return (
    <TextField
      id={id}
      label={label}
      type="number"
      value={value}
      error={!(value >= from && value <= to)}
      onChange={(event) => onChange(Number(event.target.value))}
      slotProps={{ htmlInput: { min: from, max: to } }}
      sx={{ width: 130 }}
    />
  );
}
