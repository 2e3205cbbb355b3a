import { describe, expect, it } from 'vitest'
import type { LaneBand, PlanPage } from '../../resources/js/api/types'
import {
    dropped,
    EMPTY,
    goingTo,
    leavingOut,
    movedTo,
    notSupposing,
    supposes,
    supposing,
} from '../../resources/js/plan/draft'

const band = (fish: number, key: string, from: string, until: string | null): LaneBand => ({
    fish_id: fish,
    name: `Fish ${fish}`,
    is_part: false,
    count: 1,
    band: 0,
    key,
    from,
    until,
    points: [],
})

const page = {
    date: '2027-03-01',
    bands: [
        band(1, 'a', '2027-03-01', '2027-06-01'),
        band(1, 'b', '2027-06-01', null),
        band(2, 'a', '2027-03-01', null),
    ],
} as unknown as PlanPage

const home = page.bands[0] as LaneBand
const later = page.bands[1] as LaneBand

describe('what is tried beside a plan', () => {
    it('sends a fish elsewhere until its next move', () => {
        expect(goingTo(EMPTY, page, 1, 'c', '2027-04-01').fish).toEqual([
            {
                fish_id: 1,
                moves: [
                    { key: 'c', on: '2027-04-01' },
                    { key: 'b', on: '2027-06-01' },
                ],
            },
        ])
    })

    it('replaces a move of the same day', () => {
        expect(goingTo(EMPTY, page, 1, 'c', '2027-06-01').fish[0]?.moves).toEqual([
            { key: 'c', on: '2027-06-01' },
        ])
    })

    it('moves a stay to another day and lane', () => {
        expect(movedTo(EMPTY, page, 1, '2027-06-01', { key: 'c', on: '2027-05-01' }).fish[0]?.moves).toEqual([
            { key: 'c', on: '2027-05-01' },
        ])
    })

    it('leaves a move out', () => {
        expect(leavingOut(EMPTY, page, 1, '2027-06-01').fish).toEqual([{ fish_id: 1, moves: [] }])
    })

    it('does nothing where a fish is let go in its home', () => {
        expect(dropped(EMPTY, page, home, 'a', '2027-04-01')).toBe(EMPTY)
    })

    it('goes from the day on which it is let go, or begins its stay then', () => {
        expect(dropped(EMPTY, page, home, 'c', '2027-04-01').fish[0]?.moves[0]).toEqual({
            key: 'c',
            on: '2027-04-01',
        })
        expect(dropped(EMPTY, page, later, 'b', '2027-07-01').fish[0]?.moves).toEqual([
            { key: 'b', on: '2027-07-01' },
        ])
    })

    it('keeps one word for each fish', () => {
        const twice = goingTo(goingTo(EMPTY, page, 1, 'c', '2027-04-01'), page, 1, 'd', '2027-05-01')
        expect(twice.fish.map(({ fish_id }) => fish_id)).toEqual([1])
    })

    it('supposes one thing of a kind for each home', () => {
        const warm = { kind: 'kept-at', system_id: 1, value: 25 } as const
        const draft = supposing(supposing(EMPTY, warm), { ...warm, value: 26 })
        expect(draft.supposed).toEqual([{ ...warm, value: 26 }])
        expect(supposes(draft, warm)).toBe(true)
        expect(notSupposing(draft, warm).supposed).toEqual([])
    })
})
