import { describe, expect, it } from 'vitest'
import { formNamed, forms } from '../../resources/js/drawing/forms'
import type { Point } from '../../resources/js/drawing/geometry'
import {
    bow,
    isConvex,
    isInside,
    polygon,
    polyline,
    seeded,
    smooth,
    tornEdge,
} from '../../resources/js/drawing/geometry'
import { scales, scutes } from '../../resources/js/drawing/marks'
import { abovePlacing, edge, placing, sidePlacing, silhouette } from '../../resources/js/drawing/outline'
import { placeFish } from '../../resources/js/drawing/placeFish'
import { layPools } from '../../resources/js/systems/pools'

const box: Point[] = [
    [0, 0],
    [100, 0],
    [100, 60],
    [0, 60],
]

/** An L: the upper right quarter is missing. */
const bent: Point[] = [
    [0, 0],
    [50, 0],
    [50, 30],
    [100, 30],
    [100, 60],
    [0, 60],
]

describe('lines', () => {
    it('are rounded to hundredths', () => {
        expect(
            polyline([
                [0, 1 / 3],
                [10, 20],
            ]),
        ).toBe('M0 0.33L10 20')
        expect(polygon(box)).toBe('M0 0L100 0L100 60L0 60Z')
        // A fish that was measured once, today, has no course behind it.
        expect(polygon([])).toBe('')
    })

    it('a smooth line through points on a straight one is straight', () => {
        expect(
            smooth([
                [0, 0],
                [3, 3],
                [6, 6],
            ]),
        ).toBe('M0 0C0.5 0.5 2 2 3 3C4 4 5.5 5.5 6 6')
    })

    it('a closed one comes back to where it began', () => {
        expect(smooth(box, true)).toMatch(/0 0Z$/)
        expect(smooth(box, true).match(/C/g)).toHaveLength(4)
    })

    it('a bow is drawn towards the point between its ends', () => {
        expect(bow([0, 0], [1 / 3, 2], [0, 4])).toBe('M0 0Q0.33 2 0 4')
    })

    it('the same seed tears the same edge, within four pixels', () => {
        expect(tornEdge(0, 110, 50, 7)).toEqual(tornEdge(0, 110, 50, 7))
        expect(tornEdge(0, 110, 50, 7)).not.toEqual(tornEdge(0, 110, 50, 8))
        for (const [, y] of tornEdge(0, 110, 50, 7)) {
            expect(Math.abs(y - 50)).toBeLessThanOrEqual(4)
        }
    })

    it('random numbers of a seed lie between nought and one, and are spread', () => {
        const random = seeded(42)
        const drawn = Array.from({ length: 2000 }, random)
        expect(Math.min(...drawn)).toBeGreaterThanOrEqual(0)
        expect(Math.max(...drawn)).toBeLessThan(1)
        expect(drawn.reduce((sum, value) => sum + value, 0) / drawn.length).toBeCloseTo(0.5, 1)
    })
})

describe('inside an outline', () => {
    it.each<[Point, boolean]>([
        [[10, 10], true],
        [[75, 10], false],
        [[75, 45], true],
        [[101, 45], false],
        [[50, 61], false],
    ])('%j of an L: %s', (point, inside) => {
        expect(isInside(point, bent)).toBe(inside)
    })
})

describe('outlines without a hollow', () => {
    const round = Array.from({ length: 24 }, (_, i): Point => [
        50 + 50 * Math.cos((i * Math.PI) / 12),
        50 + 50 * Math.sin((i * Math.PI) / 12),
    ])

    it.each<[string, Point[], boolean]>([
        ['an L', bent, false],
        ['an L drawn the other way', [...bent].reverse(), false],
        ['a vat', round, true],
        ['a vat drawn the other way', [...round].reverse(), true],
        ['a vat of which a part is in view', round.map(([x, y]): Point => [Math.min(x, 60), y]), true],
    ])('%s: %s', (_, outline, isOne) => {
        expect(isConvex(outline)).toBe(isOne)
    })

    it('a fish lies in a vat with all of its length, as long as there is room', () => {
        for (const seed of [1, 2, 3, 4, 5]) {
            const swimmers = [30, 25, 20, 15].map((length, i) => ({
                key: `${i}/0`,
                form: 'eel',
                band: 0,
                length,
            }))
            for (const { x, y, angle, length } of placeFish(round, swimmers, seed)) {
                for (const share of [-0.45, -0.3, 0, 0.3, 0.45]) {
                    const turn = (angle * Math.PI) / 180
                    const point: Point = [
                        x + share * length * Math.cos(turn),
                        y + share * length * Math.sin(turn),
                    ]
                    expect(isInside(point, round)).toBe(true)
                }
            }
        }
    })
})

