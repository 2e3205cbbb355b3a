import { describe, expect, it } from 'vitest'
import type { PairRow } from '../../resources/js/api/types'
import { asked, blankOwn, blankSpecies } from '../../resources/js/company/mix'
import { cellWords } from '../../resources/js/company/sentences'
import type { SpeciesRow } from '../../resources/js/api/types'

type Span = PairRow['spans'][number]

const pair = (spans: Partial<Span>[], part: Partial<PairRow> = {}): PairRow =>
    ({ verdict: spans.at(-1)?.verdict, spans, about: null, own: null, ...part }) as PairRow

describe('a cell of the grid', () => {
    const cell = (spans: Partial<Span>[], part: Partial<PairRow> = {}): string => {
        const { verdict, when } = cellWords(pair(spans, part))
        return `${verdict} ${when}`.trim().replaceAll('\u00a0', ' ')
    }
    it.each([
        ['good', cell([{ verdict: 'good' }])],
        ['watch nips fins', cell([{ verdict: 'watch' }], { about: 'nips' })],
        ['watch', cell([{ verdict: 'watch' }], { about: 'something new' })],
        ['never bites pieces', cell([{ verdict: 'avoid' }], { about: 'bites' })],
        [
            'apart until Jul 2027',
            cell([{ verdict: 'avoid' }, { verdict: 'good', from: '2027-07-04' }], { about: 'nips' }),
        ],
        ['apart from Jul 2027', cell([{ verdict: 'good' }, { verdict: 'avoid', from: '2027-07-04' }])],
        ['good as you say', cell([{ verdict: 'good' }], { own: { id: 1, reason: 'They get on.' } })],
    ])('%s', (expected, said) => expect(said).toBe(expected))
})

describe('what is asked of a mix', () => {
    const species = [
        { id: 7, common_name: 'Spotted gar', scientific_name: 'Lepisosteus oculatus', names: [] },
    ] as unknown as SpeciesRow[]
    it('leaves out what is not filled in yet', () => {
        expect(asked([blankOwn, blankSpecies], '', species)).toBeNull()
        expect(
            asked(
                [
                    { kind: 'own', fish: '3' },
                    { kind: 'species', species: 'spotted gar', count: '2', length: '30 cm' },
                    { kind: 'species', species: 'no such fish', count: '2', length: '' },
                ],
                '4',
                species,
            ),
        ).toEqual({
            system_id: 4,
            members: [{ fish_id: 3 }, { species_id: 7, count: 2, length: '30 cm' }],
        })
    })
})
