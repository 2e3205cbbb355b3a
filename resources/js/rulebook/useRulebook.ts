import type { RulebookRequest, RulebookSheet } from '../api/types'
import { useChange } from '../log/useChange'
import { rulebookWords as said } from '../words/rulebook'
import { documentOf } from './document'

/** Writes the whole rulebook anew, with a way back. */
export function useRulebook(sheet: RulebookSheet, onDone: () => void = () => undefined) {
    return useChange<RulebookRequest>({
        path: 'rulebook',
        before: documentOf(sheet),
        said: said.saved,
        onDone,
    })
}
