import { food } from './en/food'
import { speak } from './speak'

/** The words of the store, of feeding and of costs, loaded when they are wanted. */
export const foodWords = speak({ food }).food
