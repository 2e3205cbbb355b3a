import { defineConfig } from '@playwright/test'

const port = Number(process.env.BROWSER_TEST_PORT ?? 8187)
export const emptyPort = port + 1

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: '.state/playwright',
    workers: 1,
    retries: 0,
    timeout: 60_000,
    expect: { timeout: 10_000 },
    reporter: [['list']],
    use: {
        baseURL: `http://127.0.0.1:${port}`,
        viewport: { width: 1280, height: 800 },
        serviceWorkers: 'block',
        reducedMotion: 'reduce',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
                '--disable-dev-shm-usage',
                '--font-render-hinting=none',
            ],
        },
    },
    webServer: [serve(port, 'demo'), serve(emptyPort, 'empty')],
})

function serve(onPort: number, data: 'demo' | 'empty') {
    return {
        command: `bash tests/Browser/serve.sh ${onPort} ${data}`,
        url: `http://127.0.0.1:${onPort}/up`,
        gracefulShutdown: { signal: 'SIGTERM' as const, timeout: 3000 },
        timeout: 60_000,
    }
}
