import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { LIBRARY } from './queries';

/** Does something on the server; whatever it was, everything shown is asked again. A refusal is told in its own words. */
export function useChange<Input, Result>(
  change: (input: Input) => Promise<Result>,
  options: { onDone?: (result: Result) => void } = {},
) {
  const queries = useQueryClient();
  const { enqueueSnackbar } = useSnackbar();
  return useMutation({
    mutationFn: change,
    onSuccess: async (result) => {
      options.onDone?.(result);
      await queries.invalidateQueries({ queryKey: ['work'] });
      await queries.invalidateQueries({ queryKey: [LIBRARY] });
    },
    onError: (error) => enqueueSnackbar(error.message, { variant: 'error' }),
  });
}
