import { queryOptions } from '@tanstack/react-query'
import { formOf } from '../api/files'
import type { SitterSheet, Tick } from '../api/types'
import { withSecret } from '../api/withSecret'

const ROUND = '/api/v1/sitter-round'

export const sitterRoundQuery = queryOptions({
    queryKey: ['sitter-round'],
    queryFn: () => withSecret<SitterSheet>('GET', ROUND),
    retry: 1,
})

export type SitterTask = 'feed' | 'look'

export interface Ticked {
    system: number
    task: SitterTask
    outcome: Tick['outcome']
    note: string | null
    /** When it was, in UTC. */
    at: string
}

export const tick = ({ system, task, ...how }: Ticked, secret?: string): Promise<SitterSheet> =>
    withSecret('PUT', `${ROUND}/${system}/${task}`, how, secret)

export const untick = async (system: number, task: SitterTask): Promise<SitterSheet> => {
    await withSecret('DELETE', `${ROUND}/${system}/${task}`)
    return withSecret('GET', ROUND)
}

/** A picture of a home. */
export interface Pictured {
    system: number
    picture: File
    /** When it was taken, in UTC. */
    at: string
}

export const sendPicture = ({ system, ...form }: Pictured, secret?: string): Promise<unknown> =>
    withSecret('POST', `${ROUND}/${system}/pictures`, formOf(form) as FormData, secret)
