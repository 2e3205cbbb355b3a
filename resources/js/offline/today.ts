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
    return typeof data.today === 'string' && data.today < today ? { ...data, today } : data
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
