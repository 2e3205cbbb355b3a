import { queryOptions } from '@tanstack/react-query'
import { read } from '../api/client'
import type { Task } from '../api/types'

const POLL_MS = 700

export const isUnderWay = (task: Task | null | undefined): boolean =>
    task?.state === 'waiting' || task?.state === 'running'

export const accountQuery = queryOptions({
    queryKey: ['account'],
    queryFn: () => read('/api/v1/account', {}),
})

export const peopleQuery = queryOptions({ queryKey: ['people'], queryFn: () => read('/api/v1/people', {}) })

export const sittersQuery = queryOptions({
    queryKey: ['sitters'],
    queryFn: () => read('/api/v1/sitters', {}),
})

export const lettersQuery = queryOptions({
    queryKey: ['letters'],
    queryFn: () => read('/api/v1/letters', {}),
})

export const secretsQuery = queryOptions({
    queryKey: ['secrets'],
    queryFn: () => read('/api/v1/secrets', {}),
})

/** Asked again and again while one is made. */
export const backupsQuery = queryOptions({
    queryKey: ['backups'],
    queryFn: () => read('/api/v1/backups', {}),
    refetchInterval: ({ state }) => (isUnderWay(state.data?.task) ? POLL_MS : false),
})

export const packagesQuery = queryOptions({
    queryKey: ['packages'],
    queryFn: () => read('/api/v1/packages', {}),
    refetchInterval: ({ state }) =>
        isUnderWay(state.data?.made) || isUnderWay(state.data?.read) ? POLL_MS : false,
})

export const importsQuery = queryOptions({
    queryKey: ['imports'],
    queryFn: () => read('/api/v1/imports', {}),
})

export const importQuery = (id: number) =>
    queryOptions({
        queryKey: ['imports', id],
        queryFn: () => read('/api/v1/imports/{import}', { import: id }),
        refetchInterval: ({ state }) => (isUnderWay(state.data?.task) ? POLL_MS : false),
    })
