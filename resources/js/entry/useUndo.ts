import { useQueryClient } from '@tanstack/react-query'
import { changedBy } from '../api/keys'
import { Refused } from '../api/refused'
import type { Notice } from '../frame/notice'
import { useNotices } from '../frame/notice'
import { messages } from '../messages'

/** Takes something back: draws anew what it changes and says at the foot that it is undone, or why it cannot be. */
export function useUndo(path: string): (undo: () => Promise<unknown>, notice?: Notice) => void {
    const client = useQueryClient()
    const { say } = useNotices()
    return (undo, notice = { text: messages.frame.undone }) => {
        void undo()
            .then(() => client.invalidateQueries(changedBy(path)))
            .then(() => say(notice))
            .catch((error: unknown) =>
                say({ text: error instanceof Refused ? error.message : messages.frame.unreachable }),
            )
    }
}

/** Deletes an entry and says so at the foot. */
export function useDelete(path: string): (remove: () => Promise<unknown>, notice?: string) => void {
    const undo = useUndo(path)
    return (remove, notice = messages.frame.undone) => undo(remove, { text: notice })
}
