import { losses } from './en/losses'
import { speak } from './speak'

/** The words of losses and counts, loaded where these are shown or written down. */
export const lossWords = speak({ losses }).losses
