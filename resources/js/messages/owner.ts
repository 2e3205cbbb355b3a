import { owner } from './en/owner'
import { speak } from './speak'

/** The words of the first run, and of the place wherever they are said again. */
export const ownerWords = speak({ owner }).owner
