/** The ink of an advice. */
export const ADVICE_COLOUR = { take: 'fit', 'only-if': 'close', 'do-not': 'over' } as const
