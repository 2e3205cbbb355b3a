import { oneLog } from './en/oneLog'
import { speak } from './speak'

/** The words of the place Log and of the search, loaded when either is opened. */
export const oneLogWords = speak({ oneLog }).oneLog
