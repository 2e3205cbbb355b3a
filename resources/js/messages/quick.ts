import { quick } from './en/quick'
import { speak } from './speak'

/** The words of quick entry, loaded when it is opened. */
export const quickWords = speak({ quick }).quick
