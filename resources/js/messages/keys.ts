import { keys } from './en/keys'
import { speak } from './speak'

/** The words of the sheet of keys, loaded when it is opened. */
export const keyWords = speak({ keys }).keys
