import { queryOptions } from '@tanstack/react-query'
import { get } from './client'
import type { FishRow, FishSheet, Session, SystemSheet, Today } from './types'

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

/** Everything that an entry in the log can change. */
export const logKey = ['log'] as const
