import { describe, expect, it } from 'vitest'
import type { LaneRow, PlanPage } from '../../resources/js/api/types'
import { layOut, roomFor } from '../../resources/js/plan/layout'

/** As high as a letter of these drawings. */
const LETTER = 14

const lane = (key: string): LaneRow => ({
    key,
    system_id: 1,
    name: key,
    kind: 'tank',
    width_mm: 600,
    ready_from: null,
    fills: [],
    cold: [],
})

const page = {
    date: '2027-03-13',
    horizon: '2029-03-12',
    lanes: ['quiet', 'outgrown', 'arrived in', 'both'].map(lane),
    bands: [],
    breaches: [{ system_key: 'outgrown' }, { system_key: 'both' }],
    moves: [{ to_key: 'arrived in' }, { to_key: 'both' }],
} as unknown as PlanPage

describe('the words above a lane', () => {
    const lanes = layOut(page).lanes

    it('stand above its edge, clear of what is below the lane before', () => {
        lanes.forEach(({ days, names, top }, i) => {
            const before = lanes[i - 1]
            expect(days).toBeLessThan(top)
            expect(Math.min(days, names) - LETTER).toBeGreaterThanOrEqual(before?.floor ?? 0)
        })
    })

    it('give each other a line where somebody comes and somebody is out of rule', () => {
        const both = lanes.at(-1)
        expect((both?.days ?? 0) - (both?.names ?? 0)).toBeGreaterThanOrEqual(LETTER)
    })
})

describe('days above a lane', () => {
    it('are written where there is room, the first before the later', () => {
        expect(roomFor([10, 40, 64, 100, 118])).toEqual([true, false, true, false, true])
        expect(roomFor([])).toEqual([])
    })
})
