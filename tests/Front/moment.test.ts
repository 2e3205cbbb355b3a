import { describe, expect, it } from 'vitest'
import { ago } from '../../resources/js/units/moment'

const NOW = Date.parse('2027-03-13T09:00:00Z')

describe('how long ago', () => {
    it.each([
        ['2027-03-13T08:59:40Z', 'this minute'],
        ['2027-03-13T08:48:00Z', '12 minutes ago'],
        ['2027-03-13T03:10:00Z', '5 hours ago'],
        ['2027-03-12T03:10:00Z', 'yesterday'],
        ['2027-03-05T09:00:00Z', '8 days ago'],
        ['2027-02-20T09:00:00Z', '20 February 2027'],
        // A clock that is a little behind the server's.
        ['2027-03-13T09:00:20Z', 'this minute'],
    ])('%s was %s', (moment, said) => {
        expect(ago(moment, NOW)).toBe(said)
    })
})
