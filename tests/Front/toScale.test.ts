import { describe, expect, it } from 'vitest'
import { longestReach, reachOf } from '../../resources/js/drawing/reach'
import { tallness } from '../../resources/js/drawing/tallness'
import { scaleOfRow } from '../../resources/js/weighup/scaleOfRow'
import { spreadOverSizes } from '../../resources/js/weighup/spreadOverSizes'

describe('a list that is drawn to one scale', () => {
    it('is as wide as its longest, and a ray reaches further than its disc', () => {
        expect(reachOf({ form: 'torpedo', mm: 400 })).toBe(400)
        expect(
            longestReach([
                { form: 'ray', mm: 350 },
                { form: 'torpedo', mm: 400 },
            ]),
        ).toBeCloseTo(455)
        expect(longestReach([])).toBe(1)
    })

    it('leaves each as high as it is: a deep one higher than an eel', () => {
        expect(tallness('deep')).toBeGreaterThan(3 * tallness('eel'))
    })
})

describe('kinds to pick from', () => {
    const kind = (adult_mm: number, here = 0, form: 'deep' | 'shrimp' = 'deep') => ({ adult_mm, here, form })

    it('go over all sizes, from small to large', () => {
        const all = Array.from({ length: 100 }, (_, i) => kind(1200 - 10 * i))
        const sizes = spreadOverSizes(all, 10).map(({ adult_mm }) => adult_mm)
        expect(sizes).toHaveLength(10)
        expect(sizes).toEqual([...sizes].sort((a, b) => a - b))
        expect(sizes[0]).toBeLessThan(310)
        expect(sizes[9]).toBeGreaterThan(1100)
    })

    it('are those that live here, where one does', () => {
        const all = Array.from({ length: 20 }, (_, i) => kind(200 + i, i === 3 ? 2 : 0))
        expect(spreadOverSizes(all, 4)).toContainEqual(kind(203, 2))
    })

    it('are all where there are few, and only fish that grow large', () => {
        expect(spreadOverSizes([kind(300), kind(200, 0, 'shrimp'), kind(149), kind(150)], 10)).toEqual([
            kind(150),
            kind(300),
        ])
    })
})

describe('homes drawn side by side', () => {
    const breadth = (breadths: number[], least: number, room: number): number =>
        breadths.reduce((sum, one) => sum + Math.max(least, one * scaleOfRow(breadths, least, room)), 0)

    it('fill the row and never more, the words over the small ones counted', () => {
        expect(breadth([1000, 2000, 3000], 10, 600)).toBeCloseTo(600)
        expect(breadth([900, 1000, 2000, 5200], 130, 760)).toBeCloseTo(760)
        expect(breadth([1000, 1000], 130, 300)).toBeCloseTo(300)
    })
})
