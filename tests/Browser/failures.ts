import { stripVTControlCharacters } from 'node:util'
import type { Reporter, TestCase, TestResult } from '@playwright/test/reporter'

/** Says at the very end what went wrong, in a few lines: of a long log often only the end is kept. */
export default class Failures implements Reporter {
    private readonly lines: string[] = []

    onTestEnd(test: TestCase, result: TestResult): void {
        if (result.status === test.expectedStatus || result.status === 'skipped') return
        const why = result.error?.message ?? result.status
        this.lines.push(`${test.titlePath().slice(2).join(' › ')} (try ${result.retry + 1})`)
        // Without the colours of a terminal.
        this.lines.push(...stripVTControlCharacters(why).split('\n').slice(0, 12))
    }

    onEnd(): void {
        if (this.lines.length > 0) console.log(['What went wrong:', ...this.lines].join('\n'))
    }
}
