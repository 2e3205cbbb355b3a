import { spawn } from 'node:child_process'
import { copyFileSync, rmSync } from 'node:fs'
import { test as base } from '@playwright/test'
import { FIRST_PORT, TEMPLATES } from './servers'

interface Server {
    url: string
    database: string
    /** Back to the data that the server started with, when it has answered all that it was asked before. */
    reset: () => Promise<void>
}

interface Servers {
    demo: Server
    empty: Server
}

/** Each worker has servers of its own, each file begins with fresh data: no file meets what another has left. */
export const test = base.extend<
    { fresh: undefined; emptyURL: string; database: string },
    { servers: Servers }
>({
    servers: [
        async ({}, use, worker) => {
            const started = [
                await start(FIRST_PORT + 2 * worker.parallelIndex, 'demo'),
                await start(FIRST_PORT + 2 * worker.parallelIndex + 1, 'empty'),
            ] as const
            await use({ demo: started[0], empty: started[1] })
            started.forEach((server) => server.stop())
        },
        { scope: 'worker', auto: true },
    ],
    baseURL: async ({ servers }, use) => use(servers.demo.url),
    database: async ({ servers }, use) => use(servers.demo.database),
    emptyURL: async ({ servers }, use) => use(servers.empty.url),
    fresh: [
        async ({ servers }, use, { file }) => {
            if (file !== lastFile) {
                await servers.demo.reset()
                await servers.empty.reset()
                lastFile = file
            }
            await use(undefined)
        },
        { auto: true },
    ],
})

export { expect } from '@playwright/test'

/** In this worker. */
let lastFile = ''

/** Serves a copy of one of the templates. */
export async function start(
    port: number,
    data: keyof typeof TEMPLATES,
    environment: Record<string, string> = {},
): Promise<Server & { stop: () => void }> {
    const database = `.state/browser-${data}-${port}.sqlite`
    const begin = (): void => {
        rmSync(`${database}-wal`, { force: true })
        rmSync(`${database}-shm`, { force: true })
        copyFileSync(TEMPLATES[data], database)
    }
    begin()
    const server = spawn('bash', ['tests/Browser/serve.sh', String(port), database], {
        stdio: 'ignore',
        env: { ...process.env, ...environment },
    })
    const url = `http://127.0.0.1:${port}`
    await answers(url)
    // It answers one after the other: what a page that is closed by now had asked would meet half a file.
    const reset = (): Promise<void> => answers(url).then(begin)
    return { url, database, reset, stop: () => server.kill() }
}

async function answers(url: string): Promise<void> {
    for (let tries = 0; tries < 300; tries++) {
        const isUp = await fetch(`${url}/up`).then(
            (answer) => answer.ok,
            () => false,
        )
        if (isUp) {
            return
        }
        await new Promise((wait) => setTimeout(wait, 100))
    }
    throw new Error(`${url} does not answer.`)
}
