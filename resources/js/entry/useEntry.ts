import type { Address, Answer, Body, Named } from '../api/client'
import { useWrite } from './useWrite'

interface Entry<P extends Address<'POST'>> {
    notice: (body: Body<'POST', P>) => string
    /** Deletes what was recorded. */
    undo: (recorded: Answer<'POST', P>) => Promise<unknown>
    onDone?: () => void
}

/** Writes one entry to the log and says so at the foot with a way back. */
export const useEntry = <P extends Address<'POST'>>(
    path: P,
    named: Named<'POST', P>,
    { notice, ...entry }: Entry<P>,
) => useWrite('POST', path, named, { notice: (_, body) => notice(body), onKept: entry.onDone, ...entry })
