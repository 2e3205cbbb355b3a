import createClient from 'openapi-fetch'
import type {
    FilterKeys,
    MediaType,
    PathsWithMethod,
    RequiredKeysOf,
    SuccessResponseJSON,
} from 'openapi-typescript-helpers'
import { messages } from '../messages'
import { forgetKey, keyOf } from './idempotency'
import { formOf, namedFile } from './files'
import { isKeepable } from './keepable'
import { KeptHere, Refused, Unreachable } from './refused'
import type { paths } from './schema'
import { send } from './send'
import type { Problem } from './types'

export type Write = 'POST' | 'PUT' | 'DELETE'

type Method = 'GET' | Write

/** The addresses of the API that answer to this method. */
export type Address<M extends Method> = PathsWithMethod<paths, Lowercase<M>>

type Operation<M extends Method, P extends Address<M>> = paths[P][Lowercase<M> & keyof paths[P]]

type Parameters<O, Where extends 'path' | 'query'> = O extends { parameters: { [K in Where]?: infer T } }
    ? NonNullable<T>
    : never

/** What stands in the braces of the address. */
export type Named<M extends Method, P extends Address<M>> =
    Operation<M, P> extends { parameters: { path: infer T } } ? T : Record<string, never>

export type Query<P extends Address<'GET'>> = Parameters<Operation<'GET', P>, 'query'>

type RequestBody<O> = O extends { requestBody?: infer R } ? NonNullable<R> : never

/** What is sent; undefined where the description wants no body. */
export type Body<M extends Write, P extends Address<M>> = [RequestBody<Operation<M, P>>] extends [never]
    ? undefined
    : RequestBody<Operation<M, P>> extends { content: infer T }
      ? FilterKeys<T, MediaType>
      : undefined

export type Answer<M extends Method, P extends Address<M>> =
    Operation<M, P> extends Record<string | number, unknown> ? SuccessResponseJSON<Operation<M, P>> : never

const client = createClient<paths>({
    fetch: send,
    credentials: 'same-origin',
    headers: { Accept: 'application/json' },
    querySerializer: { array: { style: 'form', explode: true } },
})

/** The body, as a list of arguments: none where there is none. */
export type Sent<M extends Write, P extends Address<M>> = Body<M, P> extends undefined ? [] : [Body<M, P>]

/** Asks; the address and what stands in it are checked against the description of the API. */
export const read = <P extends Address<'GET'>>(
    path: P,
    named: Named<'GET', P>,
    ...query: RequiredKeysOf<Query<P>> extends never ? [Query<P>?] : [Query<P>]
): Promise<Answer<'GET', P>> =>
    answered(client.request('get', path as never, { params: { path: named, query: query[0] } } as never))

/** A write as it is sent, and kept where nobody answers. */
export interface Written {
    method: Write
    path: string
    /** What stands in the braces of the address. */
    named: object
    body: unknown
    /** Sent again under this key it is recorded once. */
    key: string
}

type Keep = (written: Written) => Promise<number>

let keepHere: Keep | undefined

/** Called with an entry of the log that nobody answered: keeps it on the device and returns its number there. */
export function onUnanswered(keep: Keep | undefined): void {
    keepHere = keep
}

/**
 * Writes once: the same write sent again before it has been answered is recorded once.
 *
 * @throws Refused, Unreachable, KeptHere when it waits on the device
 */
export async function write<M extends Write, P extends Address<M>>(
    method: M,
    path: P,
    named: Named<M, P>,
    ...body: Sent<M, P>
): Promise<Answer<M, P>> {
    return writeOrKeep({ method, path, named: named as object, body: body[0] })
}

/**
 * As write, of what no type describes: a body with files is sent as a form.
 *
 * @param signal stops it half-way
 * @throws Refused, Unreachable, KeptHere when it waits on the device
 */
export async function writeOrKeep<A>(written: Omit<Written, 'key'>, signal?: AbortSignal): Promise<A> {
    const { method, path, named, body } = written
    const what = `${method} ${path} ${JSON.stringify([named, body], namedFile)}`
    const keyed: Written = { ...written, key: keyOf(what) }
    const forget = (): boolean => forgetKey(what)
    try {
        return await sendWritten<A>(keyed, forget, signal)
    } catch (error) {
        const isStopped = signal?.aborted === true
        if (!(error instanceof Unreachable) || isStopped || keepHere === undefined || !isKeepable(keyed)) {
            throw error
        }
        const kept = await keepHere(keyed).catch(() => undefined)
        if (kept === undefined) {
            throw error
        }
        forget()
        throw new KeptHere(kept)
    }
}

/** @param onAnswer when it is known whether it was written */
export const sendWritten = <A>(
    { method, path, named, body, key }: Written,
    onAnswer?: () => void,
    signal?: AbortSignal,
): Promise<A> =>
    answered<A>(
        client.request(
            method.toLowerCase() as never,
            path as never,
            {
                params: { path: named },
                body: formOf(body),
                headers: { 'Idempotency-Key': key },
                ...(signal === undefined ? {} : { signal }),
            } as never,
        ),
        onAnswer,
    )

interface Fetched {
    data?: unknown
    error?: unknown
    response: Response
}

async function answered<A>(asked: Promise<Fetched>, onAnswer?: () => void): Promise<A> {
    const { data, error, response } = await asked.catch(() => {
        throw new Unreachable()
    })
    if (response.status < FAILED_THERE) {
        onAnswer?.()
    }
    if (!response.ok) {
        throw new Refused(response.status, problemOf(error, response.status))
    }
    return data as A
}

/** From here on the server has failed, and whether it wrote is not known. */
const FAILED_THERE = 500

const problemOf = (error: unknown, status: number): Problem =>
    typeof error === 'object' && error !== null && 'message' in error
        ? (error as Problem)
        : { message: messages.frame.serverAnswered({ status }) }
