import { messages } from '../messages'
import type { SystemSheet } from '../api/types'
import { drawnSize } from '../systems/SystemFromAbove'

export interface Station {
    system: SystemSheet
    x: number
    /** Of the label's middle; the water begins below it. */
    y: number
    width: number
    height: number
}

export interface Round {
    stations: Station[]
    rows: { y: number; leftward: boolean }[]
    height: number
}

const GAP = 27
const LABEL = 22
const ROW_GAP = 46
const LABEL_PX_PER_LETTER = 9
const MARK = 46

/** "Porch" for the Porch tank: on the plan anybody sees that it is one. */
export function shortName(system: SystemSheet): string {
    const kind = ` ${messages.systemsList.kinds[system.kind]}`
    return system.kind === 'tank' && system.name.endsWith(kind)
        ? system.name.slice(0, -kind.length)
        : system.name
}

/** Widest of a system and its label. */
const roomOf = (system: SystemSheet, width: number): number =>
    Math.max(width, MARK + shortName(system).length * LABEL_PX_PER_LETTER)

/** Systems in walking order in rows that turn at their ends, all to one scale. */
export function layRound(
    systems: readonly SystemSheet[],
    width: number,
    scale: number,
    maxHeight: number,
): Round {
    const rows: Station[][] = [[]]
    let used = 0
    for (const system of systems) {
        const [w, h] = drawnSize(system, scale, width, maxHeight)
        const room = roomOf(system, w)
        if (used > 0 && used + room > width) {
            rows.push([])
            used = 0
        }
        rows[rows.length - 1]?.push({ system, x: used, y: 0, width: w, height: h })
        used += room + GAP
    }
    let y = 18
    const turns: Round['rows'] = []
    rows.forEach((row, i) => {
        const leftward = i % 2 === 1
        for (const station of row) {
            station.y = y
            if (leftward) {
                station.x = width - station.x - roomOf(station.system, station.width)
            }
        }
        turns.push({ y, leftward })
        y += LABEL + Math.max(0, ...row.map((station) => station.height)) + ROW_GAP
    })
    return { stations: rows.flat(), rows: turns, height: y - ROW_GAP + 14 }
}

export const WATER_BELOW_LABEL = LABEL
