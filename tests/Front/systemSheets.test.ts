import { expect, it } from 'vitest'
import { systems } from '../../resources/js/messages/en/systems'
import { SYSTEM_SHEETS, systemSearch } from '../../resources/js/systems/sheets'

it('an address names one of the sheets of a home, or means the first', () => {
    expect(systemSearch({ sheet: 'water' })).toEqual({ sheet: 'water' })
    expect(systemSearch({ sheet: 'cellar' })).toEqual({})
    expect(systemSearch({ sheet: 3 })).toEqual({})
    expect(systemSearch({})).toEqual({})
})

it('every sheet has its word', () => {
    expect(Object.keys(systems.sheets)).toEqual([...SYSTEM_SHEETS])
})
