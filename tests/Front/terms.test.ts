import { describe, expect, it } from 'vitest'
import { termWords } from '../../resources/js/messages/terms'
import { byGroup } from '../../resources/js/terms/terms'

describe('the sheet of words', () => {
    it('tells each word once, under a heading', () => {
        const told = byGroup.flatMap(([, names]) => names)
        expect([...told].sort()).toEqual(Object.keys(termWords.words).sort())
        expect(byGroup.map(([group]) => group).sort()).toEqual(Object.keys(termWords.groups).sort())
    })
})
