import { species } from './en/species'
import { speak } from './speak'

/** The words of a place that is loaded when it is opened. */
export const speciesWords = speak({ species }).species
