import { afterEach, describe, expect, it, vi } from 'vitest'
import { connection } from '../../resources/js/api/connection'
import { onSessionEnd, send } from '../../resources/js/api/send'

const ask = (path: string): Promise<Response> => send(new Request(`http://127.0.0.1${path}`))

describe('a session that has ended', () => {
    afterEach(() => vi.unstubAllGlobals())

    it('asks to sign in once, also for what was under way meanwhile', async () => {
        vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=token' })
        let isSignedIn = false
        let letSlowOneGo = (): void => undefined
        const slow = new Promise<void>((go) => (letSlowOneGo = go))
        vi.stubGlobal(
            'fetch',
            vi.fn(async (request: Request) => {
                const status = isSignedIn ? 200 : 401
                if (request.url.endsWith('/slow') && status === 401) {
                    await slow
                }
                return new Response(null, { status })
            }),
        )
        const signIn = vi.fn(() => {
            isSignedIn = true
            return Promise.resolve()
        })
        onSessionEnd(signIn)

        const slowOne = ask('/slow')
        expect((await ask('/quick')).status).toBe(200)
        letSlowOneGo()
        expect((await slowOne).status).toBe(200)
        expect(signIn).toHaveBeenCalledTimes(1)
    })
})

describe('a network that is dead without saying so', () => {
    afterEach(() => {
        vi.useRealTimers()
        vi.unstubAllGlobals()
    })

    /** A question that is never answered, while /up is answered or not. */
    const askInVain = async (isUp: boolean, init: RequestInit = {}): Promise<string> => {
        vi.useFakeTimers()
        vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=token' })
        vi.stubGlobal('fetch', (asked: Request | string, { signal }: RequestInit = {}) =>
            typeof asked === 'string'
                ? isUp
                    ? Promise.resolve(new Response(null))
                    : Promise.reject(new TypeError('nobody'))
                : new Promise((_, fail) => signal?.addEventListener('abort', () => fail(new Error('ended')))),
        )
        let state = 'waits'
        send(new Request('http://127.0.0.1/fish', init)).catch(() => (state = 'ended'))
        await vi.advanceTimersByTimeAsync(60_000)
        return state
    }

    it('is not waited for', async () => {
        expect(await askInVain(false)).toBe('ended')
        expect(connection.isDown()).toBe(true)
    })

    it('is waited for no longer than a moment while it is known', async () => {
        connection.found(true)
        expect(await askInVain(true)).toBe('ended')
    })

    it('is told from a question that takes long', async () => {
        connection.found(false)
        expect(await askInVain(true)).toBe('waits')
        expect(connection.isDown()).toBe(false)
    })

    it('does not cut off a file that is on its way', async () => {
        const form = new FormData()
        form.append('picture', new File(['a'], 'a.jpg'))
        expect(await askInVain(false, { method: 'POST', body: form })).toBe('waits')
    })
})
