import { messages } from '../messages'
import { Refused, Unreachable } from './refused'
import { send } from './send'
import type { Problem } from './types'

/** The secret in the address of this page: what follows "#" is never sent with it. */
export const secretOfPage = (): string => window.location.hash.slice(1)

/**
 * Asks with the secret of a link in place of a session.
 *
 * @param body JSON, or a form with a file
 * @param secret of another link, for what was written with that
 */
export async function withSecret<A>(
    method: 'GET' | 'POST' | 'PUT' | 'DELETE',
    path: string,
    body?: object | FormData,
    secret = secretOfPage(),
): Promise<A> {
    const isForm = body instanceof FormData
    const answer = await send(
        new Request(path, {
            method,
            credentials: 'same-origin',
            headers: {
                Accept: 'application/json',
                Authorization: `Bearer ${secret}`,
                ...(body === undefined || isForm ? {} : { 'Content-Type': 'application/json' }),
            },
            ...(body === undefined ? {} : { body: isForm ? body : JSON.stringify(body) }),
        }),
    ).catch(() => {
        throw new Unreachable(messages.frame.unreachable)
    })
    const told: unknown = await answer.json().catch(() => undefined)
    if (!answer.ok) {
        throw new Refused(
            answer.status,
            (told as Problem | undefined) ?? {
                message: messages.frame.serverAnswered({ status: answer.status }),
            },
        )
    }
    return told as A
}
