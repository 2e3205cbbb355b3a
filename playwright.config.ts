import { defineConfig } from '@playwright/test'
import { BROWSER } from './bin/browser.mjs'

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: '.state/playwright',
    globalSetup: './tests/Browser/templates.ts',
    // Files are begun by name: those that take longest are called so that they do not come last, with a worker idle beside them.
    workers: 2,
    // A busy machine may be too slow for one; a test that fails twice is wrong, and one that failed once is named "flaky".
    retries: 1,
    timeout: 60_000,
    expect: { timeout: 10_000 },
    reporter: [['list'], ['./tests/Browser/failures.ts']],
    use: {
        viewport: { width: 1280, height: 800 },
        serviceWorkers: 'block',
        reducedMotion: 'reduce',
        launchOptions: BROWSER,
    },
})
