/** What the keys do. */
export const keys = {
    words: 'What the words mean',
    keysOff: 'Letters go to places',
    walk: 'Today, Fish, Systems',
    plan: 'Plan, Moves, Company, Food, Weigh up',
    shelf: 'Log, Species, Rulebook, Settings',
    week: 'the plan’s date, a week',
    month: 'the plan’s date, a month',
    undo: 'undo the last entry',
    write: 'write a line: what happened',
    find: 'find a fish, a home, an entry',
    help: 'this sheet',
    leave: 'leave a field or a sheet',
} as const
