import type { LogAsked } from './queries'
import type { LogKind } from '../api/types'
import type { oneLogWords } from '../messages/oneLog'
import type { LogSearch } from './logSearch'

type Group = keyof typeof oneLogWords.groups

/** Kinds of entries as a keeper thinks of them. */
export const groups: Record<Group, readonly LogKind[]> = {
    measures: ['length', 'count', 'makeup'],
    moves: ['move', 'parting', 'joining', 'watch', 'watch-end', 'check', 'intervention'],
    company: ['incident', 'attempt', 'settlement', 'span', 'verdict'],
    lives: ['arrival', 'brood', 'loss'],
    health: ['inspection', 'look', 'treatment', 'quarantine', 'release'],
    water: ['test', 'work'],
    feeding: ['feeding', 'sitting', 'meal'],
    store: ['stock', 'culture', 'spending'],
    notes: ['note', 'picture'],
    changes: ['change'],
}

const isGroup = (name: string): name is Group => name in groups

/** What is asked of the server for what stands in the address. */
export function askedOf({ group, ...asked }: LogSearch): LogAsked {
    return group !== undefined && isGroup(group) ? { ...asked, kinds: groups[group].join(',') } : asked
}
