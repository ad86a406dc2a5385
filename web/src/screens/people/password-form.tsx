import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { zodResolver } from '@hookform/resolvers/zod';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { changePassword } from '@haveld/contract/api/people';
import { call } from '../../api/client';
import { LIBRARY } from '../../api/queries';

const FormSchema = z.object({
  before: z.string().min(1, 'Your current password is needed.'),
  after: z.string().min(10, 'At least 10 characters.'),
});

/** Another password; every other session ends. */
export function PasswordForm() {
  const { enqueueSnackbar } = useSnackbar();
  const queries = useQueryClient();
  const { register, handleSubmit, formState, reset } = useForm({
    resolver: zodResolver(FormSchema),
    defaultValues: { before: '', after: '' },
  });
  const change = useMutation({
    mutationFn: (body: z.infer<typeof FormSchema>) => call(changePassword, { body }),
    onSuccess: async () => {
      reset();
      enqueueSnackbar('Your password is changed; you are signed out everywhere else.');
      await queries.invalidateQueries({ queryKey: [LIBRARY] });
    },
  });
  return (
    <section>
      <h2>Password</h2>
      <form
        className="own-form"
        noValidate
        onSubmit={(event) => void handleSubmit((body) => change.mutate(body))(event)}
      >
        <TextField
          id="password-before"
          label="Current password"
          type="password"
          fullWidth
          autoComplete="current-password"
          error={!!formState.errors.before}
          helperText={formState.errors.before?.message}
          {...register('before')}
        />
        <TextField
          id="password-after"
          label="New password"
          type="password"
          fullWidth
          autoComplete="new-password"
          error={!!formState.errors.after}
          helperText={formState.errors.after?.message ?? 'Ten characters or more; a few unrelated words are good.'}
          {...register('after')}
        />
        {change.error && (
          <p className="says-blocks" role="alert">
            {change.error.message}
          </p>
        )}
        <Button type="submit" variant="outlined" loading={change.isPending}>
          Change the password
        </Button>
      </form>
    </section>
  );
}
