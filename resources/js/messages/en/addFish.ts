/** Adding what one already keeps, and those who are gone. */
export const addFish = {
    title: 'Add fish',
    headline: 'Add what you keep.',
    comment:
        'One by one, or as many as a table holds. One that you have had for years brings its lengths with it.',
    noSystem: 'First a system for it to live in.',
    addSystem: 'Add a system',
    one: 'One fish or shoal',
    name: 'Name',
    species: 'Species',
    speciesHelp: 'Any of its names. Not sure: one or another.',
    system: 'Lives in',
    since: 'Here since',
    count: 'How many',
    males: 'Males',
    females: 'Females',
    lengthsTitle: 'Lengths',
    date: 'Measured on',
    length: 'Length',
    anotherLength: 'Another length',
    save: 'Add it',
    saved: '{name} is added.',
    manySay: 'A line each, typed or pasted from a sheet of your own.',
    many: 'Many at once',
    text: 'Rows to type or paste',
    textHelp:
        'A line each: name, species, system, day, length, how many, males, females. More lines with the same name are more lengths. A line of headings may say another order.',
    method: 'How they were measured',
    dates: 'Days like 3/11/2026',
    orders: {
        'day-first': '3 November',
        'month-first': '11 March',
    },
    addGood: 'Add {n, plural, =0 {the rows} one {the good row} other {the # good rows}}',
    savedMany:
        '{fish, plural, =0 {} one {One fish} other {# fish}}{fish, plural, =0 {} other { and }}{lengths, plural, =0 {no length} one {one length} other {# lengths}} added.',
    left: '{n, plural, one {One row is} other {# rows are}} left above to mend.',
    checked:
        '{good, plural, =0 {No row} one {One row} other {# rows}} of {all} can be taken{bad, plural, =0 {.} one {; one is to mend.} other {; # are to mend.}}',
    columns: {
        line: 'Line',
        name: 'Name',
        brings: 'Brings',
        read: 'Read as',
        mend: 'What to do',
    },
    former: {
        title: 'Former fish',
        comment: 'Their sheets stay, with all that was written down.',
        headline:
            '{n, plural, =0 {Nobody is gone.} one {One fish or shoal is gone.} other {# fish and shoals are gone.}}',
        came: 'Came',
        gone: 'Gone',
        how: 'How',
        notFound: 'not found any more',
        joined: 'joined {shoal}',
    },
    brings: {
        fish: 'a fish',
        length: 'a length',
    },
} as const
