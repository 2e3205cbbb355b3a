import { connection } from './connection'

const UNAUTHENTICATED = 401
const TOKEN_EXPIRED = 419

/**
 * Called when the session has ended: signs in again over the page and resolves,
 * so that what was typed is kept and sent.
 */
let signInAgain: () => Promise<void> = () => Promise.reject(new Error('no sign-in dialog'))

export function onSessionEnd(handler: () => Promise<void>): void {
    signInAgain = handler
}

/** How often somebody has signed in again. */
let signIns = 0

/** Sends with the token against forgery, once more when token or session have ended. */
export async function send(request: Request): Promise<Response> {
    const before = signIns
    let answer = await attempt(request)
    if (answer.status === TOKEN_EXPIRED) {
        await fetchToken()
        answer = await attempt(request)
    }
    // It was sent before another one had its keeper sign in: nobody is asked twice.
    if (answer.status === UNAUTHENTICATED && before !== signIns) {
        answer = await attempt(request)
    }
    if (answer.status === UNAUTHENTICATED) {
        await signInAgain()
        signIns++
        answer = await attempt(request)
    }
    return answer
}

async function attempt(request: Request): Promise<Response> {
    if (request.method !== 'GET' && token() === '') {
        await fetchToken()
    }
    const again = request.clone()
    again.headers.set('X-XSRF-TOKEN', token())
    return overTheNetwork(again)
}

/** Asks whether anybody answers; what the answer is does not matter. */
export const ping = (): Promise<unknown> =>
    overTheNetwork('/up', { method: 'HEAD', cache: 'no-store' }).catch(() => undefined)

/** Notes whether anybody answers. What was called off on this side tells nothing. */
async function overTheNetwork(...asked: Parameters<typeof fetch>): Promise<Response> {
    try {
        const answer = await fetch(...asked)
        connection.found(false)
        return answer
    } catch (error) {
        if (!(error instanceof DOMException && error.name === 'AbortError')) {
            connection.found(true)
        }
        throw error
    }
}

const fetchToken = (): Promise<Response> =>
    overTheNetwork('/sanctum/csrf-cookie', {
        credentials: 'same-origin',
        headers: { Accept: 'application/json' },
    })

function token(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length))
}
