import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { run, runQuietly } from './run.mjs';
import { hashTree, isStamped, setStamp } from './stamp.mjs';

/** Debian's packages and a file each brings. */
const DATABASE = [
  { name: 'mariadb-server-core', file: '/usr/sbin/mariadbd' },
  { name: 'mariadb-client-core', file: '/usr/bin/mariadb' },
];
const BROWSER = [{ name: 'chromium-headless-shell', file: '/usr/bin/chromium-headless-shell' }];
/** Converts the formats Haveld has no reader of; without it they are kept and not read. */
const CONVERTER = [{ name: 'assimp-utils', file: '/usr/bin/assimp' }];
/** Shuts in the processes that open files from outside; without it they have limits alone. */
const WALLS = [
  { name: 'bubblewrap', file: '/usr/bin/bwrap' },
  { name: 'util-linux', file: '/usr/bin/prlimit' },
];
const CHECKS = [
  { name: 'assimp-testmodels', file: '/usr/share/assimp/models' },
  { name: 'xz-utils', file: '/usr/bin/xz' },
  { name: 'bzip2', file: '/usr/bin/bzip2' },
];
/** What unpacking is measured against. */
const MEASURES = [{ name: 'p7zip-full', file: '/usr/bin/7z' }, ...CHECKS];

/** Debian's packages that are not here yet; as root they are installed, otherwise the command is printed. */
export async function installPackages({ forTests, database, forMeasures = false }) {
  const wanted = [
    ...(database ? DATABASE : []),
    ...CONVERTER,
    ...WALLS,
    ...(forTests ? [...BROWSER, ...CHECKS] : []),
    ...(forMeasures ? MEASURES : []),
  ];
  const missing = wanted.filter((item) => !existsSync(item.file)).map((item) => item.name);
  if (missing.length === 0) return;
  const install = ['install', '-y', '--no-install-recommends', '-o', 'DPkg::Lock::Timeout=300', ...missing];
  if (process.getuid() !== 0) {
    console.error(
      `These Debian packages are missing. Install them with:\n\n  sudo apt-get update && sudo apt-get ${install.filter((word) => word !== '-y').join(' ')}\n`,
    );
    process.exit(1);
  }
  console.log(`Installing ${missing.join(', ')} …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  await runQuietly('apt-get', ['update', '-o', 'DPkg::Lock::Timeout=300'], { env });
  await runQuietly('apt-get', install, { env });
}

/** `npm ci`, once for each lock file and version of Node.js. */
export async function installDependencies(root) {
  const stamp = hashTree([join(root, 'package-lock.json')]);
  if (existsSync(join(root, 'node_modules')) && isStamped(root, 'dependencies', stamp)) return;
  console.log('Installing what it is built on …');
  await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { cwd: root });
  setStamp(root, 'dependencies', stamp);
}
