import { addFish } from './en/addFish'
import { speak } from './speak'

/** The words of a place that is loaded when it is opened. */
export const addFishWords = speak({ addFish }).addFish
