import { weighUp } from './en/weighUp'
import { speak } from './speak'

/** The words of a place that is loaded when it is opened. */
export const weighUpWords = speak({ weighUp }).weighUp
