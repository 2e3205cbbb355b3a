import type { InvalidateQueryFilters, QueryKey } from '@tanstack/react-query'

/** What is read, by resource: the first part of every key of a query. */
export type Resource =
    | 'session'
    | 'facility'
    | 'today'
    | 'systems'
    | 'fish'
    | 'species'
    | 'moves'
    | 'plans'
    | 'rulebook'
    | 'weigh-up'
    | 'calendar'
    | 'treatment-products'
    | 'log'
    | 'pictures'
    | 'account'
    | 'people'
    | 'sitters'
    | 'letters'
    | 'backups'
    | 'packages'
    | 'imports'
    | 'secrets'
    | 'food'

/** Figures that rest on all fish, systems and rules: nearly every entry changes some of them. */
const FACILITY: readonly Resource[] = ['today', 'systems', 'fish', 'moves', 'plans', 'weigh-up', 'food']

/** What a write to an address of the API changes, the first match counts. */
const CHANGES: readonly (readonly [RegExp, readonly Resource[]])[] = [
    [/^\/api\/v1\/calendar/, ['calendar', 'secrets']],
    [/^\/api\/v1\/account/, ['account', 'session', 'people']],
    [/^\/api\/v1\/(people|invitations)/, ['people', 'account']],
    [/^\/api\/v1\/sitters/, ['sitters']],
    [/^\/api\/v1\/letters/, ['letters']],
    [/^\/api\/v1\/(tasks|backups|packages)/, ['backups', 'packages', 'imports']],
    [/^\/api\/v1\/imports/, [...FACILITY, 'imports', 'species', 'rulebook']],
    [/^\/api\/v1\/probes/, ['systems', 'today', 'moves', 'secrets']],
    [/^\/api\/v1\/route/, ['systems', 'today', 'plans']],
    [/^\/api\/v1\/plans(\/by-hand)?$|\/stop$/, ['plans']],
    [/^\/api\/v1\/(session|owner)/, ['session']],
    [/^\/api\/v1\/(facility|demo)/, [...FACILITY, 'session', 'facility', 'species', 'rulebook']],
    [/^\/api\/v1\/watches\/\{watch\}\/take-out/, FACILITY],
    [/^\/api\/v1\/(watches|watch-)/, ['moves', 'today', 'fish']],
    [/^\/api\/v1\/(systems\/\{system\}\/)?(water-tests|water-works|probes)/, ['systems', 'today', 'moves']],
    [/^\/api\/v1\/(systems\/\{system\}\/)?(watched-spans|settlements|attempts)/, ['systems', 'today']],
    [/^\/api\/v1\/(spendings|stock|foods\/\{food\}\/stock|culture)/, ['food', 'today', 'systems']],
    [/^\/api\/v1\/systems\/\{system\}\/preparation/, ['systems', 'today', 'moves']],
    [
        /^\/api\/v1\/(fish\/\{fish\}\/)?(quarantines|health-observations|treatments)/,
        ['moves', 'today', 'fish'],
    ],
    [/^\/api\/v1\/(species|rulebook)/, [...FACILITY, 'species', 'rulebook']],
    [
        /^\/api\/v1\/(fish|losses|counts|makeups|shoal-joins|moves|move-sheets)/,
        [...FACILITY, 'species', 'rulebook'],
    ],
]

/** Which queries a write to this address makes stale. */
export function changedBy(path: string): InvalidateQueryFilters {
    const changed: readonly string[] = CHANGES.find(([address]) => address.test(path))?.[1] ?? [
        ...FACILITY,
        'species',
        'rulebook',
    ]
    // Whatever is written stands in the log, and a picture tells of the length that was read from it.
    return {
        predicate: ({ queryKey: [of] }: { queryKey: QueryKey }) =>
            of === 'log' || of === 'pictures' || changed.includes(String(of)),
    }
}
