import { spawn } from 'node:child_process';

/** Runs a command and shows what it says. @throws {Error} where it does not end with 0 */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: 'inherit', ...options });
    child.on('error', reject);
    child.on('exit', (code, signal) =>
      code === 0 ? resolve() : reject(new Error(`${command} ${args[0] ?? ''} ended with ${signal ?? code}`)),
    );
  });
}

/** Runs a command and keeps what it says; shown only where it fails. */
export function runQuietly(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options });
    const said = [];
    child.stdout.on('data', (chunk) => said.push(chunk));
    child.stderr.on('data', (chunk) => said.push(chunk));
    child.on('error', reject);
    child.on('exit', (code, signal) => {
      const text = Buffer.concat(said).toString();
      if (code === 0) resolve(text);
      else reject(new Error(`${command} ${args.join(' ')} ended with ${signal ?? code}\n${text}`));
    });
  });
}
