import { isIP } from 'node:net';
import ipaddr from 'ipaddr.js';

/** Names of ranges as people say them; every other range of the registries is "kept for special use". */
const RANGE_WORDS: Readonly<Record<string, string>> = {
  loopback: 'this machine itself',
  private: 'a private network',
  uniqueLocal: 'a private network',
  carrierGradeNat: 'a private network',
  linkLocal: 'the local link',
  deprecatedSiteLocal: 'a private network',
  unspecified: 'no machine',
  broadcast: 'every machine',
  multicast: 'many machines',
  ipv4Mapped: 'an address in disguise',
};

/** Global unicast (IANA, "Internet Protocol Version 6 Address Space"): what IPv6 hands out to the public today. */
const GLOBAL = ipaddr.IPv6.parse('2000::');
const GLOBAL_BITS = 3;

/**
 * Whether the server may reach an address of the network that somebody else has named.
 * @param address IPv4 or IPv6 in numbers, without brackets
 * @returns null where it may; else where it leads, in words. Sources: RFC 6890 and the IANA special-purpose registries, as `ipaddr.js` keeps them
 */
export function judgeAddress(address: string): string | null {
  // the library knows short forms too; what comes here is written in full
  if (isIP(address) === 0) return 'no machine';
  const parsed = ipaddr.parse(address);
  const range = parsed.range();
  if (range !== 'unicast') return RANGE_WORDS[range] ?? 'an address kept for special use';
  if (parsed.kind() === 'ipv6' && !parsed.match(GLOBAL, GLOBAL_BITS)) return 'an address kept for special use';
  return null;
}
