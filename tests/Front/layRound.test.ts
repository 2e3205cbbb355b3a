import { describe, expect, it } from 'vitest'
import type { SystemSheet } from '../../resources/js/api/types'
import { layRound, shortName } from '../../resources/js/today/layRound'

const tank = (name: string, lengthMm: number, kind: SystemSheet['kind'] = 'tank'): SystemSheet =>
    ({
        name,
        kind,
        basins: [
            {
                outline_mm: [
                    [0, 0],
                    [lengthMm, 0],
                    [lengthMm, 600],
                    [0, 600],
                ],
                dividers_mm: [],
            },
        ],
    }) as unknown as SystemSheet

const systems = [
    tank('Porch tank', 2000),
    tank('Hall tank', 2400),
    tank('Mill vat', 1800, 'vat'),
    tank('Lock pond', 6000, 'pond'),
]

describe('the round', () => {
    it('names a tank without saying that it is one', () => {
        expect(systems.map(shortName)).toEqual(['Porch', 'Hall', 'Mill vat', 'Lock pond'])
    })

    it('keeps the order of walking, and every system within the paper', () => {
        const round = layRound(systems, 500, 0.1, 400)
        expect(round.stations.map(({ system }) => system.name)).toEqual(systems.map(({ name }) => name))
        for (const { x, width } of round.stations) {
            expect(x).toBeGreaterThanOrEqual(0)
            expect(x + width).toBeLessThanOrEqual(500)
        }
    })

    it('turns at the end of a row: the next runs back, below it', () => {
        const round = layRound(systems, 500, 0.1, 400)
        expect(round.rows.map(({ leftward }) => leftward)).toEqual([false, true, false])
        const [first, second, third] = round.stations
        expect(second?.x).toBeGreaterThan(first?.x ?? 0)
        expect(second?.y).toBe(first?.y)
        expect(third?.y).toBeGreaterThan(second?.y ?? 0)
        // It begins at the right edge, where the first row ended.
        expect((third?.x ?? 0) + (third?.width ?? 0)).toBeGreaterThan(400)
    })

    it('draws all to one scale, cut where they are larger than the paper', () => {
        const round = layRound(systems, 500, 0.1, 400)
        expect(round.stations.map(({ width }) => width)).toEqual([200, 240, 180, 500])
        expect(round.stations.every(({ height }) => height === 60)).toBe(true)
    })

    it('one row is as high as its water and label', () => {
        expect(layRound(systems.slice(0, 1), 500, 0.1, 400).rows).toHaveLength(1)
        expect(layRound([], 500, 0.1, 400).stations).toEqual([])
    })
})
