import { offline } from './en/offline'
import { speak } from './speak'

/** What is said while nobody answers, loaded after the first page. */
export const offlineWords = speak({ offline }).offline
