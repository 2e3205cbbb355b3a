import { picture } from './en/picture'
import { speak } from './speak'

/** The words of pictures and of lengths read from them, loaded when one is opened. */
export const pictureWords = speak({ picture }).picture
