import { describe, expect, it } from 'vitest'
import type { AheadLength, FishSheet, Home } from '../../resources/js/api/types'
import { chartOf } from '../../resources/js/fish/chart'

const TODAY = '2027-03-13'

/** A fish that grows from 200 to 400 mm in three years, a month at a time. */
const ahead: AheadLength[] = Array.from({ length: 37 }, (_, month) => {
    const day = new Date(Date.UTC(2027, 2 + month, 13)).toISOString().slice(0, 10)
    const likely = 200 + (200 * month) / 36
    return {
        date: day,
        quantiles_mm: Array.from({ length: 9 }, (__, q) => likely * (0.92 + 0.02 * q)),
    }
})

const home = (id: number, name: string, limit: number, temperature = 'suits'): Home =>
    ({
        system_id: id,
        name,
        limit_mm: limit,
        temperature,
        outgrows: { early: '2027-08-01', likely: '2027-10-01', late: '2028-01-01' },
    }) as unknown as Home

const sheet = (part: { home?: Home; next?: Home | null; homes?: Home[] } = {}): FishSheet =>
    ({
        today: TODAY,
        behind: [{ date: '2026-06-01' }],
        ahead,
        measurements: [{ length_mm: 190, error: 0.02 }],
        homes: part.homes ?? [],
        fish: { home: part.home ?? home(1, 'Kiln vat', 300), next: part.next ?? null },
    }) as unknown as FishSheet

describe('the scales of the growth sheet', () => {
    const chart = chartOf(sheet(), 900, 480, 10)

    it('begins a little before the first length and ends within what was projected', () => {
        expect(chart.x('2026-06-01')).toBeGreaterThan(chart.size.left)
        expect(chart.x(chart.end)).toBeCloseTo(chart.size.right, 6)
        expect(chart.end <= (ahead.at(-1)?.date ?? '')).toBe(true)
        expect(chart.x(TODAY)).toBeLessThan(chart.size.right)
    })

    it('grows upward from nought, to one scale', () => {
        expect(chart.y(0)).toBe(chart.size.bottom)
        expect(chart.y(200)).toBeCloseTo(chart.size.bottom - 200 * chart.perMm, 6)
        expect(chart.y(100) - chart.y(200)).toBeCloseTo(100 * chart.perMm, 6)
    })

    it('has room for the longest it may be by then and for its limit', () => {
        const longest = ahead.filter((point) => point.date <= chart.end).at(-1)?.quantiles_mm[8] ?? 0
        expect(chart.y(longest)).toBeGreaterThanOrEqual(chart.size.top)
        expect(chart.y(300)).toBeGreaterThanOrEqual(chart.size.top)
    })

    it('ticks in whole units of the keeper', () => {
        expect(chart.ticksY.every((mm) => Number.isInteger(mm / 10))).toBe(true)
        const inches = chartOf(sheet(), 900, 480, 25.4)
        expect(inches.ticksY.every((mm) => Math.abs(mm / 25.4 - Math.round(mm / 25.4)) < 1e-9)).toBe(true)
    })

    it('has fewer ticks and a narrower margin on a phone', () => {
        const phone = chartOf(sheet(), 360, 420, 10)
        expect(phone.ticksX.length).toBeLessThan(chart.ticksX.length)
        expect(phone.size.left).toBeLessThan(chart.size.left)
    })
})

describe('the limits on the growth sheet', () => {
    const names = (part: Parameters<typeof sheet>[0]): string[] =>
        chartOf(sheet(part), 900, 480, 10).homes.map((line) => line.names)

    it('are its home, where it goes next, and larger ones that suit, smallest first', () => {
        const homes = [
            home(3, 'Pond', 395),
            home(2, 'Gauge tank', 360),
            home(4, 'Cold pond', 380, 'too-cold'),
        ]
        expect(names({ homes })).toEqual(['Kiln vat', 'Gauge tank', 'Pond'])
        expect(names({ homes, next: homes[0] ?? null })).toEqual(['Kiln vat', 'Pond', 'Gauge tank'])
    })

    it('share a line where they are the same', () => {
        expect(names({ homes: [home(2, 'Left bay', 360), home(3, 'Right bay', 360)] })).toEqual([
            'Kiln vat',
            'Left bay, Right bay',
        ])
    })

    it('are left out where two labels would lie on each other', () => {
        expect(names({ homes: [home(2, 'Gauge tank', 303)] })).toEqual(['Kiln vat'])
    })

    it('far above the fish squeeze nothing: they are named below', () => {
        const chart = chartOf(sheet({ home: home(1, 'Long pond', 3000) }), 900, 480, 10)
        expect(chart.homes).toEqual([])
        expect(chart.y(380)).toBeLessThan(chart.size.bottom - 0.5 * (chart.size.bottom - chart.size.top))
    })
})

describe('another future beside it', () => {
    const future = (factor: number): never =>
        ({
            ahead: ahead.map((point) => ({
                ...point,
                quantiles_mm: point.quantiles_mm.map((mm) => factor * mm),
            })),
        }) as never

    it('is given room when it grows larger, but may run out of the picture', () => {
        const alone = chartOf(sheet(), 900, 480, 10)
        const more = chartOf(sheet(), 900, 480, 10, future(1.3))
        const muchMore = chartOf(sheet(), 900, 480, 10, future(9))
        expect(more.perMm).toBeLessThan(alone.perMm)
        expect(muchMore.perMm).toBeGreaterThan(alone.perMm / 2)
    })
})
