import type { PreparationSheet } from '../api/types'

/** The colour of a preparation. */
export function preparationState(sheet: PreparationSheet): 'fit' | 'close' | 'over' {
    if (sheet.is_ready) {
        return 'fit'
    }
    return sheet.is_late ? 'over' : 'close'
}
