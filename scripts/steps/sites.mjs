import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import { createInterface } from 'node:readline';

/**
 * Starts the made-up sites of the demo: a small server of their own that only this machine reaches.
 * @param port 0 takes any that is free
 * @returns the port, where each host stands (for HAVELD_STAND_INS), and how to end it
 */
export async function startSites(root, port = 0) {
  const sites = spawn(process.execPath, [join(root, 'dist/sites.js')], {
    // its input ends with this process, and it with its input
    env: { ...process.env, HAVELD_SITES_PORT: String(port) },
    stdio: ['pipe', 'pipe', 'inherit'],
    detached: true,
  });
  const [line] = await Promise.race([
    once(createInterface({ input: sites.stdout }), 'line'),
    once(sites, 'exit').then(() => Promise.reject(new Error('the made-up sites did not start'))),
  ]);
  const said = JSON.parse(line);
  return {
    ...said,
    standIns: said.hosts.map((host) => `${host}=127.0.0.1:${said.port}`).join(','),
    stop: () => void sites.kill('SIGTERM'),
  };
}
