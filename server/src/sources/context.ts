import { createHash } from 'node:crypto';
import type { SourceAdapter, SourceContext } from '@haveld/engine/sources/source-adapter';
import { ADAPTERS } from '@haveld/engine/sources/adapters';
import type { Reach } from '@haveld/engine/fetching/reach';
import type { Dependencies } from '../dependencies';
import { loadRules } from '../house/rule-queries';
import { listAccounts, type AccountRow } from './account-queries';

/** Sources that can be asked: the made-up sites only where they stand. */
export const listAdapters = ({ sources }: Dependencies): SourceAdapter[] =>
  ADAPTERS.filter(({ hosts }) => hosts.every((host) => sources.standIns.has(host)));

/** What the server may reach today: hosts of the house's list, and the sites that stand on this machine. */
export async function loadReach({ pool, sources }: Dependencies): Promise<Reach> {
  const { fetchHosts } = await loadRules(pool);
  return { hosts: fetchHosts, standIns: sources.standIns };
}

/** By which terms are told from one another. */
export const hashOf = (words: string): string => createHash('sha256').update(words).digest('hex');

/** Everything that sources are asked with. */
export interface SourceAccess {
  contextOf: (adapter: SourceAdapter, more?: Partial<SourceContext>) => SourceContext;
  accounts: Map<string, AccountRow>;
}

/** Loads it: two statements. */
export async function loadAccess(dependencies: Dependencies): Promise<SourceAccess> {
  const { pool, seal, store, sources } = dependencies;
  const [reach, rows] = await Promise.all([loadReach(dependencies), listAccounts(pool)]);
  const accounts = new Map(rows.map((row) => [row.kind, row]));
  return {
    accounts,
    contextOf(adapter, more = {}) {
      const account = accounts.get(adapter.kind);
      return {
        reach,
        now: new Date(),
        token: account?.tokenSealed ? (seal.open(account.tokenSealed) ?? '') : '',
        termsAccepted: account?.termsSha256 !== null && account?.termsSha256 !== undefined,
        async readPage(bytes, address) {
          const { sha256 } = await store.put(bytes);
          return sources.readPage(sha256, address, more.signal);
        },
        ...more,
      };
    },
  };
}
