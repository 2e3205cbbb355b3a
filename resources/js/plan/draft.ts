import type { LaneBand, PlanPage, Supposed, TriedFish } from '../api/types'

/** What a keeper tries beside the plan that is seen: other moves, and things that are otherwise. */
export interface Draft {
    fish: readonly TriedFish[]
    supposed: readonly Supposed[]
}

export const EMPTY: Draft = { fish: [], supposed: [] }

type Move = TriedFish['moves'][number]

const staysOf = (page: PlanPage, fish: number): LaneBand[] =>
    page.bands
        .filter((band) => band.fish_id === fish && !band.is_part)
        .sort((a, b) => a.from.localeCompare(b.from))

const movesOf = (stays: readonly LaneBand[]): Move[] =>
    stays.slice(1).map(({ key, from }) => ({ key, on: from }))

/** Of one fish the last word holds. */
const withMoves = (draft: Draft, fish: number, moves: readonly Move[]): Draft => ({
    ...draft,
    fish: [
        ...draft.fish.filter(({ fish_id }) => fish_id !== fish),
        { fish_id: fish, moves: [...moves].sort((a, b) => a.on.localeCompare(b.on)) },
    ],
})

/** From that day on it is in this home, until its next move. */
export const goingTo = (draft: Draft, page: PlanPage, fish: number, key: string, on: string): Draft =>
    withMoves(draft, fish, [...movesOf(staysOf(page, fish)).filter((move) => move.on !== on), { key, on }])

/** The stay that begins on that day is left out: it stays where it was before. */
export const leavingOut = (draft: Draft, page: PlanPage, fish: number, on: string): Draft =>
    withMoves(
        draft,
        fish,
        movesOf(staysOf(page, fish)).filter((move) => move.on !== on),
    )

/** The stay that begins on that day begins on another, and may be elsewhere. */
export const movedTo = (
    draft: Draft,
    page: PlanPage,
    fish: number,
    begins: string,
    { key, on }: Move,
): Draft =>
    withMoves(draft, fish, [
        ...movesOf(staysOf(page, fish)).filter((move) => move.on !== begins),
        { key, on },
    ])

/** A band that was taken hold of on a day and let go in a lane on another: where it lives now it goes from that day on; a later stay begins earlier or later, or is elsewhere. */
export function dropped(draft: Draft, page: PlanPage, band: LaneBand, key: string, on: string): Draft {
    const isHome = band.from <= page.date
    return isHome
        ? key === band.key
            ? draft
            : goingTo(draft, page, band.fish_id, key, on)
        : movedTo(draft, page, band.fish_id, band.from, { key, on })
}

const about = ({ kind, system_id, fish_id }: Supposed): string =>
    `${kind} ${system_id ?? ''} ${fish_id ?? ''}`

/** Of one home or fish one thing of a kind is supposed. */
export const supposing = (draft: Draft, supposed: Supposed): Draft => ({
    ...draft,
    supposed: [...draft.supposed.filter((other) => about(other) !== about(supposed)), supposed],
})

export const notSupposing = (draft: Draft, supposed: Supposed): Draft => ({
    ...draft,
    supposed: draft.supposed.filter((other) => about(other) !== about(supposed)),
})

export const supposes = (draft: Draft, supposed: Supposed): boolean =>
    draft.supposed.some((other) => about(other) === about(supposed))
