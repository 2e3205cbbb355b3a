import { settings } from './en/settings'
import { speak } from './speak'

/** The words of the place Settings, loaded when it is opened. */
export const settingsWords = speak({ settings }).settings
