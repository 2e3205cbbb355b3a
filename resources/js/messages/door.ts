import { door } from './en/door'
import { speak } from './speak'

/** The words of the doors that a link opens. */
export const doorWords = speak({ door }).door
