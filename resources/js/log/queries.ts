import { infiniteQueryOptions, keepPreviousData, queryOptions, skipToken } from '@tanstack/react-query'
import type { Query } from '../api/client'
import { read } from '../api/client'

/** What is asked of the log; nothing: all of it. */
export type LogAsked = Omit<NonNullable<Query<'/api/v1/log'>>, 'after' | 'most'>

export const logQuery = (asked: LogAsked) =>
    infiniteQueryOptions({
        queryKey: ['log', 'pages', asked],
        queryFn: ({ pageParam }) =>
            read('/api/v1/log', {}, { ...asked, ...(pageParam === null ? {} : { after: pageParam }) }),
        initialPageParam: null as string | null,
        getNextPageParam: ({ next }) => next,
        placeholderData: keepPreviousData,
    })

/** The newest few of one fish or system. */
export const logPartQuery = (asked: LogAsked, most: number) =>
    queryOptions({
        queryKey: ['log', 'part', asked, most],
        queryFn: () => read('/api/v1/log', {}, { ...asked, most }),
    })

export const logWeeksQuery = ({ fish, system, kinds, words, removed }: LogAsked) => {
    const asked = { fish, system, kinds, words, removed }
    return queryOptions({
        queryKey: ['log', 'weeks', asked],
        queryFn: () => read('/api/v1/log/weeks', {}, asked),
        placeholderData: keepPreviousData,
    })
}

export const logEntryQuery = (line: number) =>
    queryOptions({
        queryKey: ['log', 'entry', line],
        queryFn: () => read('/api/v1/log/{line}', { line }),
    })

/** @param words what is looked for; empty while nothing is */
export const searchQuery = (words: string) =>
    queryOptions({
        queryKey: ['log', 'search', words],
        queryFn: words === '' ? skipToken : () => read('/api/v1/search', {}, { words }),
        placeholderData: keepPreviousData,
        retry: false,
    })
