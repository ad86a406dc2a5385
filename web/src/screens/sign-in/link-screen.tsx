import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { zodResolver } from '@hookform/resolvers/zod';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { Link, useLocation, useNavigate } from 'react-router';
import { z } from 'zod';
import { lookAtLink, enterByLink } from '@haveld/contract/api/people';
import { call } from '../../api/client';
import { meQuery } from '../../api/queries';
import { Loading } from '../../parts/notice';
import { describeRole } from '../../parts/role-of-person';
import { Door } from './door';

/** Where a link leads: an invitation, or a way back in. What stands after the # never left the browser. */
export function LinkScreen() {
  const token = useLocation().hash.slice(1);
  const link = useQuery({
    queryKey: ['link', token],
    queryFn: ({ signal }) => call(lookAtLink, { body: { token }, signal }),
    enabled: token !== '',
    retry: false,
  });
  if (token !== '' && link.isPending) return <Loading />;
  if (!link.data)
    return (
      <Door>
        <p className="says-blocks" role="alert">
          {link.error?.message ?? 'This address is not whole: the link ends in a long word after a #.'}
        </p>
        <p>
          <Link to="/">Sign in</Link>
        </p>
      </Door>
    );
  const { kind, name, signIn, role, by } = link.data;
  return (
    <Door>
      <h2>{kind === 'invitation' ? `Welcome, ${name}` : `A new password, ${name}`}</h2>
      <p>
        {kind === 'invitation'
          ? `${by} invited you to Haveld. ${describeRole(role)}.`
          : `${by} made this link for you. The old password ends when you choose a new one.`}
      </p>
      <ChoosePassword token={token} signIn={signIn} />
    </Door>
  );
}

const FormSchema = z.object({ password: z.string().min(10, 'At least 10 characters.') });

function ChoosePassword({ token, signIn }: { token: string; signIn: string }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(FormSchema),
    defaultValues: { password: '' },
  });
  const enter = useMutation({
    mutationFn: ({ password }: z.infer<typeof FormSchema>) => call(enterByLink, { body: { token, password } }),
    onSuccess: async (person) => {
      // whoever was signed in here before is not any more
      queries.clear();
      queries.setQueryData(meQuery.queryKey, person);
      await navigate('/', { replace: true });
    },
  });
  return (
    <form noValidate onSubmit={(event) => void handleSubmit((body) => enter.mutate(body))(event)}>
      <TextField
        id="sign-in"
        label="You sign in as"
        fullWidth
        value={signIn}
        autoComplete="username"
        slotProps={{ htmlInput: { readOnly: true } }}
      />
      <TextField
        id="password"
        label="Your password"
        type="password"
        autoFocus
        fullWidth
        autoComplete="new-password"
        error={!!formState.errors.password}
        helperText={formState.errors.password?.message ?? 'Ten characters or more; a few unrelated words are good.'}
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
