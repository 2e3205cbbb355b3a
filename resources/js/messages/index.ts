import * as en from './en'
import { speak } from './speak'

/** The words on the screens that are there from the start, in the language of the page; those of some places come with them. */
export const messages = speak({ ...en })
