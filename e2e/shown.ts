import { readFileSync } from 'node:fs';
import { type Reporter, type TestCase, type TestResult } from '@playwright/test/reporter';

/** So much of a page is enough to see where a test stood. */
const most = 6_000;

/** Prints at the end what pages showed when their tests failed: where only the output is kept, the files that say it are gone. */
export default class Shown implements Reporter {
  private readonly pages: string[] = [];
  private readonly failed: string[] = [];

  onTestEnd(test: TestCase, { status, attachments, errors }: TestResult): void {
    if (status === test.expectedStatus) return;
    const said = errors.map(
      ({ message = '', location }) => `${message.replace(/\u001b\[[\d;]*m/g, '')} (line ${location?.line ?? '?'})`,
    );
    this.failed.push(`“${test.title}”: ${said.join('\n').slice(0, 800)}`);
    for (const { name, path } of attachments) {
      if (name !== 'error-context' || !path) continue;
      // What was found stands with the error, or below a heading of its own; the test's source follows.
      const [, page = ''] =
        /(?:# Page snapshot|# Error details)\n([^]*?)(?:\n# Test source|$)/.exec(readFileSync(path, 'utf8')) ?? [];
      // What a list could be set to says little, and is long.
      const told = page.trim().replace(/^\s*- option "(?!.*\[selected\]).*\n/gm, '');
      this.pages.push(`Shown when “${test.title}” failed:\n${told.slice(0, most)}`);
    }
  }

  onEnd(): void {
    for (const page of this.pages) console.log(`\n${page}`);
    // Last, where it is found when only the end of the output is kept.
    for (const one of this.failed) console.log(`\nFailed in the browser: ${one}`);
  }
}
