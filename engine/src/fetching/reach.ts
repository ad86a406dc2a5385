import { lookup } from 'node:dns/promises';
import { isIP } from 'node:net';
import { judgeAddress } from './judge-address';
import { SourceFault } from './source-fault';

/** What the server may reach of what a person or a page names. */
export interface Reach {
  /** Hosts the house allows: `quayside-models.example`, or `*.quayside-models.example` for all below it. */
  hosts: readonly string[];
  /** Hosts that stand on this machine, where they are: the made-up sites that come with Haveld. Set by who starts it, never by a page. */
  standIns: ReadonlyMap<string, { address: string; port: number }>;
  /** Looks a name up; for tests. */
  resolve?: (host: string) => Promise<string[]>;
}

/** Where a connection goes, looked up once and judged. */
export interface Target {
  url: URL;
  address: string;
  port: number;
  isPlain: boolean;
}

const resolveName = async (host: string): Promise<string[]> =>
  (await lookup(host, { all: true, verbatim: true })).map(({ address }) => address);

/**
 * Finds out where an address of the web leads, and refuses what the server must not reach. Written forms of numbers (`0x7f.1`,
 * `2130706433`) are those of the WHATWG URL standard, which `URL` makes plain before anything is judged.
 * @throws {SourceFault} `not-allowed` with the reason, `unreachable` where the name is not known
 */
export async function findTarget(address: string, reach: Reach): Promise<Target> {
  if (!URL.canParse(address))
    throw new SourceFault('not-allowed', `“${address.slice(0, 200)}” is no address of the web.`);
  const url = new URL(address);
  if (url.protocol !== 'https:' && url.protocol !== 'http:')
    throw new SourceFault('not-allowed', `Only pages of the web are fetched, not “${url.protocol.slice(0, -1)}”.`);
  if (url.username !== '' || url.password !== '')
    throw new SourceFault('not-allowed', 'An address with a name and a password in it is not fetched.');
  const host = url.hostname.replace(/\.$/, '');
  const standIn = url.port === '' ? reach.standIns.get(host) : undefined;
  if (standIn) return { url, address: standIn.address, port: standIn.port, isPlain: true };
  if (!isAllowed(host, reach.hosts))
    throw new SourceFault('not-allowed', `The host ${host} is not on the list of hosts that Haveld may fetch from.`);
  const port = Number(url.port || (url.protocol === 'https:' ? 443 : 80));
  if (url.port !== '') throw new SourceFault('not-allowed', `Only the usual ports are reached, not ${port}.`);
  const numbers = host.replace(/^\[|\]$/g, '');
  const addresses = isIP(numbers) ? [numbers] : await resolveAll(host, reach);
  // one bad address among several is enough: which of them is taken is not ours to choose
  for (const one of addresses) {
    const leadsTo = judgeAddress(one);
    if (leadsTo) throw new SourceFault('not-allowed', `The host ${host} leads to ${leadsTo}; that is never fetched.`);
  }
  return { url, address: addresses[0], port, isPlain: url.protocol === 'http:' };
}

async function resolveAll(host: string, { resolve = resolveName }: Reach): Promise<string[]> {
  const addresses = await resolve(host).catch((error: unknown) => {
    throw new SourceFault('unreachable', `The host ${host} is not known.`, { cause: error });
  });
  if (addresses.length === 0) throw new SourceFault('unreachable', `The host ${host} is not known.`);
  return addresses;
}

/** @returns whether a host is one of the list, or below a `*.` of it */
export const isAllowed = (host: string, hosts: readonly string[]): boolean =>
  hosts.some((each) => {
    const allowed = each.toLowerCase();
    return allowed.startsWith('*.')
      ? host.endsWith(allowed.slice(1)) && host.length > allowed.length - 1
      : host === allowed;
  });
