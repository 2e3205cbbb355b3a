import { rulebookWords } from '../messages/rulebook'
import type { RulebookSheet } from '../api/types'
import { useChange } from '../entry/useChange'
import { documentOf } from './document'

/** Writes the whole rulebook anew, with a way back. */
export function useRulebook(sheet: RulebookSheet, onDone: () => void = () => undefined) {
    return useChange(
        '/api/v1/rulebook',
        {},
        {
            before: documentOf(sheet),
            notice: rulebookWords.saved,
            onDone,
        },
    )
}
