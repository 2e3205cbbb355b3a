import { queryOptions } from '@tanstack/react-query'
import { newKey } from '../api/idempotency'
import type { SitterHome, SitterSheet, Tick } from '../api/types'
import { dayNow, timeNow } from '../entry/timeNow'
import type { KeptEntry } from '../offline/database'
import { lastKept } from '../offline/lastKept'
import { keepEntry, sendKept } from '../offline/outbox'
import { keptQuery } from '../offline/queries'
import type { SitterTask, Ticked } from './queries'
import { tick } from './queries'

/** Sitters have no account; no keeper has this number. */
const SITTER = 0

const ADDRESS = '/api/v1/sitter-round/{system}/{task}'

export const keptTicksQuery = queryOptions(keptQuery(SITTER))

/** Nobody answered: it waits on this phone. */
export const keepTick = ({ system, task, ...body }: Ticked): Promise<number> =>
    keepEntry(SITTER, { method: 'PUT', path: ADDRESS, named: { system, task }, body, key: newKey() })

export const tickOf = ({ named, body }: KeptEntry): Ticked => ({ ...named, ...(body as object) }) as Ticked

/** In the order of ticking; returns how many were taken. */
export const sendTicks = async (): Promise<number> =>
    (await sendKept(SITTER, (entry) => tick(tickOf(entry)))).length

/** The last that waits of one thing to do; what was not taken waits no more. */
export const keptTick = (
    entries: readonly KeptEntry[],
    system: number,
    task: SitterTask,
): KeptEntry | undefined => lastKept(entries, { method: 'PUT', path: ADDRESS, named: { system, task } })

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
