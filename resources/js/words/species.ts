import type { Claim, SpeciesRow, SpeciesSheet, Role } from '../api/types'
import type { LengthUnit } from '../units/length'
import { percent } from '../units/share'
import { lengthRange } from './en'

/** Words about species. */
export const speciesWords = {
    title: 'Species',
    listComment: 'What a fish may be: as it came with the application, with your own values over it.',
    headline: (n: number, own: number): string =>
        `${n} species are described here${own === 0 ? '.' : `, ${own} with values of your own.`}`,
    find: 'Find a name',
    allRoles: 'any role',
    allSalinities: 'any water',
    none: 'No species here is called that. Add your own.',
    add: 'Add a species',
    more: (n: number) => `Show ${n} more`,
    addTitle: 'A species of your own',
    edit: 'Change values',
    editTitle: (name: string) => `Values of ${name}`,
    save: 'Write down',
    marked: 'A value cannot be taken as it is. It is marked above.',
    saved: (name: string) => `Written down: the values of ${name}.`,
    added: (name: string) => `Added: ${name}.`,
    removed: (name: string) => `Taken out: ${name}.`,
    remove: 'Delete this species',
    columns: {
        name: 'Species',
        adult: 'Becomes',
        temper: 'Temper',
        layer: 'Lives',
        water: 'Water',
        region: 'From',
        here: 'Here',
    },
    own: 'your own',
    memory: 'no source given',
    legend: 'Values with no source given come from memory: hold them against a book before you lean on them.',
    asItCame: 'as it came',
    backToShipped: (field: string) => `Back to how it came: ${field}`,
    claims: 'Who says how long it becomes',
    noClaims: 'No claims are recorded: the range stands by itself.',
    alike: 'Taken for it',
    noAlike: 'No look-alikes are recorded.',
    showsFrom: (length: string) => `shows from about ${length}`,
    inspections: 'To look at regularly',
    every: (days: number) =>
        days % 30 === 0 ? (days === 30 ? 'Monthly' : `Every ${days / 30} months`) : `Every ${days} days`,
    cautions: 'To know',
    values: 'Values',
    weigh: 'Weigh it up',
    beside: (system: string) => `As it becomes, in ${system}, to one scale`,
    asSold: 'as sold',
    grown: 'grown',
    form: 'Drawn like',
}

export const roleWords: Record<Role, string> = {
    centrepiece: 'centrepiece',
    shoal: 'shoal',
    bottom: 'bottom',
    dither: 'dither',
}

export const temperWords = [
    '',
    'never bothers anyone',
    'mostly peaceful',
    'has its moods',
    'hard on company',
    'kills',
]

export const claimWords: Record<Claim['kind'], string> = {
    literature: 'literature',
    keepers: 'keepers',
    label: 'label',
    record: 'record',
}

export const layerWords: Record<SpeciesRow['layer'], string> = {
    bottom: 'at the bottom',
    middle: 'midwater',
    top: 'at the top',
    all: 'in all layers',
}

export const speciesSentence = (sheet: SpeciesSheet, unit: LengthUnit): string =>
    `${sheet.species.common_name} becomes ${lengthRange(sheet.adult_mm, unit)}.`

export function claimSentence(claim: Claim): string {
    const who = `${claimWords[claim.kind]}${claim.sex === null ? '' : `, ${claim.sex}s`}`
    return claim.share === 0
        ? `${who}: says what is possible, does not count toward the usual`
        : `${who}: counts for ${percent(claim.share)}`
}
