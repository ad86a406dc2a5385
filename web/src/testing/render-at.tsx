import { cleanup, configure, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { createMemoryRouter } from 'react-router';
import type { z } from 'zod';
import type { AnyEndpoint, Endpoint } from '@haveld/contract/api/endpoint';
import { getEarlier } from '@haveld/contract/api/bench';
import { getHouseRules } from '@haveld/contract/api/house';
import { getPageOfAsset } from '@haveld/contract/api/pages';
import { getMe, PersonSchema } from '@haveld/contract/api/people';
import { getProgress, ProgressSchema } from '@haveld/contract/api/progress';
import { listColleagues, listRemarks } from '@haveld/contract/api/remarks';
import { listLicences } from '@haveld/contract/api/rights';
import { DomainError } from '@haveld/contract/error';
import { HOUSE_RULES } from '@haveld/contract/house-rules';
import { createQueries, Frame } from '../frame';
import { ROUTES } from '../routes';
import { exampleOf } from '@haveld/contract/testing/example-of';

/** What the screen asked for. */
export interface Asked {
  endpoint: AnyEndpoint;
  params: Record<string, string>;
  query: Record<string, string>;
  body: unknown;
}

export interface Answer {
  endpoint: AnyEndpoint;
  give: (asked: Asked) => unknown;
}

/** Says what an endpoint answers; the contract holds for both sides. @param give throws a DomainError to refuse */
export const answer = <P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, R extends z.ZodType>(
  endpoint: Endpoint<P, Q, B, R>,
  give: (asked: { params: z.output<P>; query: z.output<Q>; body: z.output<B> }) => z.input<R>,
): Answer => ({ endpoint: endpoint as unknown as AnyEndpoint, give: give as unknown as Answer['give'] });

/** What every screen may ask: somebody who is signed in, and models that are from no page and the newer ones of nothing. */
const PLAIN = [
  answer(getMe, () => exampleOf(PersonSchema, { id: 'maja', signIn: 'maja', name: 'Maja Lindqvist', role: 'owner' })),
  answer(listLicences, () => []),
  answer(getHouseRules, () => HOUSE_RULES),
  answer(getProgress, () => exampleOf(ProgressSchema, { revision: '1' })),
  answer(listRemarks, () => []),
  answer(listColleagues, () => []),
  answer(getPageOfAsset, () => null),
  answer(getEarlier, () => null),
];

/**
 * Opens a page of Haveld as a signed-in person, with a server that answers what it is told to and refuses what the contract does not hold.
 * @returns the hand, what was asked so far, and where one is
 */
export function renderAt(path: string, answers: readonly Answer[]) {
  const asked: Asked[] = [];
  globalThis.fetch = createFetch([...answers, ...PLAIN], asked);
  const router = createMemoryRouter(ROUTES, { initialEntries: [path] });
  const queries = createQueries();
  queries.setDefaultOptions({ queries: { ...queries.getDefaultOptions().queries, retry: false } });
  render(<Frame queries={queries} router={router} />);
  return {
    user: userEvent.setup({ delay: null }),
    where: () => router.state.location.pathname + router.state.location.search,
    /** Bodies sent to an endpoint, the first first. */
    sent: <B extends z.ZodType>(endpoint: Endpoint<z.ZodType, z.ZodType, B, z.ZodType>): z.output<B>[] =>
      asked.filter((one) => one.endpoint === (endpoint as unknown)).map(({ body }) => body as z.output<B>),
    /** Everything asked of an endpoint, the first first. */
    askedOf: (endpoint: unknown): Asked[] => asked.filter((one) => one.endpoint === endpoint),
  };
}

export { fireEvent, screen, waitFor, within };

/** A page that is loaded when it is first wanted may take its time, on a busy machine more. */
configure({ asyncUtilTimeout: 10_000 });

/** What broke while a screen asked: no screen may hide it from its test. */
const broken: unknown[] = [];

afterEach(() => {
  cleanup();
  const [first] = broken.splice(0);
  if (first) throw first;
});

function createFetch(answers: readonly Answer[], asked: Asked[]): typeof fetch {
  return (input, init) => {
    const url = new URL(String(input), 'http://localhost');
    for (const { endpoint, give } of answers) {
      const params = matchPath(endpoint.path, url.pathname);
      if (!params || endpoint.method !== (init?.method ?? 'GET').toLowerCase()) continue;
      try {
        const one: Asked = {
          endpoint,
          params: endpoint.params.parse(params) as Record<string, string>,
          query: endpoint.query.parse(Object.fromEntries(url.searchParams)) as Record<string, string>,
          body: init?.body ? endpoint.body.parse(JSON.parse(init.body as string)) : {},
        };
        asked.push(one);
        return Promise.resolve(toResponse(200, endpoint.response.parse(give(one))));
      } catch (error) {
        if (error instanceof DomainError)
          return Promise.resolve(toResponse(409, { code: error.code, message: error.message }));
        broken.push(error);
        return Promise.reject(error as Error);
      }
    }
    // bytes of the library are somebody else's: nothing is drawn of them here
    if (url.pathname.startsWith('/api/bytes/')) return Promise.resolve(new Response(new Uint8Array(4)));
    const nobody = new Error(`nothing answers ${init?.method ?? 'GET'} ${url.pathname}`);
    broken.push(nobody);
    return Promise.reject(nobody);
  };
}

const toResponse = (status: number, body: unknown): Response =>
  ({ ok: status === 200, status, json: () => Promise.resolve(body) }) as Response;

function matchPath(pattern: string, path: string): Record<string, string> | null {
  const names = [...pattern.matchAll(/:(\w+)/g)].map(([, name]) => name);
  const match = new RegExp(`^${pattern.replace(/:\w+/g, '([^/]+)')}$`).exec(path);
  return match && Object.fromEntries(names.map((name, i) => [name, decodeURIComponent(match[i + 1])]));
}
