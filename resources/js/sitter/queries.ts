import { queryOptions } from '@tanstack/react-query'
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

export const tick = ({ system, task, ...how }: Ticked): Promise<SitterSheet> =>
    withSecret('PUT', `${ROUND}/${system}/${task}`, how)

export const untick = async (system: number, task: SitterTask): Promise<SitterSheet> => {
    await withSecret('DELETE', `${ROUND}/${system}/${task}`)
    return withSecret('GET', ROUND)
}

export function sendPicture(system: number, file: File): Promise<unknown> {
    const form = new FormData()
    form.append('picture', file)
    return withSecret('POST', `${ROUND}/${system}/pictures`, form)
}
