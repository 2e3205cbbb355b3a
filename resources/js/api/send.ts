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

/** Sends with the token against forgery, once more when token or session have ended. */
export async function send(request: Request): Promise<Response> {
    let answer = await attempt(request)
    if (answer.status === TOKEN_EXPIRED) {
        await fetchToken()
        answer = await attempt(request)
    }
    if (answer.status === UNAUTHENTICATED) {
        await signInAgain()
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
    return fetch(again)
}

const fetchToken = (): Promise<Response> =>
    fetch('/sanctum/csrf-cookie', { credentials: 'same-origin', headers: { Accept: 'application/json' } })

function token(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length))
}
