import { terms } from './en/terms'
import { speak } from './speak'

/** The words of the trade and what they mean, loaded with the first sheet that uses one. */
export const termWords = speak({ terms }).terms
