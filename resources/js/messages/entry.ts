import { entry } from './en/entry'
import { speak } from './speak'

/** The words of the slips on which is written what happened, loaded when one is opened. */
export const entryWords = speak({ entry }).entry
