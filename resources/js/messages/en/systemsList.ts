/** All systems. */
export const systemsList = {
    title: 'Systems',
    scale: 'Each to the scale of its own bar',
    headline:
        '{over, plural, =0 {{n, plural, one {One system} other {{n_Words} systems}}, and every fish may stay where it is.} one {{n, plural, one {One system} other {{n_Words} systems}}. In one a fish should leave.} other {{n, plural, one {One system} other {{n_Words} systems}}. In {over_words} a fish should leave.}}',
    nobody: '{n, plural, one {One system} other {{n_Words} systems}}, and nobody lives here yet.',
    none: 'No systems yet: its name and sizes are enough for the first.',
    comment: 'Inside sizes, seen from above, with the fish as long as they are today.',
    run: 'swimming length',
    turn: 'turning width',
    depth: 'deep',
    empty: 'Nobody lives here.',
    outgrown: 'outgrown: {reason}',
    notFull: 'Room for those who live here for as long as can be told.',
    full: 'Full {window}. {because}.',
    kinds: {
        tank: 'tank',
        vat: 'vat',
        pond: 'pond',
    },
} as const
