/** The words of the trade, and what is meant by them here. */
export const terms = {
    title: 'What the words mean',
    comment: 'One word for one thing, as it is used on these sheets.',
    all: 'All words',
    meaning: 'what it means',
    groups: {
        growth: 'Growth',
        home: 'Homes',
        water: 'Water and filter',
        company: 'Company',
        planning: 'Ahead',
    },
    words: {
        pace: {
            name: 'Pace',
            means: 'How fast this fish grows, held against others of its species at the same food and warmth.',
        },
        known: {
            name: 'Known from',
            means: 'How much of the forecast rests on its own lengths, on those of its kin here, and on what is said of its species. Every length of its own weighs more than what is said.',
        },
        index: {
            name: 'Growth index',
            means: 'One figure for growing large and growing fast together, worked out of its pace and adult size (after Pauly and Munro 1984). It is nearly the same within a species, so one that is far off is worth another look.',
        },
        adult: {
            name: 'Adult size',
            means: 'How long it will be when it has done growing, as a range that holds eight times in ten. Nobody knows one figure.',
        },
        mass: {
            name: 'Mass',
            means: 'What it weighs by its length, from the shape of its species. A lean or a full fish weighs otherwise.',
        },
        band: {
            name: 'Eight in ten',
            means: 'Of ten fish of which as much is known, eight stay between the two edges, one below and one above.',
        },
        disc: { name: 'Disc', means: 'Of a ray: across the body, without the tail.' },
        outgrows: {
            name: 'Outgrows',
            means: 'The days on which it may reach the limit of its home: at the earliest (one in ten), likely, and at the latest (nine in ten).',
        },
        swimming: {
            name: 'Swimming length',
            means: 'The longest straight way that a home gives, wall to wall inside. A fish that cruises needs several times its own length.',
        },
        turning: {
            name: 'Turning width',
            means: 'The width in which a fish has to turn round. Where it is too narrow it has to bend to turn.',
        },
        floor: {
            name: 'Floor used',
            means: 'The share of the floor, or of the middle or the top, that those who live there ask for. Those of one layer share it.',
        },
        load: {
            name: 'Feed for the filter',
            means: 'What all of them are fed, held against what the media can turn over. Above all of it, ammonia is left in the water.',
        },
        ammonia: {
            name: 'Ammonia',
            means: 'What fish give off. The bacteria of the filter make it nitrite, then nitrate. The free part of it is poison, and grows with warmth and pH.',
        },
        capacity: {
            name: 'The filter carries',
            means: 'How much nitrogen a day its media can turn over when it has run in, at the warmth of the water.',
        },
        turnover: {
            name: 'Turnover',
            means: 'How many times an hour the pump moves all the water.',
        },
        change: {
            name: 'Weekly change',
            means: 'The share of the water that is replaced in a week, so that nitrate stays below what the rulebook says.',
        },
        withoutPump: {
            name: 'Without a pump',
            means: 'How long the oxygen in the water lasts when everything stands still. An estimate: warm water and large fish make it short.',
        },
        weight: {
            name: 'Filled weight',
            means: 'Water, glass and what is inside. Whether a floor bears it, a structural engineer decides.',
        },
        temper: {
            name: 'Temper',
            means: 'How it gets on with others: calm, usual or a bully, as its own log shows or as you say.',
        },
        apart: {
            name: 'Apart',
            means: 'Two that should never share a home: one is swallowed, hunted or beaten, or their waters do not agree.',
        },
        watch: {
            name: 'Watch',
            means: 'Looks that grow rarer after a move, until it eats and is left alone.',
        },
        quarantine: {
            name: 'Quarantine',
            means: 'Kept apart until it has eaten and shown no sign for some time. A fish that is ill belongs to a veterinarian.',
        },
        stopgap: { name: 'Stopgap', means: 'A home for less than six weeks, until the right one is ready.' },
        nextHome: {
            name: 'Next home',
            means: 'Where it can go when it has to leave: the first that keeps every rule at the length it will have then.',
        },
        rehoming: {
            name: 'Rehoming',
            means: 'Who takes it if it cannot stay. Agreed before it is needed; never the wild.',
        },
        window: {
            name: 'Window of a move',
            means: 'From when it may move, as the new home is ready and fits, until when it must, as the old one does not.',
        },
        breach: {
            name: 'Out of rule',
            means: 'Days on which a fish lives where the rulebook would not have it, counted for each fish.',
        },
        bound: {
            name: 'No plan needs fewer',
            means: 'What is proven: not only that no better plan was found, but that there is none.',
        },
    },
} as const
