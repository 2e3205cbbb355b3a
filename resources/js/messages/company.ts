import { company } from './en/company'
import { speak } from './speak'

/** The words of a place that is loaded when it is opened. */
export const companyWords = speak({ company }).company
