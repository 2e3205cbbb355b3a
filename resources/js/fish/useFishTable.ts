import { write } from '../api/client'
import type { FishTableRequest, SavedTable } from '../api/types'
import { useWrite } from '../entry/useWrite'

interface Options {
    notice: (saved: SavedTable) => string
    onDone: (saved: SavedTable) => void
}

/** Writes the good rows of a table down; undone at the foot. */
export function useFishTable({ notice, onDone }: Options) {
    return useWrite(
        'POST',
        '/api/v1/fish/table',
        {},
        {
            notice,
            undo: ({ fish, lengths }) => write('POST', '/api/v1/fish/table/undo', {}, { fish, lengths }),
            onDone,
        },
    )
}

/** Every row as it is read; nothing is saved. */
export const previewTable = (table: FishTableRequest) =>
    write('POST', '/api/v1/fish/table/preview', {}, table)
