import { messages } from '../messages'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Refused, write } from '../api/client'
import type { Write } from '../api/client'
import { logKey } from '../api/queries'
import { useNotices } from '../frame/notice'
import { useIdempotencyKey } from './useIdempotencyKey'
import { useUndo } from './useUndo'

interface Options<B, A> {
    method: Write
    path: string
    /** What is said at the foot when it is done; none: nothing. */
    said?: (answer: A, body: B) => string
    /** How it is taken back; none: it is not. */
    undo?: (answer: A, body: B) => Promise<unknown>
    onDone?: (answer: A) => unknown
}

/**
 * The one way to write. The same write sent again keeps its key until it has
 * succeeded, so that it is recorded once however often it is tried.
 */
export function useWrite<B, A = unknown>({ method, path, said, undo, onDone }: Options<B, A>) {
    const client = useQueryClient()
    const { say } = useNotices()
    const takeBack = useUndo()
    const { keyFor, forget } = useIdempotencyKey()
    const mutation = useMutation({
        mutationFn: (body: B) =>
            write<A>(method, path, body, keyFor(`${method} ${path} ${JSON.stringify(body)}`)),
        onSuccess: async (answer, body) => {
            forget()
            if (said !== undefined) {
                say({
                    text: said(answer, body),
                    ...(undo === undefined ? {} : { undo: () => takeBack(() => undo(answer, body)) }),
                })
            }
            await Promise.resolve(onDone?.(answer))
            await client.invalidateQueries({ queryKey: logKey })
        },
    })
    const refused = mutation.error instanceof Refused ? mutation.error : undefined
    const error = mutation.error === null ? undefined : (refused?.message ?? messages.frame.unreachable)
    return {
        save: mutation.mutate,
        isSaving: mutation.isPending,
        answer: mutation.data,
        error,
        /** The whole refusal, for what it holds besides sentences. */
        problem: refused?.problem,
        fieldError: (field: string) => refused?.fieldError(field),
        /** What no field on the form shows. */
        otherError: (fields: readonly string[]): string | undefined =>
            fields.some((field) => refused?.fieldError(field) !== undefined) ? undefined : error,
    }
}
