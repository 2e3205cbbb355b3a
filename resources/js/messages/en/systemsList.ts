/** All systems. */
export const systemsList = {
    title: 'Systems',
    scale: 'Each to the scale of its own bar',
    headline:
        '{over, plural, =0 {{n, plural, one {One system} other {{n_Words} systems}}, and every fish fits its home.} one {{n, plural, one {One system} other {{n_Words} systems}}. One is too small for a fish in it.} other {{n, plural, one {One system} other {{n_Words} systems}}. {over_Words} are too small for a fish in it.}}',
    comment: 'Inside sizes, seen from above, with the fish as long as they are today.',
    run: 'swimming length',
    turn: 'turning width',
    depth: 'deep',
    noFish: 'no fish',
    notFull: 'Room for those who live here for as long as can be told.',
    full: 'Full {window}. {because}.',
    kinds: {
        tank: 'tank',
        vat: 'vat',
        pond: 'pond',
    },
} as const
