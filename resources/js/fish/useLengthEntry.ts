import { messages } from '../messages'
import { write } from '../api/client'
import type { MeasurementEntry, MeasurementRequest } from '../api/types'
import { useUnit } from '../frame/keeper'
import { useWrite } from '../log/useWrite'
import { measured } from '../units/length'

interface Target {
    fishId: number
    fishName: string
    /** The entry that is corrected; none for a new one. */
    correcting?: MeasurementEntry
    onDone: () => void
}

/** Saves a new or corrected length and offers the way back at the foot. */
export function useLengthEntry({ fishId, fishName, correcting, onDone }: Target) {
    const unit = useUnit()
    const said = correcting === undefined ? messages.fish.saved : messages.fish.corrected
    return useWrite<MeasurementRequest, MeasurementEntry>({
        method: correcting === undefined ? 'POST' : 'PUT',
        path: correcting === undefined ? `fish/${fishId}/measurements` : `measurements/${correcting.id}`,
        said: (saved) => said({ length: measured(saved.length_mm, unit), name: fishName }),
        undo: (saved) =>
            correcting === undefined
                ? write('DELETE', `measurements/${saved.id}`)
                : restoreEntry(correcting, saved.version),
        onDone,
    })
}

function restoreEntry(entry: MeasurementEntry, version: number): Promise<unknown> {
    return write('PUT', `measurements/${entry.id}`, {
        length: `${entry.length_mm} mm`,
        date: entry.date,
        method: entry.method,
        keep: true,
        version,
    })
}
