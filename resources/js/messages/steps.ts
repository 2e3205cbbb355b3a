import { steps } from './en/steps'
import { speak } from './speak'

/** The words of a place that is loaded when it is opened. */
export const stepWords = speak({ steps }).steps
