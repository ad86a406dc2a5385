import type { z } from 'zod';

type Shape = z.ZodType;

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

/** Gives an endpoint its types. */
export function endpoint<P extends Shape, Q extends Shape, B extends Shape, R extends Shape>(
  described: Endpoint<P, Q, B, R>,
): Endpoint<P, Q, B, R> {
  return described;
}
