import type { PlanMove } from '../api/types'

/** Who must be where, as the keeper insists. */
export interface Lock {
    fish: number
    name: string
    system: number
    home: string
    /** Null: it stays there from today on. */
    from: string | null
}

export const asBody = ({ fish, system, from }: Lock) => ({
    fish_id: fish,
    system_id: system,
    from,
    until: null,
})

/** A move that is kept as it is; null: into a home that must be built. */
export const lockOf = (move: PlanMove): Lock | null =>
    move.to_id === null
        ? null
        : { fish: move.fish_id, name: move.name, system: move.to_id, home: move.to, from: move.on }

/** Of one fish the last word holds. */
export const withLock = (locks: readonly Lock[], lock: Lock): Lock[] => [
    ...locks.filter(({ fish }) => fish !== lock.fish),
    lock,
]
