/** The first account, and what it says of the place. */
export const owner = {
    title: 'Begin here: who keeps these fish?',
    comment: 'Nobody has signed in here yet. The first account owns this installation.',
    name: 'Your name',
    facility: 'Name of the place',
    units: 'Units',
    unitNames: {
        metric: 'centimetres, litres, °C',
        us: 'inches, US gallons, °F',
        imperial: 'inches, imperial gallons, °C',
    },
    timeZone: 'Time zone of the fish',
    currency: 'Money',
    noCurrency: 'sums without a sign',
    place: 'The place',
    save: 'Save',
    saved: 'Saved: how the place is called, measured and paid in.',
    passwordHelp: 'At least 10 characters.',
    act: 'Begin',
} as const
