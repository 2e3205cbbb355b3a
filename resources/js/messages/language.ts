/** The language that the server serves the page in; the made-up one shows what never went through the catalogue. */
export const PSEUDO = 'en-XA'

export const language = document.documentElement.lang || 'en'

/** English is written as in Britain. */
export const locale = language === 'en' || language === PSEUDO ? 'en-GB' : language
