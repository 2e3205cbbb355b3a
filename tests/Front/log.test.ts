import { describe, expect, it } from 'vitest'
import type { LogLine } from '../../resources/js/api/types'
import { byDay } from '../../resources/js/log/byDay'
import { askedOf, groups } from '../../resources/js/log/groups'
import { logSearch } from '../../resources/js/log/logSearch'
import { oneLog } from '../../resources/js/messages/en/oneLog'

const line = (id: number, date: string): LogLine => ({ id, date }) as unknown as LogLine

describe('the log', () => {
    it('stands under its days in the order in which it comes', () => {
        const days = byDay([line(3, '2027-03-13'), line(2, '2027-03-13'), line(1, '2027-03-12')])
        expect(days.map(([day, some]) => [day, some.map(({ id }) => id)])).toEqual([
            ['2027-03-13', [3, 2]],
            ['2027-03-12', [1]],
        ])
        expect(byDay([])).toEqual([])
    })

    it('reads from the address what it knows and nothing else', () => {
        expect(logSearch({ fish: 3, system: 'x', words: 12, removed: 'no', from: '', more: 1 })).toEqual({
            fish: 3,
            words: '12',
        })
        expect(logSearch({ fish: -1, removed: 'yes', group: 'water' })).toEqual({
            removed: 'yes',
            group: 'water',
        })
    })

    it('asks for kinds by the group that was chosen', () => {
        expect(askedOf({ group: 'water', fish: 2 })).toEqual({ fish: 2, kinds: 'test,work' })
        expect(askedOf({ group: 'nonsense' })).toEqual({})
        expect(askedOf({})).toEqual({})
    })

    it('has every kind in one group, and a name for each group', () => {
        const all = Object.values(groups).flat()
        expect(new Set(all).size).toBe(all.length)
        expect(Object.keys(groups).sort()).toEqual(Object.keys(oneLog.groups).sort())
    })
})
