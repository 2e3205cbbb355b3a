import { describe, expect, it } from 'vitest'
import type { FeedingRow } from '../../resources/js/api/types'
import { isFedForToday } from '../../resources/js/food/fedToday'

type Outcome = FeedingRow['meals'][number]['outcome']

const fed = (times: number, ...outcomes: Outcome[]): boolean =>
    isFedForToday({ times, meals: outcomes.map((outcome) => ({ outcome })) } as unknown as FeedingRow)

describe('a home that is fed several times a day', () => {
    it('is fed when it was fed as often as planned', () => {
        expect([fed(2), fed(2, 'eaten'), fed(2, 'eaten', 'eaten')]).toEqual([false, false, true])
    })

    it('is given nothing more when something was left or refused', () => {
        expect([fed(3, 'eaten', 'some'), fed(3, 'refused')]).toEqual([true, true])
    })
})
