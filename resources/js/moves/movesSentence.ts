import type { Moves, WatchSheet } from '../api/types'
import { movesWords } from '../messages/moves'
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
        told(moves.open.length, movesWords.plannedMoves),
        told(watches.length, movesWords.watchedFish),
        told(moves.quarantines.length, movesWords.inQuarantine),
    ])
    return all === '' ? movesWords.nobody : `${capital(all)}.`
}

const COLOURS = { 'take-out': 'over', settled: 'fit', watch: 'close' } as const

export const watchColour = (watch: WatchSheet): 'over' | 'fit' | 'close' => COLOURS[watch.outcome]
