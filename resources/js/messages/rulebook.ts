import { rulebook } from './en/rulebook'
import { speak } from './speak'

/** The words of a place that is loaded when it is opened. */
export const rulebookWords = speak({ rulebook }).rulebook
