import type { UnreadableRow } from '../api/types'

type Table = UnreadableRow['table']

const about = (what: string) => (name: string | null): string => (name === null ? what : `${what} of ${name}`)

/** What is said of rows that are left out because they cannot be read. */
export const unreadableWords = {
    title: 'Left out: it cannot be read',
    intro: 'Everything else is shown without it. Correct what is wrong, or delete it.',
    what: {
        facilities: () => 'The rulebook',
        species: (name) => `The kind ${name ?? ''}`,
        systems: (name) => `The system ${name ?? ''}`,
        fish: (name) => name ?? 'A fish',
        stays: about('A stay'),
        measurements: about('A length'),
        ration_changes: about('A change of ration'),
        losses: about('A loss'),
        counts: about('A count'),
        shoal_splits: about('A parting'),
        incidents: about('An incident'),
        moves: about('A move'),
        water_tests: about('A water test'),
        water_works: about('Water work'),
        daily_readings: about('A day of readings'),
        weekly_temperatures: about('A week of temperatures'),
        preparations: about('The preparation'),
        quarantines: about('A quarantine'),
        conditions: about('A look'),
        treatments: about('A treatment'),
        move_sheets: about('A move sheet'),
        watches: about('A watch'),
    } satisfies Record<Table, (name: string | null) => string>,
    columns: {
        date: 'Day', from: 'From', until: 'Until', day: 'Day', middle: 'Middle of the week', last_day: 'Last day', mean: 'Mean', wanted_on: 'Wanted on', planned_on: 'Planned on',
        arrived_on: 'Arrived on', hatched_on: 'Hatched on', available_from: 'In use from', test_until: 'Tests until', withdrawal: 'Works until', began_at: 'Began at', ended_at: 'Ended at',
        count: 'How many', number: 'How many', days: 'Days', credit: 'Days served before', length_tenth_mm: 'Length in tenths of a millimetre', spread_tenth_mm: 'Spread in tenths of a millimetre',
        stated_adult_tenth_mm: 'Stated adult length in tenths of a millimetre', method: 'Method', length_kind: 'Measured as', sample: 'How many were measured', sex: 'Sex', purpose: 'Kept for', ration: 'Ration',
        kind: 'What', act: 'Act', harm: 'Harm', share: 'Share', sign: 'Sign', mixing: 'Mixing', done: 'Done, as stored', candidates: 'Other kinds, as stored', values: 'Values, as stored',
        description: 'Description, as stored', own: 'Own values, as stored', rulebook: 'Rulebook, as stored',
    } as Record<string, string>,
    correct: 'Correct',
    remove: 'Delete',
    empty: 'Back to how it came',
    save: 'Save',
    cancel: 'Cancel',
    corrected: 'Corrected: it counts again.',
    removed: 'Deleted.',
}
