import { sitter } from './en/sitter'
import { speak } from './speak'

/** The words of the sitter's page, which is opened by its link alone. */
export const sitterWords = speak({ sitter }).sitter
