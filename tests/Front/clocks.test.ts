import { describe, expect, it, vi } from 'vitest'
import { readClocks, startClock, stopClocksOf, timeLeft } from '../../resources/js/moves/clocks'

const NOW = Date.UTC(2027, 2, 13, 9)
const clock = (part: object = {}): object => ({
    sheet: 3,
    step: 'carry',
    name: 'Carry it',
    until: NOW + 60_000,
    ...part,
})

describe('clocks that run on', () => {
    it.each([
        ['nothing', null, 0],
        ['no text of ours', '{"a":', 0],
        ['no list', '{}', 0],
        ['a clock', JSON.stringify([clock()]), 1],
        ['one that is over', JSON.stringify([clock({ until: NOW - 60_000 })]), 1],
        ['one that was forgotten yesterday', JSON.stringify([clock({ until: NOW - 86_400_000 })]), 0],
        ['what is no clock', JSON.stringify([clock(), { sheet: 'x' }, null, 7]), 1],
    ])('reads %s', (_, text, many) => {
        expect(readClocks(text, NOW)).toHaveLength(many)
    })

    it('stop with the move that they belong to, and no others do', () => {
        const kept = new Map<string, string>()
        vi.stubGlobal('localStorage', {
            getItem: (key: string) => kept.get(key) ?? null,
            setItem: (key: string, text: string) => kept.set(key, text),
        })
        const until = Date.now() + 60_000
        startClock({ sheet: 3, step: 'carry', name: 'Carry it', until })
        startClock({ sheet: 4, step: 'carry', name: 'Carry it', until })
        startClock({ sheet: null, step: 'float', name: 'Float the bag', until })
        stopClocksOf(3)
        expect(readClocks([...kept.values()][0] ?? null, Date.now()).map(({ sheet }) => sheet)).toEqual([
            4,
            null,
        ])
        vi.unstubAllGlobals()
    })

    it.each([
        [NOW + 725_000, '12:05'],
        [NOW + 400, '0:01'],
        [NOW - 5000, '0:00'],
    ])('tells what is left', (until, text) => {
        expect(timeLeft(until, NOW)).toBe(text)
    })
})
