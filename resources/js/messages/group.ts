import { group } from './en/group'
import { speak } from './speak'

/** The words of a part of the fish sheet that is loaded with it. */
export const groupWords = speak({ group }).group
