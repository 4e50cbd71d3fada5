// Everything that has to hold, in the order in which it fails fastest. Ends with one line that counts all tests.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureChromium, ensurePackages } from './ensure.mjs';

const root = new URL('..', import.meta.url).pathname;
const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1', CI: 'true' };
let passed = 0;
let failed = 0;

function run(name, command, args) {
  console.log(`\n— ${name}`);
  const { status } = spawnSync(command, args, { cwd: root, env, stdio: 'inherit' });
  return status === 0;
}

/** A check without tests of its own counts as one. */
function check(name, command, args) {
  if (run(name, command, args)) passed++;
  else failed++;
}

const readJson = (path) => {
  try {
    return JSON.parse(readFileSync(`${root}${path}`, 'utf8'));
  } catch {
    return null;
  }
};

ensurePackages();
ensureChromium();
rmSync(`${root}test-results`, { recursive: true, force: true });
mkdirSync(`${root}test-results`, { recursive: true });

check('Assets', 'node', ['scripts/assets.mjs']);
check('Build', 'npx', ['next', 'build']);
check('Types', 'npx', ['tsc', '--noEmit']);
check('Lint', 'npx', ['eslint', '.', '--max-warnings', '0']);
check('Format', 'npx', ['prettier', '--check', '.']);
check('Layers', 'npx', ['depcruise', 'src', '--config', '.dependency-cruiser.cjs']);
check('Layers of types', 'npx', ['depcruise', 'src', '--config', '.dependency-cruiser.types.cjs']);
check('Licences', 'node', ['scripts/licences.mjs', '--check']);
check('First load', 'node', ['scripts/weigh.mjs']);

const unitRan = run('Unit tests', 'npx', ['jest', '--json', '--outputFile=test-results/unit.json']);
const unit = readJson('test-results/unit.json');
passed += unit?.numPassedTests ?? 0;
failed += (unit?.numFailedTests ?? 0) + (unit?.numRuntimeErrorTestSuites ?? 0);
if (!unitRan && !unit?.numFailedTests && !unit?.numRuntimeErrorTestSuites) failed++;

const e2eRan = run('The real interface', 'npx', ['playwright', 'test']);
const e2e = readJson('test-results/e2e.json')?.stats;
passed += e2e?.expected ?? 0;
failed += (e2e?.unexpected ?? 0) + (e2e?.flaky ?? 0);
if (!e2eRan && !e2e?.unexpected && !e2e?.flaky) failed++;

console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed ? 1 : 0;
