import './locked-form.css';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useForm } from 'react-hook-form';
import { giveArrivalPassword, type Arrival } from '@haveld/contract/api/arrivals';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { Mark } from '../../parts/mark';

/** Asks once for the password of whatever is locked in an arrival. It is tried, then forgotten. */
export function LockedForm({ arrival }: { arrival: Arrival }) {
  const form = useForm<{ password: string }>({ defaultValues: { password: '' } });
  const give = useChange((password: string | null) =>
    call(giveArrivalPassword, { params: { id: arrival.id }, body: { password } }),
  );
  const names = arrival.locked.map((path) => path.slice(path.lastIndexOf('/') + 1));
  return (
    <form className="arrival-locked" onSubmit={form.handleSubmit(({ password }) => give.mutate(password))}>
      <p className="small">
        <Mark mark="look" />{' '}
        {names.length === 1
          ? `“${names[0]}” wants a password.`
          : `${names.length} archives want a password: ${names.join(', ')}.`}
        {arrival.message && <span className="says-blocks"> {arrival.message}</span>}
      </p>
      <div className="arrival-locked-row">
        <TextField
          size="small"
          type="password"
          label="Password"
          autoComplete="off"
          {...form.register('password', { required: true })}
        />
        <Button type="submit" variant="outlined" loading={give.isPending}>
          Open
        </Button>
        <Button size="small" onClick={() => give.mutate(null)}>
          Go on without
        </Button>
      </div>
    </form>
  );
}
