import { useRef, useState } from 'react'
import type { LaneBand, PlanPage } from '../api/types'
import { addDays, daysBetween } from '../units/day'
import type { Layout } from './layout'
import { LEFT, laneAt } from './layout'

/** A hand that moves less only points. */
const LEAST_PX = 6

/** Where a band that is held would be let go. */
export interface Held {
    band: LaneBand
    key: string
    /** The day on which its stay there would begin. */
    on: string
}

interface Grip {
    band: LaneBand
    x: number
    y: number
    day: number
}

export const gripOf = (band: LaneBand): string | undefined =>
    band.fish_id > 0 && !band.is_part ? `${band.fish_id} ${band.from}` : undefined

/** Takes hold of a band with the mouse and carries it to another lane or day; fingers scroll, and use the forms. */
export function useDragging({
    page,
    layout,
    perDay,
    onHold,
    onDrop,
}: {
    page: PlanPage
    layout: Layout
    perDay: number
    /** While it is held; null: it is held no more. */
    onHold: (held: Held | null) => void
    onDrop: (held: Held) => void
}) {
    const grip = useRef<Grip | null>(null)
    const [held, setHeld] = useState<Held | null>(null)
    const at = (event: React.PointerEvent<SVGSVGElement>) => {
        const corner = event.currentTarget.getBoundingClientRect()
        const day = Math.round((event.clientX - corner.left - LEFT) / perDay)
        return { day: Math.min(layout.days - 1, Math.max(0, day)), y: event.clientY - corner.top }
    }
    const take = (event: React.PointerEvent<SVGSVGElement>): void => {
        const name = (event.target as Element).closest('[data-grip]')?.getAttribute('data-grip')
        const band = page.bands.find((one) => gripOf(one) === name)
        if (event.pointerType === 'mouse' && event.button === 0 && band !== undefined) {
            grip.current = { band, x: event.clientX, y: event.clientY, day: at(event).day }
        }
    }
    const carry = (event: React.PointerEvent<SVGSVGElement>): boolean => {
        const from = grip.current
        if (
            from === null ||
            (held === null && Math.hypot(event.clientX - from.x, event.clientY - from.y) < LEAST_PX)
        ) {
            return false
        }
        if (held === null) {
            event.currentTarget.setPointerCapture(event.pointerId)
        }
        const { day, y } = at(event)
        const isHome = from.band.from <= page.date
        const begins = isHome ? day : daysBetween(page.date, from.band.from) + day - from.day
        const on = addDays(page.date, Math.min(layout.days - 1, Math.max(0, begins)))
        const key = laneAt(layout, y)?.row.key ?? from.band.key
        if (held?.key !== key || held.on !== on) {
            setHeld({ band: from.band, key, on })
            onHold({ band: from.band, key, on })
        }
        return true
    }
    const end = (isKept: boolean): void => {
        grip.current = null
        if (held !== null) {
            setHeld(null)
            onHold(null)
            if (isKept) {
                onDrop(held)
            }
        }
    }
    return { held, take, carry, end }
}
