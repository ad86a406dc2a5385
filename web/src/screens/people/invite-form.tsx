import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import type { z } from 'zod';
import { invitePerson } from '@haveld/contract/api/people';
import { ROLES } from '@haveld/contract/role';
import { call } from '../../api/client';
import { useChange } from '../../api/use-change';
import { ROLE_WORDS } from '../../parts/role-of-person';
import type { GivenLink } from './given-link';

type Invited = z.infer<typeof invitePerson.body>;

/** A name to sign in with that a name suggests: its first word. */
const suggestSignIn = (name: string): string =>
  name
    .trim()
    .split(/\s+/)[0]
    .toLowerCase()
    .replace(/[^\p{L}\p{N}._-]/gu, '');

/** Invites somebody: what they are called here, and what they may. */
export function InviteForm({ onDone, onCancel }: { onDone: (link: GivenLink) => void; onCancel: () => void }) {
  const { register, handleSubmit, control, formState, setValue } = useForm({
    resolver: zodResolver(invitePerson.body),
    defaultValues: { name: '', signIn: '', role: 'artist' as const } satisfies Invited as Invited,
  });
  const { errors, dirtyFields } = formState;
  const invite = useChange(
    async (body: Invited) => ({
      ...(await call(invitePerson, { body })),
      name: body.name,
      isReset: false,
    }),
    { onDone },
  );
  return (
    <form
      className="sheet invite"
      aria-label="Invite somebody"
      noValidate
      onSubmit={(event) => void handleSubmit((body) => invite.mutate(body))(event)}
    >
      <TextField
        id="invite-name"
        label="Name"
        autoFocus
        error={!!errors.name}
        helperText={errors.name && 'A name is needed.'}
        {...register('name', {
          onChange: (event: { target: { value: string } }) => {
            if (!dirtyFields.signIn) setValue('signIn', suggestSignIn(event.target.value));
          },
        })}
      />
      <Controller
        control={control}
        name="signIn"
        render={({ field: { ref, ...field } }) => (
          <TextField
            id="invite-sign-in"
            label="Signs in as"
            {...field}
            inputRef={ref}
            error={!!errors.signIn}
            helperText={errors.signIn && 'Letters, digits, dots and dashes.'}
          />
        )}
      />
      <Controller
        control={control}
        name="role"
        render={({ field: { ref, ...field } }) => (
          <TextField id="invite-role" label="As" select {...field} inputRef={ref} helperText={ROLE_WORDS[field.value]}>
            {ROLES.map((role) => (
              <MenuItem key={role} value={role}>
                {role}
              </MenuItem>
            ))}
          </TextField>
        )}
      />
      <Button type="submit" variant="contained" loading={invite.isPending}>
        Make the link
      </Button>
      <Button onClick={onCancel}>Cancel</Button>
    </form>
  );
}
