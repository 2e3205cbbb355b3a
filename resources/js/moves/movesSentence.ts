import type { Moves, WatchSheet } from '../api/types'
import { messages } from '../messages'
import { capital, joined } from '../messages/joined'

/** What is going on with moves, the most urgent first. */
export function movesSentence(moves: Moves): string {
    const watches = moves.additions.flatMap((addition) => addition.watches)
    const urgent = watches.find((watch) => watch.outcome === 'take-out')
    if (urgent !== undefined) {
        return urgent.sentence
    }
    const told = (n: number, said: (values: { n: number }) => string): string => (n > 0 ? said({ n }) : '')
    const all = joined([
        told(moves.open.length, messages.moves.plannedMoves),
        told(watches.length, messages.moves.watchedFish),
        told(moves.quarantines.length, messages.moves.inQuarantine),
    ])
    return all === '' ? messages.moves.nobody : `${capital(all)}.`
}

const COLOURS = { 'take-out': 'over', settled: 'fit', watch: 'close' } as const

export const watchColour = (watch: WatchSheet): 'over' | 'fit' | 'close' => COLOURS[watch.outcome]
