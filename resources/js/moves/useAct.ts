import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Refused, write } from '../api/client'
import { logKey } from '../api/queries'
import { useNotices } from '../frame/notice'
import { words } from '../words/en'

interface Act<B, A> {
    method: 'POST' | 'PUT' | 'DELETE'
    path: string
    said?: (answer: A, body: B) => string
    onDone?: (answer: A) => unknown
    /** How it is taken back; none: it is not. */
    undo?: (answer: A) => Promise<unknown>
}

/** One act on the server, said at the foot, with a way back where there is one. */
export function useAct<B, A>({ method, path, said, onDone, undo }: Act<B, A>) {
    const client = useQueryClient()
    const { say } = useNotices()
    const drawAgain = () => client.invalidateQueries({ queryKey: logKey })
    const mutation = useMutation({
        mutationFn: (body: B) => write<A>(method, path, body),
        onSuccess: async (answer, body) => {
            if (said !== undefined) {
                const back = undo === undefined ? {} : {
                    undo: () => {
                        void undo(answer).then(drawAgain).then(() => say({ text: words.undone })).catch((error: unknown) => say({ text: error instanceof Refused ? error.message : words.unreachable }))
                    },
                }
                say({ text: said(answer, body), ...back })
            }
            await Promise.resolve(onDone?.(answer))
            await drawAgain()
        },
    })
    const refused = mutation.error instanceof Refused ? mutation.error : undefined
    return {
        act: mutation.mutate,
        isActing: mutation.isPending,
        fieldError: (field: string) => refused?.fieldError(field),
        error: mutation.error === null ? undefined : (refused?.message ?? words.unreachable),
    }
}
