import { expect, it } from 'vitest'
import { together } from '../../resources/js/plan/breachesTogether'

const breach = (
    name: string,
    system = 'Gauge tank',
    from = '2027-01-13',
    says = 'Too many for the floor.',
) => ({
    fish_id: 1,
    system_key: system,
    name,
    system,
    from,
    until: '2028-11-30',
    days: 687,
    says,
})

it('tells those once who stay out of rule in one home, for one reason and as long', () => {
    const told = together([
        breach('Tansy', 'Cabin tank'),
        breach('Pip'),
        breach('Thistle'),
        breach('Fern', 'Cabin tank', '2027-02-01'),
        breach('Burr'),
        breach('Moss', 'Gauge tank', '2027-01-13', 'Too long to turn.'),
    ])

    expect(told.map(({ names }) => names)).toEqual([
        ['Tansy'],
        ['Pip', 'Thistle', 'Burr'],
        ['Fern'],
        ['Moss'],
    ])
    expect(told[1]).toMatchObject({ system: 'Gauge tank', days: 687 })
})

it('tells nothing where every rule is kept', () => {
    expect(together([])).toEqual([])
})
