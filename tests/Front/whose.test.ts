import { expect, test } from 'vitest'
import { likeliestFirst, onlyOne } from '../../resources/js/picture/whose'

const fish = (id: number, system_id: number) => ({ id, home: { system_id } })
const all = [fish(1, 7), fish(2, 8), fish(3, 9), fish(4, 8)]
const idsFirst = (system_id: number | null) =>
    likeliestFirst(all, { fish_id: null, system_id }).map(({ id }) => id)

test('those who live where it was taken come first, each in their order', () => {
    expect(idsFirst(8)).toEqual([2, 4, 1, 3])
    expect(idsFirst(9)).toEqual([3, 1, 2, 4])
    expect(idsFirst(null)).toEqual([1, 2, 3, 4])
})

test.each([
    ['of a fish it is that one', { fish_id: 3, system_id: 8 }, '3'],
    ['of a home it is who lives there alone', { fish_id: null, system_id: 7 }, '1'],
    ['where two live somebody must say', { fish_id: null, system_id: 8 }, ''],
    ['where nobody lives it is nobody', { fish_id: null, system_id: 5 }, ''],
    ['of the place it is nobody', { fish_id: null, system_id: null }, ''],
] as const)('%s', (_, picture, whose) => {
    expect(onlyOne(all, picture)).toBe(whose)
})

test('before the fish are known it is nobody', () => {
    expect(onlyOne([], { fish_id: null, system_id: 7 })).toBe('')
})
