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
    const again = request.clone()
    // Reading cookies keeps the page waiting, and only what writes wants one.
    if (request.method !== 'GET') {
        if (token() === '') {
            await fetchToken()
        }
        again.headers.set('X-XSRF-TOKEN', token())
    }
    return overTheNetwork(again)
}

/** A network that is dead without saying so keeps a request for minutes: after so long it is asked whether anybody is there. */
const PATIENCE_MS = 4_000

const THERE_MS = 6_000

/** While nobody answers, nothing is waited for longer: what is kept is shown meanwhile. */
const PATIENCE_WHILE_DOWN_MS = 2_000

const up = (): Promise<Response> =>
    fetch('/up', { method: 'HEAD', cache: 'no-store', signal: AbortSignal.timeout(THERE_MS) })

/** Asks whether anybody answers; what the answer is does not matter. */
export const ping = (): Promise<unknown> =>
    up().then(
        () => connection.found(false),
        () => connection.found(true),
    )

/** Notes whether anybody answers. What was called off on this side tells nothing. */
async function overTheNetwork(request: Request): Promise<Response> {
    const { signal, unwatch } = whileSomebodyIsThere(request)
    try {
        const answer = await fetch(request, { signal })
        connection.found(false)
        return answer
    } catch (error) {
        if (!request.signal.aborted) {
            connection.found(true)
        }
        throw error
    } finally {
        unwatch()
    }
}

/** Ends when the request is called off, or nobody is there any more. A file may take its time, and the line with it. */
function whileSomebodyIsThere(request: Request): { signal: AbortSignal; unwatch: () => void } {
    const end = new AbortController()
    const callOff = (): void => end.abort()
    request.signal.addEventListener('abort', callOff)
    if (request.signal.aborted) {
        callOff()
    }
    const isFile = request.headers.get('Content-Type')?.startsWith('multipart/') === true
    const asking = isFile ? undefined : setInterval(() => void up().catch(callOff), PATIENCE_MS)
    const ending = isFile || !connection.isDown() ? undefined : setTimeout(callOff, PATIENCE_WHILE_DOWN_MS)
    return {
        signal: end.signal,
        unwatch: () => {
            clearInterval(asking)
            clearTimeout(ending)
            request.signal.removeEventListener('abort', callOff)
        },
    }
}

const fetchToken = (): Promise<Response> =>
    overTheNetwork(
        new Request('/sanctum/csrf-cookie', {
            credentials: 'same-origin',
            headers: { Accept: 'application/json' },
        }),
    )

function token(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length))
}
