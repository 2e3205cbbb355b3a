import { messages } from '../messages'
import { write } from '../api/client'
import type { MeasurementEntry, MeasurementRequest } from '../api/types'
import { useUnit } from '../frame/keeper'
import { useSend } from '../entry/useWrite'
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
    const save = (body: MeasurementRequest): Promise<MeasurementEntry> =>
        correcting === undefined
            ? write('POST', '/api/v1/fish/{fish}/measurements', { fish: fishId }, body)
            : write('PUT', '/api/v1/measurements/{measurement}', { measurement: correcting.id }, body)
    return useSend(
        save,
        {
            notice: (saved) => said({ length: measured(saved.length_mm, unit), name: fishName }),
            undo: (saved) =>
                correcting === undefined
                    ? write('DELETE', '/api/v1/measurements/{measurement}', { measurement: saved.id })
                    : restoreEntry(correcting, saved.version),
            onDone,
            onKept: onDone,
        },
        '/api/v1/fish/{fish}/measurements',
    )
}

const restoreEntry = (entry: MeasurementEntry, version: number): Promise<unknown> =>
    write(
        'PUT',
        '/api/v1/measurements/{measurement}',
        { measurement: entry.id },
        {
            length: `${entry.length_mm} mm`,
            date: entry.date,
            method: entry.method,
            length_kind: entry.length_kind,
            sample: entry.sample,
            spread_mm: entry.spread_mm,
            keep: true,
            version,
        },
    )
