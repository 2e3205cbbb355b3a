import { describe, expect, it } from 'vitest'
import type { MarksRequest, PictureRow } from '../../resources/js/api/types'
import {
    moved,
    NOTHING_MARKED,
    NOTHING_TYPED,
    pointOf,
    reopened,
    requestOf,
    withMark,
    without,
} from '../../resources/js/picture/marks'
import type { Marks } from '../../resources/js/picture/marks'
import { after, scaled } from '../../resources/js/picture/scaled'
import { panned, whole, zoomed } from '../../resources/js/picture/window'

const at = (x: number, y = 0) => ({ x, y })

const marked: Marks = {
    scale: [at(0), at(100)],
    back: [],
    foot: [],
    lines: [[at(10, 10), at(60, 10)]],
}

const typed = { ...NOTHING_TYPED, scale: '50 cm', distance: '1.2 m' }

describe('marks on a picture', () => {
    it('are set one after the other, and of a whole pair the nearer one goes there', () => {
        const one = withMark(NOTHING_MARKED, 'scale', 0, at(5))
        const two = withMark(one.marks, 'scale', 0, at(105))
        expect(two.marks.scale).toEqual([at(5), at(105)])
        expect(two.chosen).toEqual({ tool: 'scale', line: 0, at: 1 })
        const third = withMark(two.marks, 'scale', 0, at(90))
        expect(third.marks.scale).toEqual([at(5), at(90)])
        expect(third.chosen.at).toBe(1)
    })

    it('along a fish are as many as one likes, and another fish has its own', () => {
        const first = [at(1), at(2), at(3)].reduce(
            (marks, point) => withMark(marks, 'fish', 0, point).marks,
            NOTHING_MARKED,
        )
        const second = withMark(first, 'fish', 1, at(9)).marks
        expect(second.lines).toEqual([[at(1), at(2), at(3)], [at(9)]])
        expect(pointOf(second, { tool: 'fish', line: 1, at: 0 })).toEqual(at(9))
    })

    it('are moved and taken away by themselves', () => {
        const mark = { tool: 'fish', line: 0, at: 1 } as const
        expect(moved(marked, mark, at(61, 12)).lines[0]).toEqual([at(10, 10), at(61, 12)])
        expect(without(marked, mark).lines[0]).toEqual([at(10, 10)])
        expect(marked.lines[0]).toHaveLength(2)
    })

    it('are asked about when nothing is missing any more', () => {
        expect(requestOf(NOTHING_MARKED, typed)).toBeNull()
        expect(requestOf(marked, { ...typed, scale: ' ' })).toBeNull()
        expect(requestOf(marked, { ...typed, distance: '' })).toBeNull()
        expect(requestOf(marked, { ...typed, depth: 'twice' })).toBeNull()
        expect(requestOf(marked, { ...typed, way: 'seen', seenDepth: '40 cm' })).toBeNull()
        expect(requestOf(marked, typed)).toMatchObject({
            scale: { from: at(0), to: at(100), length: '50 cm' },
            distance: { way: 'measured', length: '1.2 m', from: null },
            foot: null,
            other: null,
        })
        expect(
            requestOf({ ...marked, back: [at(1), at(2)] }, { ...typed, way: 'seen', seenDepth: '40 cm' }),
        ).toMatchObject({ distance: { way: 'seen', from: at(1), to: at(2), depth: '40 cm' } })
    })

    it('are opened again as they were kept', () => {
        const asked = requestOf({ ...marked, foot: [at(50, 50)] }, { ...typed, depth: 'twice', other: '7' })
        const again = reopened(asked)
        expect(requestOf(again.marks, again.typed)).toEqual(asked)
        expect(reopened(null)).toEqual({ marks: NOTHING_MARKED, typed: NOTHING_TYPED })
    })
})

describe('the part of a picture that is seen', () => {
    const size = { width: 1000, height: 800 }

    it('comes nearer about a point that stays where it is', () => {
        const near = zoomed(whole(size), size, 2, at(250, 200))
        expect(near).toEqual({ x: 125, y: 100, width: 500 })
        expect((250 - near.x) / near.width).toBeCloseTo(0.25)
    })

    it('never leaves the picture', () => {
        expect(zoomed(whole(size), size, 0.5, at(0))).toEqual(whole(size))
        expect(panned({ x: 0, y: 0, width: 500 }, size, 90, 90)).toEqual({ x: 0, y: 0, width: 500 })
        expect(panned({ x: 400, y: 0, width: 500 }, size, -900, 0).x).toBe(500)
        expect(zoomed(whole(size), size, 1000, at(500, 400)).width).toBe(60)
    })
})

describe('a diary', () => {
    const picture = {
        id: 1,
        width: 1000,
        height: 800,
        length_mm: 250,
        marks: { lines: [[at(300, 400), at(700, 400), at(800, 400)]] } as unknown as MarksRequest,
    } as unknown as PictureRow

    it('knows how large what it shows is', () => {
        const one = scaled(picture)
        expect(one?.mmPerPixel).toBeCloseTo(0.5)
        expect(one?.crop.x).toBeCloseTo(210)
        expect(one?.crop.width).toBeCloseTo(680)
    })

    it('shows nothing to scale that was not measured', () => {
        expect(scaled({ ...picture, length_mm: null })).toBeNull()
        expect(scaled({ ...picture, marks: null })).toBeNull()
    })

    it.each([
        [35, { n: 5, unit: 'week' }],
        [63, { n: 9, unit: 'week' }],
        [183, { n: 6, unit: 'month' }],
        [1100, { n: 3, unit: 'year' }],
    ])('tells %i days as one would say it', (days, told) => {
        expect(after(days)).toEqual(told)
    })
})
