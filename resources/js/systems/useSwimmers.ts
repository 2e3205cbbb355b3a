import { useMemo } from 'react'
import type { FishRow, FloorPlanSheet, GrowingFish, SystemSheet } from '../api/types'
import type { Point } from '../drawing/geometry'
import { memberLength } from '../drawing/memberLength'
import { placeFish } from '../drawing/placeFish'
import { isOverOn } from './stayEnd'

const DRAWN_OF_A_SHOAL = 20

/** What is drawn of somebody who lives there, in pixels. */
export interface Swimmer {
    key: string
    form: string
    band: number
    x: number
    y: number
    length: number
    /** Degrees. */
    angle: number
    isOver: boolean
    fish: FishRow
    growing: GrowingFish
    /** Of a shoal one bears the name. */
    bearsName: boolean
}

/** The circle in which the one that needs most room turns. */
export interface Turning {
    x: number
    y: number
    r: number
    mm: number
    fish: FishRow
}

export interface Seen {
    system: SystemSheet
    plan: FloorPlanSheet
    /** Which of the plan's dates. */
    at: number
    /** Pixels per millimetre. */
    scale: number
    /** Outline of the water in millimetres. */
    water: Point[]
    /** Pixels. */
    bounds: Point
}

/** Everybody who lives there on that date, each at its place, and who turns. */
export function useSwimmers({ system, plan, at, scale, water, bounds: [width, height] }: Seen): {
    swimmers: readonly Swimmer[]
    turning: Turning | undefined
} {
    const laid = usePlaces(system, plan, water)
    const rows = new Map(system.fish.map((fish) => [fish.id, fish]))
    const growing = new Map(plan.fish.map((fish) => [fish.id, fish]))
    const widest = [...plan.fish].sort((a, b) => (b.turning_mm[at] ?? 0) - (a.turning_mm[at] ?? 0))[0]
    const mm = widest?.turning_mm[at] ?? 0
    const r = (mm * scale) / 2
    const swimmers = laid.flatMap(({ key, x, y, ...drawn }) => {
        const [id, member] = key.split('/').map(Number)
        const [fish, one] = [rows.get(id ?? 0), growing.get(id ?? 0)]
        if (fish === undefined || one === undefined) {
            return []
        }
        const place = { x: x * scale, y: y * scale }
        return {
            ...drawn,
            ...(member === 0 && id === widest?.id ? whereItTurns(place, r, width, height) : place),
            key,
            fish,
            growing: one,
            length: lengthOn(at, member ?? 0, fish, one) * scale,
            isOver: isOverOn(one, fish, plan.dates[at] ?? ''),
            bearsName: member === 0,
        }
    })
    const turns = swimmers.find(({ bearsName, fish }) => bearsName && fish.id === widest?.id)
    return { swimmers, turning: turns && { x: turns.x, y: turns.y, fish: turns.fish, r, mm } }
}

/** Of this member of a shoal, or of the fish; millimetres. */
function lengthOn(at: number, member: number, { count }: FishRow, growing: GrowingFish): number {
    return memberLength(
        growing.largest_mm[at] ?? 0,
        growing.smallest_mm[at] ?? 0,
        member,
        Math.min(count, DRAWN_OF_A_SHOAL),
    )
}

/** The widest turns where there is room for it; in the middle when there is too little. */
function whereItTurns(
    { x, y }: { x: number; y: number },
    r: number,
    width: number,
    height: number,
): { x: number; y: number } {
    const within = (value: number, length: number): number =>
        2 * r > length ? length / 2 : Math.max(r, Math.min(length - r, value))
    return { x: within(x, width), y: within(y, height) }
}

/** Fish keep their places while the date is dragged: they are laid out once, at the longest that the water can show. */
function usePlaces(system: SystemSheet, plan: FloorPlanSheet, water: Point[]) {
    const span = Math.max(...water.map(([x]) => x), 1) - Math.min(...water.map(([x]) => x), 0)
    const swimmers = system.fish.flatMap((fish) => {
        const lengths = plan.fish.find((one) => one.id === fish.id)?.likely_mm ?? []
        const length = Math.min(lengths[Math.min(lengths.length - 1, 52)] ?? 0, span * 0.4)
        return Array.from({ length: Math.min(fish.count, DRAWN_OF_A_SHOAL) }, (_, i) => ({
            key: `${fish.id}/${i}`,
            form: fish.form,
            band: fish.band,
            length,
        }))
    })
    const signature = JSON.stringify([system.id, swimmers, water])
    return useMemo(
        () => placeFish(water, swimmers, system.id * 17 + 5),
        // The signature stands for everything that is drawn from.
        // oxlint-disable-next-line react/exhaustive-deps
        [signature],
    )
}
