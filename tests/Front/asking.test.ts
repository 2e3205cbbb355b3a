import { afterEach, describe, expect, it } from 'vitest'
import { asTyped, isTyped } from '../../resources/js/api/asTyped'
import { forgetKey, keyOf } from '../../resources/js/api/idempotency'
import { changedBy } from '../../resources/js/api/keys'
import {
    asSent,
    cornersFrom,
    cornersText,
    isDrawable,
    newPool,
    newSystem,
    ofKind,
} from '../../resources/js/systems/form'

const CM = { word: 'cm', mm: 10 } as const

describe('what is typed', () => {
    it('goes out without its empty fields', () => {
        expect(asTyped({ count: '2', length: ' ', species_id: '7' })).toEqual({ count: '2', species_id: '7' })
    })

    it('is something as soon as one field is', () => {
        expect(isTyped({ a: '', b: '  ' })).toBe(false)
        expect(isTyped({ a: '', b: '0' })).toBe(true)
    })
})

describe('the key of a write', () => {
    afterEach(() => forgetKey('a look'))

    it('is kept until it is answered', () => {
        const first = keyOf('a look')
        expect(first).toMatch(/^[0-9a-f]{32}$/)
        expect(keyOf('a look')).toBe(first)
        expect(keyOf('another look')).not.toBe(first)
        forgetKey('a look')
        expect(keyOf('a look')).not.toBe(first)
    })
})

describe('a write makes stale what it touches', () => {
    const resources = [
        'session',
        'today',
        'systems',
        'fish',
        'species',
        'moves',
        'rulebook',
        'weigh-up',
        'calendar',
    ]
    const changed = (path: string): string[] => {
        const { predicate } = changedBy(path)
        return resources.filter((resource) => predicate?.({ queryKey: [resource, 1] } as never))
    }

    it.each([
        ['/api/v1/watches/{watch}/checks', ['today', 'fish', 'moves']],
        ['/api/v1/watch-checks/{check}', ['today', 'fish', 'moves']],
        ['/api/v1/watches/{watch}/take-out', ['today', 'systems', 'fish', 'moves', 'weigh-up']],
        ['/api/v1/systems/{system}/water-tests', ['today', 'systems', 'moves']],
        ['/api/v1/systems/{system}/preparation', ['today', 'systems', 'moves']],
        ['/api/v1/fish/{fish}/quarantines', ['today', 'fish', 'moves']],
        ['/api/v1/session', ['session']],
        ['/api/v1/calendar', ['calendar']],
    ])('%s: %j', (path, stale) => {
        expect(changed(path)).toEqual(stale)
    })

    it.each([
        '/api/v1/fish/{fish}/measurements',
        '/api/v1/systems/{system}',
        '/api/v1/rulebook',
        '/api/v1/unknown',
    ])('%s: every figure that rests on fish, homes and rules', (path) => {
        expect(changed(path)).toEqual(
            expect.arrayContaining(['today', 'systems', 'fish', 'moves', 'weigh-up']),
        )
        expect(changed(path)).not.toContain('session')
    })
})

describe('a system as it is typed', () => {
    it('is sent with the sizes of its shape alone', () => {
        const typed = {
            ...newSystem(CM),
            pools: [
                {
                    ...newPool(CM, 'tank'),
                    type: 'box' as const,
                    length: '150 cm',
                    width: '60 cm',
                    depth: '55 cm',
                    diameter: '9 m',
                    outside: true,
                    glass: '1 cm',
                },
            ],
        }
        expect(asSent(typed).pools[0]).toEqual({
            type: 'box',
            outside: true,
            length: '150 cm',
            width: '60 cm',
            depth: '55 cm',
            glass: '1 cm',
        })
    })

    it('is drawn when every size is there', () => {
        const box = {
            ...newPool(CM, 'tank'),
            type: 'box' as const,
            length: '150 cm',
            width: '60 cm',
            depth: '',
        }
        expect(isDrawable({ ...newSystem(CM), pools: [box] })).toBe(false)
        expect(isDrawable({ ...newSystem(CM), pools: [{ ...box, depth: '55 cm' }] })).toBe(true)
    })

    it('corners come back from their text, in metres and in feet', () => {
        const corners = [
            [0, 0],
            [6000, 0],
            [6000, 3500],
        ]
        expect(cornersText(corners, 1000)).toBe('0, 0\n6, 0\n6, 3.5')
        expect(cornersFrom(cornersText(corners, 1000), 1000)).toEqual(corners)
        cornersFrom(cornersText(corners, 304.8), 304.8).forEach(([x, y], i) => {
            expect(x).toBeCloseTo(corners[i]?.[0] ?? NaN, -1)
            expect(y).toBeCloseTo(corners[i]?.[1] ?? NaN, -1)
        })
    })

    it('a line that is no corner is left out', () => {
        expect(cornersFrom('0; 0\n\nsix, 0\n6\n6 3.5', 1000)).toEqual([
            [0, 0],
            [6000, 3500],
        ])
    })
})

describe('how a new home is measured', () => {
    const tank = newSystem(CM)
    const outside = ({ pools }: typeof tank): (boolean | undefined)[] => pools.map((pool) => pool.outside)

    it('is inside for a pond, and outside again for what has glass', () => {
        const pond = ofKind(tank, 'pond', true)
        expect([pond.kind, outside(pond)]).toEqual(['pond', [false]])
        expect(outside(ofKind(pond, 'vat', true))).toEqual([true])
        expect([newPool(CM, 'pond').outside, newPool(CM, 'vat').outside]).toEqual([false, true])
    })

    it('stays as its keeper has said where the other kind is measured alike, or where it is there already', () => {
        const inside = { ...tank, pools: [{ ...newPool(CM, 'tank'), outside: false }] }
        expect(outside(ofKind(inside, 'vat', true))).toEqual([false])
        expect(outside(ofKind(tank, 'pond', false))).toEqual([true])
    })
})
