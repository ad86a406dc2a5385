import { z } from 'zod';

type Shape = z.ZodType;

/** What goes in where an endpoint says nothing of it. */
export const Nothing = z.object({});
type Nothing = typeof Nothing;

/** One route of the API: what goes in, what comes out. Server, client and OpenAPI are all made from it. */
export interface Endpoint<P extends Shape, Q extends Shape, B extends Shape, R extends Shape> {
  method: 'get' | 'post' | 'put' | 'delete';
  /** With `:name` for a path parameter. */
  path: `/api/${string}`;
  summary: string;
  /** True for the few routes that answer without a session. */
  open?: boolean;
  /** Of the request; left out, a form's worth. */
  maxBodyBytes?: number;
  params: P;
  query: Q;
  body: B;
  response: R;
}

export type AnyEndpoint = Endpoint<Shape, Shape, Shape, Shape>;

type Described<P extends Shape, Q extends Shape, B extends Shape, R extends Shape> = Omit<
  Endpoint<P, Q, B, R>,
  'params' | 'query' | 'body'
> & { params?: P; query?: Q; body?: B };

/** Gives an endpoint its types; what it leaves out of what goes in is nothing. */
export function endpoint<
  R extends Shape,
  P extends Shape = Nothing,
  Q extends Shape = Nothing,
  B extends Shape = Nothing,
>({ params, query, body, ...described }: Described<P, Q, B, R>): Endpoint<P, Q, B, R> {
  return {
    ...described,
    params: params ?? (Nothing as Shape as P),
    query: query ?? (Nothing as Shape as Q),
    body: body ?? (Nothing as Shape as B),
  };
}
