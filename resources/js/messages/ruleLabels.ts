import { ruleLabels } from './en/ruleLabels'
import { speak } from './speak'

/** The words of the questions that the rulebook answers, loaded with it. */
export const ruleLabelWords = speak({ ruleLabels }).ruleLabels
