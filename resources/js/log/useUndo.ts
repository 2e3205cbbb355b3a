import { messages } from '../messages'
import { useQueryClient } from '@tanstack/react-query'
import { Refused, write } from '../api/client'
import { logKey } from '../api/queries'
import type { Notice } from '../frame/notice'
import { useNotices } from '../frame/notice'

/** Takes something back: draws everything anew and says at the foot that it is undone, or why it cannot be. */
export function useUndo(): (undo: () => Promise<unknown>, notice?: Notice) => void {
    const client = useQueryClient()
    const { say } = useNotices()
    return (undo, notice = { text: messages.frame.undone }) => {
        void undo()
            .then(() => client.invalidateQueries({ queryKey: logKey }))
            .then(() => say(notice))
            .catch((error: unknown) =>
                say({ text: error instanceof Refused ? error.message : messages.frame.unreachable }),
            )
    }
}

/** Deletes an entry and says so at the foot. */
export function useDelete(): (path: string, said?: string) => void {
    const undo = useUndo()
    return (path, said = messages.frame.undone) => undo(() => write('DELETE', path), { text: said })
}
