import { messages } from '../messages'
import type { RulebookRequest, RulebookSheet } from '../api/types'
import { useChange } from '../log/useChange'
import { documentOf } from './document'

/** Writes the whole rulebook anew, with a way back. */
export function useRulebook(sheet: RulebookSheet, onDone: () => void = () => undefined) {
    return useChange<RulebookRequest>({
        path: 'rulebook',
        before: documentOf(sheet),
        said: messages.rulebook.saved,
        onDone,
    })
}
