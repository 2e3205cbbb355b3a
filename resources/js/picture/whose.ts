import type { FishRow, PictureRow } from '../api/types'

type Living = Pick<FishRow, 'id'> & { home: Pick<FishRow['home'], 'system_id'> }

type Taken = Pick<PictureRow, 'fish_id' | 'system_id'>

/** Those who live where the picture was taken, then all others. */
export function likeliestFirst<T extends Living>(all: readonly T[], { system_id }: Taken): readonly T[] {
    const isThere = (fish: T): boolean => fish.home.system_id === system_id
    return [...all.filter(isThere), ...all.filter((fish) => !isThere(fish))]
}

/** Whose picture it is, or who alone lives where it was taken; '': not known. */
export function onlyOne(all: readonly Living[], { fish_id, system_id }: Taken): string {
    const there = all.filter(({ home }) => home.system_id === system_id)
    return String(fish_id ?? (there.length === 1 ? there[0]?.id : undefined) ?? '')
}
