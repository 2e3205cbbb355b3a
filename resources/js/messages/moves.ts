import { moves } from './en/moves'
import { speak } from './speak'

/** The words of the place Moves, of watches, quarantine and health, loaded when one of them is drawn. */
export const movesWords = speak({ moves }).moves
