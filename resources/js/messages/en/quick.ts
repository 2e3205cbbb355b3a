/** One line for everything that is written down daily. */
export const quick = {
    label: 'What happened',
    help: 'Today, as you would say it. A word of a name is enough.',
    examples: [
        'Bramble 23.5 cm hand',
        'count barbs 18 seen',
        'Bramble chased Moss, torn fin',
        'long tank nitrate 40 ph 7.2',
        'changed 30% porch',
        'lost Tansy jumped',
        'fed kiln',
        'note the pump hums',
    ],
    examplesTitle: 'For example',
    will: 'It will say: {says}',
    write: 'Write it down',
    writeAll: 'Write it down all the same',
    unread: 'No network: it cannot be read now. It is kept as it stands, with the time, and read and sent when the network is back.',
    toForm: 'Fill in the form',
    toFish: 'To its sheet',
    toSystem: 'To the home',
    names: 'Names that begin so',
} as const
