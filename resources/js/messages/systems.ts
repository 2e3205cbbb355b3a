import { systems } from './en/systems'
import { speak } from './speak'

/** The words of the sheet of a system, loaded when one is opened. */
export const systemsWords = speak({ systems }).systems
