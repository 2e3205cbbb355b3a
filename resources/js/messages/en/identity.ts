/** What a fish is, where it comes from and where it could go. */
export const identity = {
    identifyTitle: 'What is it?',
    identifyHelp:
        'Its lengths stay; its future is projected anew. What it was taken for before stays in the history.',
    surely: 'It is',
    share: 'Belief, %',
    hatched: 'Hatched, if you know it',
    saveIdentity: 'Save',
    identified: 'Saved: what {name} is.',
    oneSpeciesMore: 'It may be another species still',
    circumstancesTitle: 'Where it comes from, and where it would go',
    circumstancesSaved: 'Saved: where {name} comes from and would go.',
    identify: 'Change',
    identifyLong: 'Change what it is',
    circumstances: 'Change',
    circumstancesLong: 'Change its name, where it comes from and would go',
} as const
