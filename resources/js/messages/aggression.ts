import { aggression } from './en/aggression'
import { speak } from './speak'

/** The words of an incident and of what incidents tell, loaded when either is opened. */
export const aggressionWords = speak({ aggression }).aggression
