import { shortDay } from '../units/day'
import { messages } from '../messages'
import { joined } from '../messages/joined'
import { chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { MoveSheetRow } from '../api/types'
import { Fold } from '../frame/Fold'

/** Moves that are written down and not made, each with its sheet. */
export function PlannedMoves({ moves, today }: { moves: readonly MoveSheetRow[]; today: string }) {
    const [first] = moves
    if (first === undefined) {
        return null
    }
    return (
        <Fold title={messages.today.moves} says={lineOf(first, today)}>
            <ul>
                {moves.map((move) => (
                    <chakra.li key={move.id} borderBottom="1px solid" borderColor="rule" paddingBlock="6px">
                        <Link to="/moves/$id" params={{ id: move.id }}>
                            {lineOf(move, today)}
                        </Link>
                    </chakra.li>
                ))}
            </ul>
        </Fold>
    )
}

const lineOf = (move: MoveSheetRow, today: string): string =>
    messages.today.moveLine({
        day: shortDay(move.planned_on, today),
        who: joined(move.fish),
        from: move.from,
        to: move.to,
    })
