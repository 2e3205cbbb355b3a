import { write } from '../api/client'
import { useWrite } from './useWrite'

interface Change<B> {
    /** Where the whole of it is put. */
    path: string
    /** As it is now, to go back to. */
    before: B
    said: string
    onDone: () => void
}

/** Puts something in the place of what is there, and says so at the foot with a way back. */
export const useChange = <B>({ path, before, said, onDone }: Change<B>) =>
    useWrite<B>({ method: 'PUT', path, said: () => said, undo: () => write('PUT', path, before), onDone })
