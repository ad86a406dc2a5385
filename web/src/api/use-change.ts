import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useSnackbar } from 'notistack';
import { DomainError } from '@haveld/contract/error';
import { LIBRARY } from './queries';

/**
 * Does something on the server; whatever it was, everything shown is asked again. A refusal is told in its own words; where somebody else was first,
 * what they did is shown.
 */
export function useChange<Input, Result>(
  change: (input: Input) => Promise<Result>,
  options: { onDone?: (result: Result) => void; onOvertaken?: () => void } = {},
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
    onError: async (error) => {
      enqueueSnackbar(error.message, { variant: 'error' });
      if (!(error instanceof DomainError) || error.code !== 'out-of-step') return;
      options.onOvertaken?.();
      await queries.invalidateQueries({ queryKey: [LIBRARY] });
    },
  });
}
