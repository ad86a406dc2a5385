import { plain } from './plain';
import { quayside } from './quayside';
import { saltmarsh } from './saltmarsh';
import type { SourceAdapter } from './source-adapter';
import { tidewrack } from './tidewrack';

/** Every source Haveld can ask: a row is all that a new one needs beside its adapter. */
export const ADAPTERS: readonly SourceAdapter[] = [quayside, tidewrack, saltmarsh];

/** @returns the source a page belongs to; a page of no source of its own is an address of the web */
export function findAdapter(address: string): SourceAdapter {
  const host = URL.canParse(address) ? new URL(address).hostname : '';
  return ADAPTERS.find(({ hosts }) => hosts.includes(host)) ?? plain;
}

export const getAdapter = (kind: string): SourceAdapter | undefined =>
  [...ADAPTERS, plain].find((adapter) => adapter.kind === kind);
