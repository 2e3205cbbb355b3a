import { messages } from '../messages'
import type { Problem } from './types'

/** An answer that is not a success, with the sentences to show. */
export class Refused extends Error {
    constructor(
        readonly status: number,
        readonly problem: Problem,
    ) {
        super(problem.message)
    }

    fieldError(field: string): string | undefined {
        return this.problem.errors?.[field]?.[0]
    }
}

/** No answer at all: the network or the server is away. */
export class Unreachable extends Error {}

export type Write = 'POST' | 'PUT' | 'DELETE'

const UNAUTHENTICATED = 401
const TOKEN_EXPIRED = 419
const NO_CONTENT = 204

/**
 * Called when the session has ended: signs in again over the page and resolves,
 * so that what was typed is kept and sent.
 */
let signInAgain: () => Promise<void> = () => Promise.reject(new Error('no sign-in dialog'))

export function onSessionEnd(handler: () => Promise<void>): void {
    signInAgain = handler
}

/** Names one write; a repeat with the same key is recorded once. Works outside secure contexts too. */
export function newKey(): string {
    return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) =>
        byte.toString(16).padStart(2, '0'),
    ).join('')
}

export function get<T>(path: string): Promise<T> {
    return request<T>('GET', path, undefined, undefined)
}

export function write<T>(method: Write, path: string, body?: unknown, key: string = newKey()): Promise<T> {
    return request<T>(method, path, body, key)
}

async function request<T>(
    method: 'GET' | Write,
    path: string,
    body: unknown,
    key: string | undefined,
): Promise<T> {
    let answer = await send(method, path, body, key)
    if (answer.status === TOKEN_EXPIRED) {
        await fetchToken()
        answer = await send(method, path, body, key)
    }
    if (answer.status === UNAUTHENTICATED) {
        await signInAgain()
        answer = await send(method, path, body, key)
    }
    if (!answer.ok) {
        throw new Refused(answer.status, await problemOf(answer))
    }
    return (answer.status === NO_CONTENT ? undefined : await answer.json()) as T
}

async function send(method: string, path: string, body: unknown, key: string | undefined): Promise<Response> {
    if (method !== 'GET' && token() === '') {
        await fetchToken()
    }
    try {
        return await fetch(`/api/v1/${path}`, {
            method,
            credentials: 'same-origin',
            headers: {
                Accept: 'application/json',
                'X-XSRF-TOKEN': token(),
                ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
                ...(key === undefined ? {} : { 'Idempotency-Key': key }),
            },
            ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        })
    } catch {
        throw new Unreachable()
    }
}

async function fetchToken(): Promise<void> {
    try {
        await fetch('/sanctum/csrf-cookie', {
            credentials: 'same-origin',
            headers: { Accept: 'application/json' },
        })
    } catch {
        throw new Unreachable()
    }
}

function token(): string {
    const cookie = document.cookie.split('; ').find((one) => one.startsWith('XSRF-TOKEN='))
    return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length))
}

async function problemOf(answer: Response): Promise<Problem> {
    try {
        return (await answer.json()) as Problem
    } catch {
        return { message: messages.frame.serverAnswered({ status: answer.status }) }
    }
}
