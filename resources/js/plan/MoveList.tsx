import { Box, Button, chakra, Input } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { PlanMove, PlanPage } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'
import { Section } from '../frame/Section'
import { planWords } from '../messages/plan'
import type { Lock } from './locks'
import { lockOf } from './locks'
import { longDay } from '../units/day'
import { projected, unitOf } from '../units/length'
import type { Units } from '../api/types'

const words = { ...planWords.moves, locks: planWords.locks, tried: planWords.tried }

/** The moves by day, each with when, why and what comes first. */
interface Props {
    page: PlanPage
    units: Units
    locks: readonly Lock[]
    /** They are of a plan, not only written down. */
    isKept: boolean
    onLock: (lock: Lock) => void
    onLeaveOut: (move: PlanMove) => void
    onOtherDay: (move: PlanMove, on: string) => void
}

export function MoveList(props: Props) {
    const { page } = props
    return (
        <Section title={words.title}>
            {page.moves.length === 0 && <chakra.p paddingTop="8px">{words.none}</chakra.p>}
            <chakra.ol listStyleType="none" padding="0">
                {page.moves.map((move) => (
                    <Move key={`${move.name} ${move.on}`} move={move} {...props} />
                ))}
            </chakra.ol>
        </Section>
    )
}

function Move({ move, page, units, locks, isKept: isLockable, onLock, ...hand }: Props & { move: PlanMove }) {
    const lock = lockOf(move)
    const isKept = locks.some(({ fish, from }) => fish === move.fish_id && from === move.on)
    const band = page.bands.find(({ fish_id }) => fish_id === move.fish_id)?.band ?? 0
    return (
        <chakra.li borderBottom="1px solid" borderColor="rule" padding="10px 0">
            <Box display="flex" gap="8px" alignItems="baseline" flexWrap="wrap">
                <MarkIcon band={band} />
                <Link to="/fish/$id" params={{ id: move.fish_id }}>
                    <b>{move.name}</b>
                </Link>
                <span>{words.fromTo({ from: move.from, to: move.to })}</span>
            </Box>
            <chakra.p fontWeight={700}>
                {move.on === page.date
                    ? words.now
                    : (move.is_by_size ? words.bySize : words.on)({
                          day: longDay(move.on, page.date),
                          length: projected(move.length_mm, unitOf(units)),
                      })}
            </chakra.p>
            <p>{move.reasons.join(' ')}</p>
            <WindowLine move={move} today={page.date} />
            {move.frees.length > 0 && (
                <chakra.p color="ink2">
                    {words.frees({ from: move.from, frees: move.frees.join(', ') })}
                </chakra.p>
            )}
            {move.waits_in_tub && <p>{words.tub}</p>}
            <Before move={move} today={page.date} />
            {isLockable && !move.is_part && lock !== null && (
                <Button
                    variant="plain"
                    className="no-print"
                    disabled={isKept}
                    aria-label={isKept ? words.locks.isKept : words.locks.keepNamed({ name: move.name })}
                    onClick={() => onLock(lock)}
                >
                    {isKept ? words.locks.isKept : words.locks.keep}
                </Button>
            )}
            {move.fish_id > 0 && !move.is_part && <ByHand move={move} page={page} {...hand} />}
        </chakra.li>
    )
}

/** Without the mouse: the move on another day, or not at all. */
function ByHand({
    move,
    page,
    onLeaveOut,
    onOtherDay,
}: Pick<Props, 'page' | 'onLeaveOut' | 'onOtherDay'> & { move: PlanMove }) {
    const about = { name: move.name, home: move.to }
    return (
        <Box className="no-print" display="flex" gap="10px" alignItems="center" flexWrap="wrap">
            <Input
                key={move.on}
                type="date"
                width="170px"
                min={page.date}
                max={page.horizon}
                defaultValue={move.on}
                aria-label={words.tried.otherDay(about)}
                onChange={(event) => event.target.value !== '' && onOtherDay(move, event.target.value)}
            />
            <Button
                variant="plain"
                aria-label={words.tried.leaveOutNamed(about)}
                onClick={() => onLeaveOut(move)}
            >
                {words.tried.leaveOut}
            </Button>
        </Box>
    )
}

/** When it outgrows the home that it leaves. */
function WindowLine({ move: { from, early, late }, today }: { move: PlanMove; today: string }) {
    if (early === null) {
        return null
    }
    return (
        <chakra.p color="ink2">
            {late === null || late === early
                ? words.windowOpen({ from, early: longDay(early, today) })
                : words.window({ from, early: longDay(early, today), late: longDay(late, today) })}
        </chakra.p>
    )
}

/** What must be done first: the first step, and all of them when wanted. */
function Before({ move: { prepare }, today }: { move: PlanMove; today: string }) {
    const [first] = prepare
    if (first === undefined) {
        return null
    }
    return (
        <chakra.details>
            <chakra.summary cursor="pointer" minHeight="44px" display="list-item" paddingTop="10px">
                {words.first({ what: first.what, day: longDay(first.by, today) })}
            </chakra.summary>
            <chakra.ol paddingLeft="20px">
                {prepare.map(({ what, by }) => (
                    <li key={`${what} ${by}`}>{words.step({ what, day: longDay(by, today) })}</li>
                ))}
            </chakra.ol>
        </chakra.details>
    )
}
