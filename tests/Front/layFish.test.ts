import { describe, expect, it } from 'vitest'
import type { SitterHome } from '../../resources/js/api/types'
import { layFish, nameOf } from '../../resources/js/sitter/layFish'

type Fish = SitterHome['fish'][number]

const fish = (name: string, length_mm: number, more: Partial<Fish> = {}): Fish => ({
    name,
    length_mm,
    species: 'Some fish',
    count: 1,
    form: 'torpedo',
    band: 0,
    ...more,
})

describe('the fish of a home, laid from the side', () => {
    it('draws all homes to one scale', () => {
        const longest = 800
        const one = layFish([fish('Long', 800)], 360, longest).laid[0]
        const other = layFish([fish('Short', 400)], 360, longest).laid[0]
        expect((one?.length ?? 0) / (other?.length ?? 1)).toBeCloseTo(2)
        expect(one?.length).toBeLessThan(360)
    })

    it('draws the smallest so large that it can be told apart', () => {
        expect(layFish([fish('Fry', 12)], 360, 900).laid[0]?.length).toBeGreaterThan(20)
    })

    it('keeps within the width, row by row, and no two overlap', () => {
        const all = ['Moss', 'Bramble', 'Tarn', 'Pip', 'Thistle'].map((name, i) => fish(name, 300 + 90 * i))
        const { laid, height } = layFish(all, 360, 700)
        laid.forEach(({ x, y, length, high }) => {
            expect(x - length / 2).toBeGreaterThanOrEqual(0)
            expect(x + length / 2).toBeLessThanOrEqual(360)
            expect(y - high / 2).toBeGreaterThanOrEqual(0)
            expect(y + high / 2).toBeLessThanOrEqual(height)
        })
        laid.forEach((one, i) =>
            laid.slice(i + 1).forEach((other) => {
                const beside = Math.abs(one.x - other.x) >= (one.length + other.length) / 2
                const below = Math.abs(one.y - other.y) >= (one.high + other.high) / 2
                expect(beside || below).toBe(true)
            }),
        )
    })

    it('gives a ray as much height as it is wide', () => {
        const { laid } = layFish([fish('Tansy', 400, { form: 'ray' })], 360, 800)
        expect(laid[0]?.high).toBeGreaterThanOrEqual(laid[0]?.length ?? Infinity)
    })

    it('names a shoal with its number', () => {
        expect(nameOf(fish('Barbs', 120, { count: 12 }))).toBe('Barbs (12)')
        expect(nameOf(fish('Moss', 120))).toBe('Moss')
    })
})
