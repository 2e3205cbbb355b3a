import { unreadable } from './en/unreadable'
import { speak } from './speak'

/** The words of rows that cannot be read, loaded when there are any. */
export const unreadableWords = speak({ unreadable }).unreadable
