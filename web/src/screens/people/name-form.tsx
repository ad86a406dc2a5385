import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { changeMe } from '@haveld/contract/api/people';
import { call } from '../../api/client';
import { meQuery } from '../../api/queries';
import { useChange } from '../../api/use-change';

/** The name others see. */
export function NameForm({ name }: { name: string }) {
  const queries = useQueryClient();
  const [now, setNow] = useState(name);
  const save = useChange(() => call(changeMe, { body: { name: now } }), {
    onDone: (me) => queries.setQueryData(meQuery.queryKey, me),
  });
  return (
    <section>
      <h2>Name</h2>
      <form
        className="own-form"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate(undefined);
        }}
      >
        <TextField
          id="own-name"
          label="As others see it"
          fullWidth
          value={now}
          onChange={(event) => setNow(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 190 } }}
        />
        <Button
          type="submit"
          variant="outlined"
          disabled={now.trim() === '' || now.trim() === name}
          loading={save.isPending}
        >
          Save the name
        </Button>
      </form>
    </section>
  );
}
