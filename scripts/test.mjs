// Everything that must hold: lint, types, unit tests, build, browser journeys. The last line counts.
import { readFileSync, rmSync, mkdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { ensureDebian, ensurePackages, ROOT, run, runAside } from './install.mjs';

ensurePackages();
const results = join(ROOT, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

let passed = 0;
let failed = 0;
const failures = [];
function count(name, good, bad) {
	passed += good;
	failed += bad;
	if (bad) failures.push(`${name}: ${bad} failed`);
}
/** One line for a test that failed: the end of a long output may be all that is seen of it. */
const brief = (name, message) =>
	`  ${relative(ROOT, name) || name}: ${message.replace(/\s+/g, ' ').slice(0, 300)}`;
/** Says how something went that has ended already. */
function report(name, { ok, output }) {
	console.log(`\n— ${name}\n${output}`);
	count(name, ok ? 1 : 0, ok ? 0 : 1);
}
/** A runner that writes its counts as JSON; one that dies before that counts as one failure. */
function suite(name, args, file, read, which) {
	console.log(`\n— ${name}`);
	const ok = run('npx', args);
	try {
		const json = JSON.parse(readFileSync(join(results, file), 'utf8'));
		const [good, bad] = read(json);
		count(name, good, bad || ok ? bad : 1);
		failures.push(...which(json));
		if (good + bad === 0) count(name, 0, 1);
	} catch {
		count(name, 0, 1);
	}
}

run('npx', ['svelte-kit', 'sync']);
// The check of types writes anew what the build reads, so that comes first; the other two run side by side.
const build = await runAside('npm', ['run', '--silent', 'build']);
const [lint, types] = await Promise.all(
	['lint', 'check'].map((script) => runAside('npm', ['run', '--silent', script]))
);
report('Formatting and lint', lint);
report('Types', types);
report('Build', build);
suite(
	'Unit tests',
	['vitest', 'run', '--reporter=dot', '--reporter=json', '--outputFile.json=test-results/unit.json'],
	'unit.json',
	(json) => [
		json.numPassedTests,
		json.numFailedTests +
			json.testResults.filter((file) => file.status === 'failed' && file.assertionResults.length === 0).length
	],
	(json) =>
		json.testResults.flatMap((file) =>
			file.status !== 'failed'
				? []
				: file.assertionResults.length === 0
					? [brief(file.name, file.message)]
					: file.assertionResults
							.filter((test) => test.status === 'failed')
							.map((test) => brief(`${file.name} › ${test.fullName}`, test.failureMessages.join(' ')))
		)
);
if (build.ok) {
	// Each of these keeps one core busy.
	const [faults, live] = await Promise.all([
		runAside('npm', ['run', '--silent', 'faults', '--', 'short']),
		runAside('npm', ['run', '--silent', 'live', '--', 'days=14', 'parent=onTime'])
	]);
	report('Kills, cuts of the power and bad texts, a little of each', faults);
	report('Two weeks of a unit, lived by what the application says, in two houses', live);
}
if (!ensureDebian()) count('Browser journeys', 0, 1);
else if (build.ok) {
	const specs = (suites) => suites.flatMap((each) => [...each.specs, ...specs(each.suites ?? [])]);
	suite(
		'Browser journeys',
		['playwright', 'test'],
		'journeys.json',
		({ stats }) => [stats.expected, stats.unexpected + stats.flaky],
		({ suites }) =>
			specs(suites).flatMap((spec) => (spec.ok ? [] : [brief(`${spec.file} › ${spec.title}`, '')]))
	);
}

if (failures.length) console.log(`\n${failures.join('\n')}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed ? 1 : 0;
