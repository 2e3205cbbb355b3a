import { queryOptions } from '@tanstack/react-query'
import { get } from './client'
import type { FishRow, FishSheet, KindRow, KindSheet, LodgerRow, OtherFuture, RulebookSheet, Session, SystemSheet, Today, Weighed } from './types'

export const sessionQuery = queryOptions({
    queryKey: ['session'],
    queryFn: () => get<Session>('session'),
    staleTime: Infinity,
})

export const todayQuery = queryOptions({ queryKey: ['log', 'today'], queryFn: () => get<Today>('today') })

export const systemsQuery = queryOptions({ queryKey: ['log', 'systems'], queryFn: () => get<SystemSheet[]>('systems') })

export const fishListQuery = queryOptions({ queryKey: ['log', 'fish'], queryFn: () => get<FishRow[]>('fish') })

export const fishQuery = (id: number) =>
    queryOptions({ queryKey: ['log', 'fish', id], queryFn: () => get<FishSheet>(`fish/${id}`) })

export const kindsQuery = queryOptions({ queryKey: ['log', 'kinds'], queryFn: () => get<KindRow[]>('kinds'), staleTime: 300_000 })

export const kindQuery = (id: number) => queryOptions({ queryKey: ['log', 'kinds', id], queryFn: () => get<KindSheet>(`kinds/${id}`) })

/** @param asked the candidate as an address query; empty while there is none */
export const weighUpQuery = (asked: string) =>
    queryOptions({ queryKey: ['log', 'weigh-up', asked], queryFn: () => get<Weighed>(`weigh-up?${asked}`), enabled: asked !== '', retry: false })

export const lodgersQuery = (system: number) =>
    queryOptions({ queryKey: ['log', 'lodgers', system], queryFn: () => get<LodgerRow[]>(`systems/${system}/lodgers`) })

export const rulebookQuery = queryOptions({ queryKey: ['log', 'rulebook'], queryFn: () => get<RulebookSheet>('rulebook') })

/** @param asked the changes as an address query; empty for none */
export const whatIfQuery = (id: number, asked: string) =>
    queryOptions({
        queryKey: ['log', 'what-if', id, asked],
        queryFn: () => get<OtherFuture>(`fish/${id}/what-if?${asked}`),
        enabled: asked !== '',
        retry: false,
    })

/** Everything that an entry in the log can change. */
export const logKey = ['log'] as const
