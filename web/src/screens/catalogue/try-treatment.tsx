import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { tryHouseTreatment } from '@haveld/contract/api/house-treatments';
import { call } from '../../api/client';
import { houseTreatmentsQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';

/** A house treatment is tried on what is chosen: nothing is changed before somebody has looked at the trial. */
export function TryTreatment({ ids }: { ids: readonly string[] }) {
  const go = useNavigate();
  const treatments = useQuery(houseTreatmentsQuery).data ?? [];
  const [id, setId] = useState('');
  const attempt = useChange(
    () => call(tryHouseTreatment, { params: { id }, body: { on: { kind: 'assets', ids: [...ids] } } }),
    { onDone: (trial) => void go(`/bench/trials/${trial.id}`) },
  );
  if (treatments.length === 0) return null;
  return (
    <div className="change-treatment">
      <TextField
        id="change-treatment"
        select
        label="House treatment"
        value={id}
        onChange={(event) => setId(event.target.value)}
        helperText="Tried first: nothing is changed until you take what it found."
      >
        {treatments.map((one) => (
          <MenuItem key={one.id} value={one.id}>
            {one.name}
          </MenuItem>
        ))}
      </TextField>
      <Button
        variant="outlined"
        disabled={id === ''}
        loading={attempt.isPending}
        onClick={() => attempt.mutate(undefined)}
      >
        Try it
      </Button>
    </div>
  );
}
