import { movesWords } from '../messages/moves'
import { movesSentence } from './movesSentence'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate, useSearch } from '@tanstack/react-router'
import { fishListQuery, movesQuery } from '../api/queries'
import type { Moves, MoveSheetRow } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { Drawing } from '../frame/Drawing'
import { useKeeper, useMayKeep } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { SheetBody } from '../frame/SheetBody'
import { longDay } from '../units/day'
import { CalendarBox } from './CalendarBox'
import { PlanMoveForm } from './PlanMoveForm'
import { Quarantines } from './Quarantines'
import { AdditionBox } from './AdditionBox'

/** What is planned, who is watched, who is in quarantine. */
export function MovesPage() {
    useNameSheet(movesWords.title)
    return <Waiting query={useQuery(movesQuery)}>{(moves) => <Sheet moves={moves} />}</Waiting>
}

function Sheet({ moves }: { moves: Moves }) {
    const mayKeep = useMayKeep()
    const { plan: isPlanning = false } = useSearch({ from: '/moves' })
    const navigate = useNavigate()
    const plan = () => void navigate({ to: '/moves', search: { plan: true } })
    const leave = () => void navigate({ to: '/moves', replace: true })
    return (
        <>
            <SheetHead sentence={movesSentence(moves)} comment={movesWords.comment} />
            <SheetBody columns="minmax(0, 1fr) minmax(0, 1fr)">
                <Box display="flex" flexDirection="column" gap="24px" minWidth="0">
                    <Section
                        title={movesWords.planned}
                        aside={
                            <Button variant="solid" marginBottom="6px" onClick={plan}>
                                {movesWords.plan}
                            </Button>
                        }
                    >
                        {moves.open.length === 0 && (
                            <chakra.p color="ink2" paddingTop="8px">
                                {movesWords.none}
                            </chakra.p>
                        )}
                        <Rows rows={moves.open} />
                    </Section>
                    <Section title={movesWords.watch.title}>
                        {moves.additions.length === 0 && (
                            <chakra.p color="ink2" paddingTop="8px">
                                {movesWords.watch.none}
                            </chakra.p>
                        )}
                        {moves.additions.map((addition) => (
                            <AdditionBox key={`${addition.home} ${addition.began_at}`} addition={addition} />
                        ))}
                    </Section>
                </Box>
                <Box display="flex" flexDirection="column" gap="24px" minWidth="0">
                    <Quarantines rows={moves.quarantines} />
                    <Section
                        title={movesWords.past}
                        aside={
                            <chakra.span color="ink2" fontSize="note">
                                {movesWords.timeOuts({
                                    all: moves.time_outs,
                                    settled: moves.time_outs_settled,
                                })}
                            </chakra.span>
                        }
                    >
                        {moves.past.length === 0 && (
                            <chakra.p color="ink2" paddingTop="8px">
                                {movesWords.noPast}
                            </chakra.p>
                        )}
                        <Rows rows={moves.past} />
                    </Section>
                    {mayKeep && <CalendarBox />}
                </Box>
            </SheetBody>
            <PaperDialog title={movesWords.planTitle} open={isPlanning} onClose={leave}>
                {isPlanning && <Planning onCancel={leave} />}
            </PaperDialog>
        </>
    )
}

/** The form, with who is to go filled in where somebody was named on the way here. */
function Planning({ onCancel }: { onCancel: () => void }) {
    const { fish: id } = useSearch({ from: '/moves' })
    const all = useQuery(fishListQuery).data
    const named = all?.find((one) => one.id === id)
    if (id !== undefined && all === undefined) {
        return <Drawing />
    }
    return named === undefined ? (
        <PlanMoveForm onCancel={onCancel} />
    ) : (
        <PlanMoveForm
            fish={named.id}
            from={named.home.system_id}
            to={named.next?.system_id}
            onCancel={onCancel}
        />
    )
}

function Rows({ rows }: { rows: readonly MoveSheetRow[] }) {
    const { today } = useKeeper()
    return (
        <chakra.ul>
            {rows.map((row) => (
                <chakra.li
                    key={row.id}
                    display="grid"
                    gridTemplateColumns="34px minmax(0, 1fr) auto"
                    gap="10px"
                    alignItems="center"
                    minHeight="56px"
                    borderBottom="1px solid"
                    borderColor="rule"
                >
                    <StateBox
                        state={
                            row.state === 'finished'
                                ? 'done'
                                : row.is_over
                                  ? 'late'
                                  : row.is_due
                                    ? 'due'
                                    : 'soon'
                        }
                    />
                    <Box>
                        <Link to="/moves/$id" params={{ id: row.id }}>
                            {movesWords.row({ fish: row.fish.join(', '), from: row.from, to: row.to })}
                        </Link>
                        {row.until !== null && (
                            <Box color={row.is_over ? 'over' : 'ink2'} fontSize="note">
                                {movesWords.interim({ day: longDay(row.until, today) })}
                            </Box>
                        )}
                    </Box>
                    <chakra.span color={row.is_due ? 'close' : 'ink2'} fontWeight={row.is_due ? 700 : 400}>
                        {row.state === 'begun' ? movesWords.states.begun : longDay(row.planned_on, today)}
                    </chakra.span>
                </chakra.li>
            ))}
        </chakra.ul>
    )
}
