import * as en from './en'
import { speak } from './speak'

/** Every word on the screens, in the language of the page. */
export const messages = speak({ ...en })
