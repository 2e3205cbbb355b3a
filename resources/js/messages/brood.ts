import { brood } from './en/brood'
import { speak } from './speak'

/** The words of broods, loaded when one is opened. */
export const broodWords = speak({ brood }).brood
