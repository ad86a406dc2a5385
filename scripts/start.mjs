import { spawn } from 'node:child_process';
import { join, resolve } from 'node:path';
import { createInterface } from 'node:readline';
import { parseArgs } from 'node:util';
import { buildAll } from './steps/build.mjs';
import { startDatabase } from './steps/database.mjs';
import { installDependencies, installPackages } from './steps/install.mjs';
import { startSites } from './steps/sites.mjs';

const root = resolve(import.meta.dirname, '..');
const { values } = parseArgs({
  options: {
    port: { type: 'string', default: '4280' },
    data: { type: 'string', default: join(root, '.haveld') },
    demo: { type: 'boolean', default: false },
    'no-demo': { type: 'boolean', default: false },
    host: { type: 'string', default: '127.0.0.1' },
    tls: { type: 'boolean', default: false },
    watch: { type: 'string', multiple: true, default: [] },
  },
});
const data = resolve(values.data);
const external = process.env.HAVELD_DATABASE_URL;
// its password is printed for everybody
const isOurs = ['127.0.0.1', '::1', 'localhost'].includes(values.host) && !external;
const hasDemo = !values['no-demo'] && (isOurs || values.demo);

await installPackages({ forTests: false, database: !external });
await installDependencies(root);
await buildAll(root);

const database = external ? null : await startDatabase(join(data, 'database'));
await database?.create('haveld');
const sites = hasDemo ? await startSites(root) : null;
const server = spawn(process.execPath, ['--enable-source-maps', join(root, 'dist/main.js')], {
  cwd: root,
  env: {
    ...process.env,
    HAVELD_DATABASE_URL: external ?? database.url('haveld'),
    HAVELD_DATA: data,
    HAVELD_PORT: values.port,
    HAVELD_HOST: values.host,
    HAVELD_TLS: values.tls ? '1' : '0',
    HAVELD_DEMO: hasDemo ? '1' : '0',
    HAVELD_WATCH: values.watch.map((folder) => resolve(folder)).join(':'),
    HAVELD_STAND_INS: sites?.standIns ?? '',
  },
  stdio: ['ignore', 'pipe', 'inherit'],
  detached: true,
});

createInterface({ input: server.stdout }).on('line', (line) => {
  const said = JSON.parse(line);
  if (said.owner)
    console.log(
      `\nOwner:  sign in as “${said.owner.signIn}” with the one-time password  ${said.owner.password}\n        It is shown only now; you are asked to change it.`,
    );
  if (said.ready) console.log(`\nHaveld is open at  http://${said.ready.host}:${said.ready.port}/\n`);
  if (said.openly)
    console.log(
      'Files from outside are opened under limits of memory and time alone: this system has no sandbox (bubblewrap, user namespaces).',
    );
  if (said.ready && !hasDemo && !values['no-demo'])
    console.log(
      'Demo:   off, since others may reach this Haveld: its password is printed for everybody. --demo loads it.',
    );
  if (said.ready && sites)
    console.log(
      `Sites:  the made-up sources of the demo stand at  ${sites.hosts.map((host) => `http://${host.replace('.example', '.localhost')}:${sites.port}/`).join('  ')}`,
    );
  if (said.demo) console.log(`Demo:   ${said.demo} …`);
  if (said.demoPeople)
    console.log(
      `Demo:   ready. Sign in as ${said.demoPeople.map((person) => `“${person.signIn}”`).join(', ')} with  ${said.demoPeople[0].password}\n`,
    );
});

let stopping = false;
const stop = () => {
  if (stopping) return;
  stopping = true;
  server.kill('SIGTERM');
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
server.on('exit', (code) => {
  sites?.stop();
  void Promise.resolve(database?.stop()).finally(() => process.exit(stopping ? 0 : (code ?? 1)));
});