describe('beside walls', () => {
    const LENGTH = 20
    const tank: Point[] = [
        [0, 0],
        [200, 0],
        [200, 150],
        [0, 150],
    ]

    it.each([1, 2, 3, 4, 5, 6, 7, 8])('no fish lies where there is room elsewhere, seed %i', (seed) => {
        const swimmers = ['1/0', '2/0', '3/0'].map((key) => ({
            key,
            form: 'torpedo',
            band: 0,
            length: LENGTH,
        }))
        for (const { x, y, angle } of placeFish(tank, swimmers, seed)) {
            const turn = (angle * Math.PI) / 180
            for (const share of [-0.45, 0.45]) {
                const [endX, endY] = [
                    x + share * LENGTH * Math.cos(turn),
                    y + share * LENGTH * Math.sin(turn),
                ]
                expect(Math.min(endX, endY, 200 - endX, 150 - endY)).toBeGreaterThan(LENGTH / 4)
            }
        }
    })
})

describe('fish in the water', () => {
    const swimmers = [
        { key: '1/0', form: 'torpedo', band: 0, length: 20 },
        { key: '2/0', form: 'sturgeon', band: 1, length: 40 },
        { key: '3/0', form: 'ray', band: 2, length: 12 },
    ]

    it('lie where they lay before, the longest first', () => {
        const placed = placeFish(bent, swimmers, 5)
        expect(placed).toEqual(placeFish(bent, swimmers, 5))
        expect(placed.map(({ key }) => key)).toEqual(['2/0', '1/0', '3/0'])
    })

    it('lie inside, and not on each other', () => {
        for (const seed of [1, 2, 3, 4, 5]) {
            const placed = placeFish(bent, swimmers, seed)
            for (const { x, y } of placed) {
                expect(isInside([x, y], bent)).toBe(true)
            }
            placed.forEach((one, i) => {
                for (const other of placed.slice(i + 1)) {
                    expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeGreaterThan(4)
                }
            })
        }
    })
})

describe('the pools of a system', () => {
    const basin = (outline: Point[], dividers: number[] = []) => ({
        outline_mm: outline.map((point) => [...point]),
        dividers_mm: dividers,
        depth_mm: 500,
        swim_length_mm: 0,
        turning_width_mm: 0,
        volume_litres: 0,
    })

    it('stand side by side with a gap, as high as the highest', () => {
        const { pools, size } = layPools([basin(box), basin(bent)])
        expect(size).toEqual([100 + 250 + 100, 60])
        expect(Math.min(...(pools[1]?.outline ?? []).map(([x]) => x))).toBe(350)
    })

    it('fish are drawn in the roomiest, in its larger part where it is divided', () => {
        const { roomiest, pools } = layPools([basin(bent), basin(box, [30])])
        expect(pools[1]?.dividers).toEqual([{ x: 380, top: 0, bottom: 60 }])
        expect(Math.min(...roomiest.map(([x]) => x))).toBe(380)
        expect(Math.max(...roomiest.map(([x]) => x))).toBe(450)
    })

    it('a divider reaches from wall to wall of a bent one', () => {
        expect(layPools([basin(bent, [75])]).pools[0]?.dividers).toEqual([{ x: 75, top: 30, bottom: 60 }])
    })
})

describe('a fish from above', () => {
    /** Twice the area within the corners of a path, by whose sign one knows which way it runs around. */
    const turn = (path: string): number => {
        const corners = [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)(?=[MLCZ]|$)/g)].map(([, x, y]) => [
            Number(x),
            Number(y),
        ])
        return corners.reduce((sum, [x = 0, y = 0], i) => {
            const [nextX = 0, nextY = 0] = corners[(i + 1) % corners.length] ?? []
            return sum + x * nextY - nextX * y
        }, 0)
    }

    it.each(Object.keys(forms))('%s is one shape without holes', (name) => {
        const form = formNamed(name)
        const parts = silhouette(form, abovePlacing(form, 100)).split(/(?=M)/)
        expect(parts.length).toBeGreaterThanOrEqual(3)
        expect(parts.filter((part) => turn(part) <= 0)).toEqual([])
    })
})

describe('marks of a flank', () => {
    const each = (path: string): string[] => path.split(/(?=M)/).filter((one) => one !== '')
    const marked = (mark: 'scales' | 'scutes') =>
        Object.entries(forms).flatMap(([name, form]) => (form[mark] > 0 ? [[name, form] as const] : []))

    it.each(marked('scutes'))('%s has as many plates as its form says, each closed', (_, form) => {
        const plates = each(scutes(form, sidePlacing(form, 200)))
        expect(plates).toHaveLength(form.scutes)
        expect(plates.every((plate) => plate.endsWith('Z'))).toBe(true)
    })

    it.each(marked('scales'))('%s has scales in several rows, none seated beyond its body', (_, form) => {
        const seats = each(scales(form, placing(1000, 0, 1))).map((scale) => {
            const [, root, tip, y] = (/M(\S+) .*Q(\S+) (\S+)/.exec(scale) ?? []).map(Number)
            return { x: ((root ?? NaN) * 0.42 + (tip ?? NaN) * 0.2) / 620 + 0.5, y: (y ?? NaN) / 1000 }
        })
        expect(new Set(seats.map(({ y }) => y)).size).toBeGreaterThanOrEqual(form.scales)
        const seated = seats.filter(({ x, y }) => y > edge(form, x, 'upper') && y < edge(form, x, 'lower'))
        expect(seated).toHaveLength(seats.length)
    })
})
