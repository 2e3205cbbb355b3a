import { describe, expect, it } from 'vitest'
import { memberLength } from '../../resources/js/drawing/memberLength'
import { rowsOf } from '../../resources/js/group/rowsOf'

describe('a group drawn to scale', () => {
    it('keeps one scale over all rows and leaves each its room', () => {
        const rows = rowsOf([80, 100, 140, 150, 200], { width: 342, leastPart: 110, longest: 250 })
        expect(rows.map((row) => row.map(({ of }) => of))).toEqual([
            [0, 1, 2],
            [3, 4],
        ])
        const [first, last] = [rows[0]?.[0], rows[1]?.[1]]
        expect((last?.length ?? 0) / (first?.length ?? 1)).toBeCloseTo(200 / 80)
        expect(last?.length).toBeLessThan(342 / 3)
    })
    it('goes in even ratios from the largest to the smallest', () => {
        const lengths = [0, 1, 2].map((member) => memberLength(160, 90, member, 3))
        expect(lengths).toEqual([160, expect.closeTo(120), expect.closeTo(90)])
        expect(memberLength(160, 90, 0, 1)).toBe(160)
    })
})
