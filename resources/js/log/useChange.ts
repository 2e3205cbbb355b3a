import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Refused, write } from '../api/client'
import { logKey } from '../api/queries'
import { useNotices } from '../frame/notice'
import { words } from '../words/en'

interface Change<B> {
    /** Where the whole of it is put. */
    path: string
    /** As it is now, to go back to. */
    before: B
    said: string
    onDone: () => void
}

/** Puts something in the place of what is there, and says so at the foot with a way back. */
export function useChange<B>({ path, before, said, onDone }: Change<B>) {
    const client = useQueryClient()
    const { say } = useNotices()
    const put = (body: B) => write('PUT', path, body)
    const drawAgain = () => client.invalidateQueries({ queryKey: logKey })
    const mutation = useMutation({
        mutationFn: put,
        onSuccess: async () => {
            say({
                text: said,
                undo: () => {
                    void put(before)
                        .then(drawAgain)
                        .then(() => say({ text: words.undone }))
                        .catch((error: unknown) => say({ text: error instanceof Refused ? error.message : words.unreachable }))
                },
            })
            onDone()
            await drawAgain()
        },
    })
    const refused = mutation.error instanceof Refused ? mutation.error : undefined
    return {
        save: mutation.mutate,
        isSaving: mutation.isPending,
        fieldError: (field: string) => refused?.fieldError(field),
        error: mutation.error === null ? undefined : (refused?.message ?? words.unreachable),
    }
}
