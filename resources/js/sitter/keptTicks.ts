import { queryOptions } from '@tanstack/react-query'
import type { Written } from '../api/client'
import { newKey } from '../api/idempotency'
import { Unreachable } from '../api/refused'
import type { SitterHome, SitterSheet, Tick } from '../api/types'
import { secretOfPage } from '../api/withSecret'
import { dayNow, timeNow } from '../entry/timeNow'
import type { KeptEntry } from '../offline/database'
import { lastKept } from '../offline/lastKept'
import { keepEntry, sendKept } from '../offline/outbox'
import { keptQuery } from '../offline/queries'
import type { Pictured, SitterTask, Ticked } from './queries'
import { sendPicture, tick } from './queries'

/** Sitters have no account; no keeper has this number. */
const SITTER = 0

const ADDRESS = '/api/v1/sitter-round/{system}/{task}'

const PICTURES = '/api/v1/sitter-round/{system}/pictures'

export const keptTicksQuery = queryOptions(keptQuery(SITTER))

/** Nobody answered: it waits on this phone. */
export const keepTick = ({ system, task, ...body }: Ticked): Promise<number> =>
    keep({ method: 'PUT', path: ADDRESS, named: { system, task }, body })

export const keepPicture = ({ system, ...body }: Pictured): Promise<number> =>
    keep({ method: 'POST', path: PICTURES, named: { system }, body })

const keep = (written: Omit<Written, 'key'>): Promise<number> =>
    keepEntry(SITTER, { ...written, key: newKey() }, secretOfPage())

/** What was answered; 'kept' where nobody answers and it waits on this phone. */
export const sentOrKept = <A>(sending: Promise<A>, keepIt: () => Promise<number>): Promise<A | 'kept'> =>
    sending.catch(async (error: unknown) => {
        if (!(error instanceof Unreachable)) {
            throw error
        }
        await keepIt().catch(() => {
            throw error
        })
        return 'kept' as const
    })

export const isPicture = ({ path }: KeptEntry): boolean => path === PICTURES

export const tickOf = ({ named, body }: KeptEntry): Ticked => ({ ...named, ...(body as object) }) as Ticked

/** In the order of writing, each with the link that it was written with; returns how many were taken. */
export const sendTicks = async (): Promise<number> =>
    (
        await sendKept(SITTER, (entry): Promise<unknown> =>
            isPicture(entry)
                ? sendPicture({ ...entry.named, ...(entry.body as object) } as Pictured, entry.secret)
                : tick(tickOf(entry), entry.secret),
        )
    ).length

/** The last that waits of one thing to do; what was not taken waits no more, and another link's is not of this round. */
export const keptTick = (
    entries: readonly KeptEntry[],
    system: number,
    task: SitterTask,
): KeptEntry | undefined =>
    lastKept(
        entries.filter(({ secret }) => secret === secretOfPage()),
        { method: 'PUT', path: ADDRESS, named: { system, task } },
    )

/** The round with what waits on this phone, as if it had been sent. */
export function withKept(sheet: SitterSheet, entries: readonly KeptEntry[]): SitterSheet {
    const lastOf = (home: SitterHome, task: SitterTask): Tick | null => {
        const kept = keptTick(entries, home.system_id, task)
        return kept === undefined ? null : shown(tickOf(kept), sheet.today)
    }
    return {
        ...sheet,
        homes: sheet.homes.map((home) => ({
            ...home,
            fed: lastOf(home, 'feed') ?? home.fed,
            looked: lastOf(home, 'look') ?? home.looked,
        })),
    }
}

/** Of another day it is no tick of today's. */
function shown({ outcome, note, at }: Ticked, today: string): Tick | null {
    const when = new Date(at)
    return dayNow(when) === today ? { outcome, note, time: timeNow(when) } : null
}
