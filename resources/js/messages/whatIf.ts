import { whatIf } from './en/whatIf'
import { speak } from './speak'

/** The words of what if, on the sheet of a fish. */
export const whatIfWords = speak({ whatIf }).whatIf
