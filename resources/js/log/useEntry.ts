import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Refused, write } from '../api/client'
import { logKey } from '../api/queries'
import type { Recorded } from '../api/types'
import { useNotices } from '../frame/notice'
import { words } from '../words/en'
import { useOnceKey } from './useOnceKey'

interface Entry<B> {
    /** Where it is written, and where it is taken back with its number behind. */
    path: string
    undoPath: string
    said: (body: B) => string
    onDone: () => void
}

/**
 * Writes one entry to the log and says so at the foot with a way back. The
 * same entry sent again keeps its key, so that it is recorded once.
 */
export function useEntry<B>({ path, undoPath, said, onDone }: Entry<B>) {
    const client = useQueryClient()
    const { say } = useNotices()
    const { keyFor, forget } = useOnceKey()
    const mutation = useMutation({
        mutationFn: (body: B) => write<Recorded>('POST', path, body, keyFor(path + JSON.stringify(body))),
        onSuccess: async (recorded, body) => {
            forget()
            say({
                text: said(body),
                undo: () => {
                    void write('DELETE', `${undoPath}/${recorded.id}`)
                        .then(() => client.invalidateQueries({ queryKey: logKey }))
                        .then(() => say({ text: words.undone }))
                        .catch((error: unknown) => say({ text: error instanceof Refused ? error.message : words.unreachable }))
                },
            })
            onDone()
            await client.invalidateQueries({ queryKey: logKey })
        },
    })
    const refused = mutation.error instanceof Refused ? mutation.error : undefined
    return {
        save: mutation.mutate,
        isSaving: mutation.isPending,
        fieldError: (field: string) => refused?.fieldError(field),
        /** Asked when it is unlikely: send it again with keep. */
        question: refused?.problem.question,
        /** What no field on the form shows. */
        otherError: (fields: readonly string[]): string | undefined => {
            if (mutation.error === null) {
                return undefined
            }
            if (refused === undefined) {
                return words.unreachable
            }
            return fields.some((field) => refused.fieldError(field) !== undefined) ? undefined : refused.message
        },
    }
}
