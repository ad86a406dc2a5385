import GlobalStyles from '@mui/material/GlobalStyles';
import { ThemeProvider } from '@mui/material/styles';
import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { SnackbarProvider } from 'notistack';
import { Suspense, useMemo, type ComponentProps } from 'react';
import { RouterProvider } from 'react-router';
import { DomainError } from '@haveld/contract/error';
import { meQuery } from './api/queries';
import { Loading } from './parts/notice';
import { createHaveldTheme } from './theme/theme';
import { DARK, LIGHT, toCssVariables } from './theme/tokens';
import { useColourMode } from './theme/use-colour-mode';

/** What was asked of the server, kept while it is fresh. A refusal is not asked again, and who one is may have changed by it. */
export function createQueries(): QueryClient {
  const lookAgain = (error: Error): void => {
    if (error instanceof DomainError && (error.code === 'not-signed-in' || error.code === 'not-allowed'))
      void queries.invalidateQueries({ queryKey: meQuery.queryKey });
  };
  const queries = new QueryClient({
    queryCache: new QueryCache({
      onError: (error, query) => query.queryKey[0] !== meQuery.queryKey[0] && lookAgain(error),
    }),
    mutationCache: new MutationCache({ onError: lookAgain }),
    defaultOptions: {
      queries: {
        staleTime: 60_000,
        retry: (count, error) => count < 2 && !(error instanceof DomainError && error.code !== 'broken'),
      },
    },
  });
  return queries;
}

interface FrameProps {
  queries: QueryClient;
  router: ComponentProps<typeof RouterProvider>['router'];
}

/** What stands around every page: colours, notices, what was asked, and where one is. */
export function Frame({ queries, router }: FrameProps) {
  const { mode } = useColourMode();
  const theme = useMemo(() => createHaveldTheme(mode), [mode]);
  return (
    <ThemeProvider theme={theme}>
      <GlobalStyles styles={{ ':root': { ...toCssVariables(mode === 'light' ? LIGHT : DARK), colorScheme: mode } }} />
      <SnackbarProvider maxSnack={3} anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }} autoHideDuration={6000}>
        <QueryClientProvider client={queries}>
          <Suspense fallback={<Loading />}>
            <RouterProvider router={router} />
          </Suspense>
        </QueryClientProvider>
      </SnackbarProvider>
    </ThemeProvider>
  );
}
