import { write } from '../api/client'
import type { Recorded } from '../api/types'
import { useWrite } from './useWrite'

interface Entry<B> {
    /** Where it is written, and where it is deleted with its number behind. */
    path: string
    undoPath: string
    said: (body: B) => string
    onDone: () => void
}

/** Writes one entry to the log and says so at the foot with a way back. */
export const useEntry = <B>({ path, undoPath, said, onDone }: Entry<B>) =>
    useWrite<B, Recorded>({
        method: 'POST',
        path,
        said: (_, body) => said(body),
        undo: (recorded) => write('DELETE', `${undoPath}/${recorded.id}`),
        onDone,
    })
