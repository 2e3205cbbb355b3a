import { queryOptions } from '@tanstack/react-query'
import { read } from '../api/client'

export const foodQuery = queryOptions({ queryKey: ['food'], queryFn: () => read('/api/v1/food', {}) })

/** Who is fed what today. */
export const feedingQuery = queryOptions({
    queryKey: ['food', 'round'],
    queryFn: () => read('/api/v1/feeding', {}),
})

export const homeFeedingQuery = (system: number) =>
    queryOptions({
        queryKey: ['food', 'home', system],
        queryFn: () => read('/api/v1/systems/{system}/feeding', { system }),
    })

export const costsQuery = queryOptions({
    queryKey: ['food', 'costs'],
    queryFn: () => read('/api/v1/costs', {}),
})
