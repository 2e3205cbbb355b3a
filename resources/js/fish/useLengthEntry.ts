import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Refused, write } from '../api/client'
import { logKey } from '../api/queries'
import type { MeasurementEntry, MeasurementRequest } from '../api/types'
import { useUnit } from '../frame/keeper'
import { useNotices } from '../frame/notice'
import { useOnceKey } from '../log/useOnceKey'
import { measured } from '../units/length'
import { words } from '../words/en'

interface Target {
    fishId: number
    fishName: string
    /** The entry that is corrected; none for a new one. */
    correcting?: MeasurementEntry
    onDone: () => void
}

/** Saves a new or corrected length and offers the way back at the foot. */
export function useLengthEntry({ fishId, fishName, correcting, onDone }: Target) {
    const client = useQueryClient()
    const { say } = useNotices()
    const unit = useUnit()
    const { keyFor, forget } = useOnceKey()
    const refresh = () => client.invalidateQueries({ queryKey: logKey })
    const back = (undo: () => Promise<unknown>) => (): void => {
        void undo()
            .then(refresh)
            .then(() => say({ text: words.undone }))
            .catch((error: unknown) => say({ text: error instanceof Refused ? error.message : words.unreachable }))
    }
    const mutation = useMutation({
        mutationFn: (request: MeasurementRequest) => {
            const key = keyFor(JSON.stringify(request))
            return correcting === undefined
                ? write<MeasurementEntry>('POST', `fish/${fishId}/measurements`, request, key)
                : write<MeasurementEntry>('PUT', `measurements/${correcting.id}`, { ...request, version: correcting.version }, key)
        },
        onSuccess: async (saved) => {
            forget()
            const length = measured(saved.length_mm, unit)
            say(
                correcting === undefined
                    ? { text: words.fish.saved(length, fishName), undo: back(() => write('DELETE', `measurements/${saved.id}`)) }
                    : { text: words.fish.corrected(length, fishName), undo: back(() => restoreEntry(correcting, saved.version)) },
            )
            onDone()
            await refresh()
        },
    })
    return { ...mutation, refused: mutation.error instanceof Refused ? mutation.error : undefined, refresh, back, say }
}

function restoreEntry(entry: MeasurementEntry, version: number): Promise<unknown> {
    return write('PUT', `measurements/${entry.id}`, { length: `${entry.length_mm} mm`, date: entry.date, method: entry.method, keep: true, version })
}
