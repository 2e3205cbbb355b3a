import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useCallback } from 'react'
import type { Address, Answer, Body, Named, Sent, Write } from '../api/client'
import { write } from '../api/client'
import { changedBy } from '../api/keys'
import { KeptHere, Refused } from '../api/refused'
import { useNotices } from '../frame/notice'
import { messages } from '../messages'
import { useGoToRefused } from './useGoToRefused'
import { useUndo } from './useUndo'

interface Options<B, A> {
    /** The notice at the foot when it is done; none: there is none. */
    notice?: (answer: A, body: B) => string
    /** How it is taken back; none: it is not. */
    undo?: (answer: A, body: B) => Promise<unknown>
    onDone?: (answer: A) => unknown
    /** Nobody answered and it waits on this device: the slip can be closed. */
    onKept?: (() => unknown) | undefined
}

/** The one way to write: to an address of the API, with what stands in its braces. */
export function useWrite<M extends Write, P extends Address<M>>(
    method: M,
    path: P,
    named: Named<M, P>,
    options: Options<Body<M, P>, Answer<M, P>> = {},
) {
    return useSend((body: Body<M, P>) => write(method, path, named, ...([body] as Sent<M, P>)), options, path)
}

/** As useWrite, for writes whose address depends on what is written. */
export function useSend<B, A>(
    send: (body: B) => Promise<A>,
    { notice, undo, onDone, onKept }: Options<B, A>,
    path: string,
) {
    const client = useQueryClient()
    const { say } = useNotices()
    const takeBack = useUndo(path)
    const mutation = useMutation({
        mutationFn: send,
        onSuccess: async (answer, body) => {
            if (notice !== undefined) {
                say({
                    text: notice(answer, body),
                    ...(undo === undefined ? {} : { undo: () => takeBack(() => undo(answer, body)) }),
                })
            }
            await Promise.resolve(onDone?.(answer))
            await client.invalidateQueries(changedBy(path))
        },
        onError: async (error) => {
            if (error instanceof KeptHere) {
                const { dropEntry, isWaiting, keptKey } = await import('../offline/outbox')
                const takeOut = () =>
                    dropEntry(error.entry).then(() => client.invalidateQueries({ queryKey: keptKey }))
                if (await isWaiting(error.entry)) {
                    say({ text: messages.frame.keptHere, undo: () => takeBack(takeOut) })
                }
                await client.invalidateQueries({ queryKey: keptKey })
                onKept?.()
            }
        },
    })
    const refused = mutation.error instanceof Refused ? mutation.error : undefined
    const fieldError = useCallback((field: string) => refused?.fieldError(field), [refused])
    useGoToRefused(refused)
    const isKept = mutation.error instanceof KeptHere
    const error =
        mutation.error === null || isKept ? undefined : (refused?.message ?? messages.frame.unreachable)
    return {
        save: mutation.mutate,
        isSaving: mutation.isPending,
        answer: mutation.data,
        error,
        /** The whole refusal, for what it holds besides sentences. */
        problem: refused?.problem,
        /** Another one with each refusal. */
        fieldError,
        /** What no field on the form shows. */
        otherError: (fields: readonly string[]): string | undefined =>
            fields.some((field) => refused?.fieldError(field) !== undefined) ? undefined : error,
    }
}
