import { Box, Button, chakra } from '@chakra-ui/react'
import { useNavigate } from '@tanstack/react-router'
import type { FishRow, SystemSheet } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { useUnit } from '../frame/keeper'
import { daysBetween } from '../units/day'
import { lastLengthWords, words } from '../words/en'

interface Props {
    systems: readonly SystemSheet[]
    due: readonly FishRow[]
    today: string
}

/** Days past its day after which a measurement is called late. */
const LATE_DAYS = 14

/** What is due, in walking order, a verb on each button. */
export function FieldBook({ systems, due, today }: Props) {
    const order = new Map(systems.flatMap((system) => system.fish.map((fish) => [fish.id, system.walk_order])))
    const idle = systems.filter((system) => !system.fish.some((fish) => due.includes(fish))).map((system) => String(system.walk_order))
    return (
        <Box as="section" aria-label={words.today.due} position="relative">
            <Box position="absolute" left="42px" top="0" bottom="0" width="5px" borderInline="1.4px solid" borderColor="ink" aria-hidden="true" />
            <Box color="ink2" fontSize="15px" borderBottom="1.6px solid" borderColor="ink" padding="0 0 3px 60px">{words.today.due}</Box>
            <chakra.ol>
                {due.map((fish, i) => (
                    <DueRow key={fish.id} fish={fish} order={order.get(fish.id) ?? 0} isFirst={i === 0} today={today} />
                ))}
            </chakra.ol>
            <Box color="ink2" padding="12px 0 12px 60px">
                {due.length === 0 ? words.today.nothing : idle.length > 0 ? words.today.nothingAt(listOf(idle)) : ''}
            </Box>
        </Box>
    )
}

const listOf = (all: string[]): string => (all.length < 2 ? all.join('') : `${all.slice(0, -1).join(', ')} and ${all[all.length - 1] ?? ''}`)

function DueRow({ fish, order, isFirst, today }: { fish: FishRow; order: number; isFirst: boolean; today: string }) {
    const navigate = useNavigate()
    const unit = useUnit()
    const overdue = daysBetween(fish.measure_on, today)
    const isLate = overdue > LATE_DAYS
    return (
        <chakra.li display="grid" gridTemplateColumns="42px 46px minmax(0, 1fr) auto" alignItems="center" minHeight="65px" borderBottom="1px solid" borderColor="rule">
            <Box textAlign="center" fontWeight={800} fontSize="19px">{order}</Box>
            <Box paddingStart="14px"><StateBox state={isLate ? 'late' : 'due'} /></Box>
            <Box paddingStart="14px" paddingBlock="6px">
                <Box fontSize="18px" fontWeight={700}>
                    {fish.name}
                    {isLate && <chakra.span color="over" fontSize="16px" marginStart="8px">{overdue} days late</chakra.span>}
                </Box>
                <Box color="ink2">{lastLengthWords(fish, unit, today)}</Box>
            </Box>
            <Button
                variant={isFirst ? 'solid' : 'outline'}
                minWidth="104px"
                aria-label={`${words.record.measure} ${fish.name}`}
                onClick={() => void navigate({ to: '/fish/$id', params: { id: String(fish.id) }, hash: 'record' })}
            >
                {words.record.measure}
            </Button>
        </chakra.li>
    )
}
