import { wrap, type Remote } from 'comlink';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Step } from '@haveld/contract/step';
import type { Treated, Treating } from './treat.worker';

let worker: Remote<Treating> | null = null;

function getWorker(): Remote<Treating> {
  worker ??= wrap<Treating>(new Worker(new URL('./treat.worker.ts', import.meta.url), { type: 'module' }));
  return worker;
}

/** The model as treated by these steps, worked out in a web worker. The last one stays until the next is there. */
export function useTreated(documentSha256: string | undefined, steps: Step[]) {
  return useQuery({
    queryKey: ['treated', documentSha256, steps],
    queryFn: (): Promise<Treated> => getWorker().treat(documentSha256!, steps),
    enabled: documentSha256 !== undefined,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  });
}
