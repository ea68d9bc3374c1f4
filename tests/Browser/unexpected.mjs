/** Names of the browser tests that failed, or passed only when they were tried again, from reports of Playwright. */
import { readFileSync } from 'node:fs';

const told = (suite) => [
    ...(suite.specs ?? []).flatMap((spec) =>
        spec.tests
            .filter((test) => ['unexpected', 'flaky'].includes(test.status))
            .map((test) => {
                const fault = test.results.map((result) => result.error?.message).find(Boolean) ?? '';
                return `${test.status}: ${spec.file}:${spec.line} ${spec.title}\n${fault.slice(0, 600)}`;
            }),
    ),
    ...(suite.suites ?? []).flatMap(told),
];
for (const file of process.argv.slice(2)) {
    try {
        JSON.parse(readFileSync(file, 'utf8'))
            .suites.flatMap(told)
            .forEach((line) => console.log(line));
    } catch (fault) {
        console.log(`${file} cannot be read: ${fault.message}`);
    }
}
