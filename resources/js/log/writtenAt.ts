/** A moment of the server on the clock of whoever reads it: "28 Nov 2026, 14:05". */
export const writtenAt = (moment: string): string =>
    new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' }).format(new Date(moment))
