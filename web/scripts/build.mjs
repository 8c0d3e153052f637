// Builds the front end as part of the Maven build: fetches its libraries where the lock file is newer than
// what is installed, then runs the checks (with -Dbittern.checks=true) and the build.
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const web = join(dirname(fileURLToPath(import.meta.url)), '..');
const stamp = join(web, 'node_modules', '.bittern-lock');
const lock = readFileSync(join(web, 'package-lock.json'), 'utf8');

/** @param {string[]} args */
function npm(...args) {
  execFileSync('npm', args, { cwd: web, stdio: 'inherit' });
}

if (!existsSync(stamp) || readFileSync(stamp, 'utf8') !== lock) {
  npm('ci', '--no-progress');
  writeFileSync(stamp, lock);
}
if (process.argv.includes('--checks')) {
  npm('run', '--silent', 'format:check');
  npm('run', '--silent', 'lint');
  npm('run', '--silent', 'check');
  npm('run', '--silent', 'test');
}
npm('run', '--silent', 'build');

// What the screens are made of (CycloneDX), beside the list of the server's.
mkdirSync(join(web, 'target'), { recursive: true });
const list = execFileSync(
  'npm',
  ['sbom', '--omit', 'dev', '--package-lock-only', '--sbom-format', 'cyclonedx'],
  {
    cwd: web,
    encoding: 'utf8',
  },
);
writeFileSync(join(web, 'target', 'dependencies.cdx.json'), list);
