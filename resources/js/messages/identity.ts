import { identity } from './en/identity'
import { speak } from './speak'

/** The words of what a fish is and where it comes from, loaded with its sheet. */
export const identityWords = speak({ identity }).identity
