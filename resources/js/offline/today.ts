import { dayNow } from '../entry/timeNow'

/**
 * An answer that was kept yesterday says "today" of that day. What is written down now is of the day on the clock
 * of the device; the rest of the answer stays as it was known.
 *
 * @param now by the clock of the device
 */
export function asOfToday(data: unknown, now: Date): unknown {
    if (!isRecord(data)) {
        return data
    }
    if (isRecord(data.keeper)) {
        return { ...data, keeper: asOfToday(data.keeper, now) }
    }
    const today = dayNow(now)
    return typeof data.today === 'string' && data.today < today ? unticked({ ...data, today }) : data
}

/** What a sitter has ticked was done on the day of the answer. */
const unticked = (data: Record<string, unknown>): Record<string, unknown> =>
    'sitter' in data && Array.isArray(data.homes)
        ? { ...data, homes: data.homes.map((home: object) => ({ ...home, fed: null, looked: null })) }
        : data

const isRecord = (value: unknown): value is Record<string, unknown> =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
