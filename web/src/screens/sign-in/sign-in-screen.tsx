import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { zodResolver } from '@hookform/resolvers/zod';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { DomainError } from '@haveld/contract/error';
import { changePassword, signIn, type Person } from '@haveld/contract/api/people';
import { call } from '../../api/client';
import { meQuery } from '../../api/queries';
import { Door } from './door';

/** The door. A person who still has the printed password chooses their own first. */
export function SignInScreen({ person, problem }: { person: Person | null; problem: Error | null }) {
  const queries = useQueryClient();
  const done = (signedIn: Person): void => {
    queries.setQueryData(meQuery.queryKey, signedIn);
  };
  const unreachable =
    problem && !(problem instanceof DomainError && problem.code === 'not-signed-in') ? problem.message : null;
  return (
    <Door>
      {unreachable && (
        <p className="says-blocks" role="alert">
          {unreachable}
        </p>
      )}
      {person ? <NewPassword onDone={done} /> : <SignIn onDone={done} />}
    </Door>
  );
}

function SignIn({ onDone }: { onDone: (person: Person) => void }) {
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(signIn.body),
    defaultValues: { signIn: '', password: '' },
  });
  const enter = useMutation({
    mutationFn: (body: z.infer<typeof signIn.body>) => call(signIn, { body }),
    onSuccess: onDone,
  });
  return (
    <form onSubmit={(event) => void handleSubmit((body) => enter.mutate(body))(event)} noValidate>
      <TextField
        id="sign-in"
        label="Name"
        autoFocus
        fullWidth
        autoComplete="username"
        error={!!formState.errors.signIn}
        helperText={formState.errors.signIn && 'Your name is needed.'}
        {...register('signIn')}
      />
      <TextField
        id="password"
        label="Password"
        type="password"
        fullWidth
        autoComplete="current-password"
        error={!!formState.errors.password}
        helperText={formState.errors.password && 'Your password is needed.'}
        {...register('password')}
      />
      {enter.error && (
        <p className="says-blocks" role="alert">
          {enter.error.message}
        </p>
      )}
      <Button type="submit" variant="contained" loading={enter.isPending}>
        Sign in
      </Button>
    </form>
  );
}

const NewPasswordSchema = z.object({
  before: z.string().min(1, 'The printed password is needed.'),
  after: z.string().min(10, 'At least 10 characters.'),
});

function NewPassword({ onDone }: { onDone: (person: Person) => void }) {
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(NewPasswordSchema),
    defaultValues: { before: '', after: '' },
  });
  const change = useMutation({
    mutationFn: (body: z.infer<typeof NewPasswordSchema>) => call(changePassword, { body }),
    onSuccess: onDone,
  });
  return (
    <form onSubmit={(event) => void handleSubmit((body) => change.mutate(body))(event)} noValidate>
      <p>The printed password was good for one time. Choose your own.</p>
      <TextField
        id="before"
        label="Printed password"
        type="password"
        fullWidth
        autoComplete="current-password"
        error={!!formState.errors.before}
        helperText={formState.errors.before?.message}
        {...register('before')}
      />
      <TextField
        id="after"
        label="Your password"
        type="password"
        fullWidth
        autoComplete="new-password"
        error={!!formState.errors.after}
        helperText={formState.errors.after?.message}
        {...register('after')}
      />
      {change.error && (
        <p className="says-blocks" role="alert">
          {change.error.message}
        </p>
      )}
      <Button type="submit" variant="contained" loading={change.isPending}>
        Save
      </Button>
    </form>
  );
}
