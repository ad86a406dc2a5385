import './sign-in.css';
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

/** The door. A person who still has the printed password chooses their own first. */
export function SignInScreen({ person, problem }: { person: Person | null; problem: Error | null }) {
  const queries = useQueryClient();
  const done = (signedIn: Person): void => {
    queries.setQueryData(meQuery.queryKey, signedIn);
  };
  const unreachable =
    problem && !(problem instanceof DomainError && problem.code === 'not-signed-in') ? problem.message : null;
  return (
    <main className="door">
      <div className="door-picture" aria-hidden="true">
        <Quay />
      </div>
      <div className="door-form">
        <h1>Haveld</h1>
        <p className="quiet">Where models are received, put right once, and kept.</p>
        {unreachable && (
          <p className="says-blocks" role="alert">
            {unreachable}
          </p>
        )}
        {person ? <NewPassword onDone={done} /> : <SignIn onDone={done} />}
      </div>
    </main>
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

/** A row of things on a common ground, with a rule: what the house does, in one line. */
function Quay() {
  return (
    <svg viewBox="0 0 600 420" preserveAspectRatio="xMidYMax meet">
      <g stroke="currentColor" fill="none" strokeWidth="1.4">
        <path d="M40 360H570M52 360V60M46 260h6M46 160h6M46 60h6" />
      </g>
      <g fill="currentColor" fontFamily="Source Code Pro Variable, monospace" fontSize="11">
        <text x="14" y="364">
          0 m
        </text>
        <text x="14" y="264">
          1 m
        </text>
        <text x="14" y="164">
          2 m
        </text>
        <text x="14" y="64">
          3 m
        </text>
      </g>
      <g fill="currentColor" opacity=".86">
        <path d="M112 360v-24c0-3 2-4 5-4h30c3 0 5 1 5 4v24zM117 330v-7h30v7zM122 323v-2h20v2z" />
        <path d="M190 282h124v6h-7v72h-7v-66H204v66h-7v-72h-7zM206 338h92v4h-92z" />
        <path d="M352 360l3-8h32l3 8zM358 352l3-30c-8-5-9-12-9-18a19 19 0 0 1 38 0c0 6-1 13-9 18l3 30z" />
        <path d="M420 360l-8-34h14l12-92h44l12 92h14l-8 34zM446 230l8-50h3l-7 50zM474 230l-8-50h-3l7 50z" />
        <circle cx="460" cy="172" r="9" />
        <path d="M538 360l2-252h7l2 252zM508 138h70v4h-70z" />
        <path d="M512 146h16v18h-16zM558 146h16v18h-16z" opacity=".6" />
      </g>
    </svg>
  );
}
