import { afterEach, describe, expect, it, vi } from 'vitest'
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
