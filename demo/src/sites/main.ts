import type { AddressInfo } from 'node:net';
import { createSites } from './serve-sites';

/** The made-up sites as a server of their own, reached from this machine alone. Says where on its first line. */
const { server, sites } = createSites();
server.listen(Number(process.env.HAVELD_SITES_PORT ?? 0), '127.0.0.1', () => {
  const { port } = server.address() as AddressInfo;
  process.stdout.write(`${JSON.stringify({ port, hosts: sites.map(({ host }) => host) })}\n`);
});
process.on('SIGTERM', () => {
  server.closeAllConnections();
  server.close(() => process.exit(0));
});
// a parent that died can not end it
process.stdin.on('end', () => process.exit(0)).resume();
