import type { Person } from '@haveld/contract/api/people';
import type { Source, SourcePage, SourceRow } from '@haveld/contract/api/sources';
import { DomainError } from '@haveld/contract/error';
import { findAdapter } from '@haveld/engine/sources/adapters';
import type { SourceAdapter } from '@haveld/engine/sources/source-adapter';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { storeTerms, storeToken } from './account-queries';
import { hashOf, listAdapters, loadAccess, type SourceAccess } from './context';
import { countOpen, wakeFetchings } from './fetching-queries';
import { askForFetch } from './ask-for-fetch';
import { describeItems } from './rows';
import { refuse, toTrouble } from './trouble';

function requireAdapter(dependencies: Dependencies, kind: string): SourceAdapter {
  const adapter = listAdapters(dependencies).find((each) => each.kind === kind);
  if (!adapter) throw new DomainError('not-found', 'There is no such source.');
  return adapter;
}

function describeSource(
  { kind, name, hosts, ability }: SourceAdapter,
  { accounts }: SourceAccess,
  queued: readonly { kind: string; n: number }[],
): Source {
  const account = accounts.get(kind);
  return {
    kind,
    name,
    host: hosts[0] ?? '',
    ability,
    hasToken: Boolean(account?.tokenSealed),
    termsAcceptedAt: account?.termsAt?.toISOString() ?? null,
    queued: queued.find((each) => each.kind === kind)?.n ?? 0,
  };
}

/** Sources that can be searched. */
export async function listSources(dependencies: Dependencies): Promise<Source[]> {
  const [access, queued] = await Promise.all([loadAccess(dependencies), countOpen(dependencies.pool)]);
  return listAdapters(dependencies).map((adapter) => describeSource(adapter, access, queued));
}

/** One source with its terms and its allowance, asked now. */
export async function getSource(dependencies: Dependencies, kind: string): Promise<SourcePage> {
  const adapter = requireAdapter(dependencies, kind);
  const [access, queued] = await Promise.all([loadAccess(dependencies), countOpen(dependencies.pool)]);
  const account = access.accounts.get(kind);
  const context = access.contextOf(adapter);
  const said = await Promise.all([adapter.readTerms(context), adapter.readAllowance(context)]).catch(toTrouble);
  const [terms, allowance] = Array.isArray(said) ? said : [null, null];
  return {
    ...describeSource(adapter, access, queued),
    terms:
      terms === null
        ? null
        : {
            text: terms,
            sha256: hashOf(terms),
            isAccepted: account?.termsSha256 === hashOf(terms),
            acceptedBy: account?.termsBy ?? null,
            acceptedAt: account?.termsAt?.toISOString() ?? null,
          },
    allowance,
    tokenBy: account?.tokenSealed ? account.tokenBy : null,
    tokenAt: account?.tokenSealed ? (account.tokenAt?.toISOString() ?? null) : null,
    trouble: Array.isArray(said) ? null : said,
  };
}

/** Keeps a token, sealed; what waited for one goes on. */
export async function setToken(
  dependencies: Dependencies,
  kind: string,
  token: string | null,
  person: Person,
): Promise<void> {
  const { pool, seal } = dependencies;
  const adapter = requireAdapter(dependencies, kind);
  if (adapter.ability.token === 'none') throw new DomainError('bad-request', `${adapter.name} wants no token.`);
  await transact(pool, async (tx) => {
    await storeToken(tx, kind, token === null ? null : seal.close(token), person.id);
    if (token !== null && (await wakeFetchings(tx, kind)) > 0) await askForFetch(tx, adapter);
    await bumpRevision(tx);
  });
}

/** Accepts the terms a person has read. @throws {DomainError} `out-of-step` where they are others by now */
export async function acceptTerms(
  dependencies: Dependencies,
  kind: string,
  sha256: string,
  person: Person,
): Promise<void> {
  const { pool, store } = dependencies;
  const adapter = requireAdapter(dependencies, kind);
  const access = await loadAccess(dependencies);
  const terms = await adapter.readTerms(access.contextOf(adapter)).catch(refuse);
  if (terms === null) throw new DomainError('bad-request', `${adapter.name} has no terms.`);
  if (hashOf(terms) !== sha256)
    throw new DomainError('out-of-step', 'The terms were changed while you read them; read them again.');
  // what was agreed to stays readable, whatever the source says later
  await store.put(new TextEncoder().encode(terms));
  await transact(pool, async (tx) => {
    await storeTerms(tx, kind, sha256, person.id);
    if ((await wakeFetchings(tx, kind)) > 0) await askForFetch(tx, adapter);
    await bumpRevision(tx);
  });
}

/** Reads a page or file somebody names: of a source by its adapter, else as an address of the web. */
export async function lookAt(dependencies: Dependencies, address: string, projectId: string): Promise<SourceRow> {
  const adapter = findAdapter(address);
  const access = await loadAccess(dependencies);
  const item = await adapter.open(address, access.contextOf(adapter)).catch(refuse);
  if (!item) throw new DomainError('not-found', `${adapter.name} has no model at this address.`);
  const [row] = await describeItems(dependencies, [{ adapter, item }], projectId);
  return row;
}
