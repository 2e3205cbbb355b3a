import { plan } from './en/plan'
import { speak } from './speak'

/** The words of the plan, loaded with its page. */
export const planWords = speak({ plan }).plan
