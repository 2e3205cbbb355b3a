import type { Address, Body, Named, Sent } from '../api/client'
import { write } from '../api/client'
import { useSend } from './useWrite'

interface Change<B> {
    /** As it is now, to go back to. */
    before: B
    notice: string
    onDone: () => void
}

/** Puts something in the place of what is there, and says so at the foot with a way back. */
export function useChange<P extends Address<'PUT'>>(
    path: P,
    named: Named<'PUT', P>,
    { before, notice, onDone }: Change<Body<'PUT', P>>,
) {
    const put = (body: Body<'PUT', P>) => write('PUT', path, named, ...([body] as Sent<'PUT', P>))
    return useSend(put, { notice: () => notice, undo: () => put(before), onDone }, path)
}
