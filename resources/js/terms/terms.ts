import { termWords } from '../messages/terms'

export type TermName = keyof typeof termWords.words

type Group = keyof typeof termWords.groups

/** Every word, where one would look for it. */
export const byGroup: readonly (readonly [Group, readonly TermName[]])[] = [
    ['growth', ['pace', 'known', 'index', 'adult', 'mass', 'band', 'disc', 'outgrows']],
    ['home', ['swimming', 'turning', 'floor', 'weight', 'stopgap']],
    ['water', ['load', 'ammonia', 'capacity', 'turnover', 'change', 'withoutPump']],
    ['company', ['temper', 'apart', 'watch', 'quarantine']],
    ['planning', ['nextHome', 'rehoming', 'window', 'breach', 'bound']],
]
