import { describe, expect, it } from 'vitest'
import type { Label } from '../../resources/js/drawing/placeLabels'
import { placeLabels, placesAround } from '../../resources/js/drawing/placeLabels'

const label = (key: string, x: number, y: number): Label => ({
    key,
    width: 60,
    height: 16,
    places: placesAround([x, y], 60, 20),
})

describe('words on a drawing', () => {
    it('stand below what they name where nothing is in the way', () => {
        expect(placeLabels([label('Moss', 100, 100)], [], 400, 200).get('Moss')).toEqual([100, 120])
    })

    it('go above what they name when a fish lies below', () => {
        const fish = { x: 60, y: 108, width: 90, height: 30 }
        expect(placeLabels([label('Moss', 100, 100)], [fish], 400, 200).get('Moss')).toEqual([100, 80])
    })

    it('do not lie over each other', () => {
        const placed = placeLabels([label('Moss', 100, 100), label('Dock', 110, 104)], [], 400, 200)
        const [moss, dock] = [placed.get('Moss') ?? [0, 0], placed.get('Dock') ?? [0, 0]]
        expect(Math.abs(moss[0] - dock[0]) >= 60 || Math.abs(moss[1] - dock[1]) >= 16).toBe(true)
    })

    it('stay inside, also in a corner', () => {
        const [x, y] = placeLabels([label('Moss', 2, 198)], [], 400, 200).get('Moss') ?? [0, 0]
        expect([x >= 30, x <= 370, y >= 8, y <= 192]).toEqual([true, true, true, true])
    })

    it('begin at the edge when there is no room for them', () => {
        expect(placeLabels([label('Moss', 10, 10)], [], 40, 200).get('Moss')?.[0]).toBe(30)
    })
})
