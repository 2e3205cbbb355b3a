import { messages } from '../messages'
import { locale } from '../messages/language'
import { spoken } from '../messages/speak'
import { lastLengthWords } from '../fish/sentences'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useNavigate } from '@tanstack/react-router'
import type { DueRow, FishRow, SystemSheet } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { useKeeper, useUnit } from '../frame/keeper'
import { useSend } from '../entry/useWrite'
import type { SystemSheetName } from '../systems/sheets'
import { answerTo } from './oneTap'

interface Props {
    systems: readonly SystemSheet[]
    due: readonly DueRow[]
    today: string
}

/** What is due, what presses first, a verb on each button. */
export function FieldBook({ systems, due, today }: Props) {
    const order = new Map(systems.map((system) => [system.id, system.walk_order]))
    const fish = new Map(systems.flatMap((system) => system.fish.map((one) => [one.id, one])))
    const busy = new Set(due.map((one) => one.system_id))
    const idle = systems.filter((system) => !busy.has(system.id)).map((system) => String(system.walk_order))
    return (
        <Box as="section" aria-label={messages.today.due} position="relative">
            <Box
                position="absolute"
                left="42px"
                top="0"
                bottom="0"
                width="5px"
                borderInline="1.4px solid"
                borderColor="ink"
                aria-hidden="true"
            />
            <Box
                color="ink2"
                fontSize="note"
                borderBottom="1.6px solid"
                borderColor="ink"
                padding="0 0 4px 60px"
            >
                {messages.today.due}
            </Box>
            <chakra.ol>
                {due.map((one, i) => (
                    <Row
                        key={`${one.kind} ${one.system_id} ${one.fish_id ?? ''} ${one.of_id ?? ''}`}
                        due={one}
                        order={order.get(one.system_id) ?? 0}
                        fish={fish.get(one.fish_id ?? 0)}
                        isFirst={i === 0}
                        today={today}
                    />
                ))}
            </chakra.ol>
            <Box color="ink2" padding="12px 0 12px 60px">
                {due.length === 0
                    ? messages.today.nothing
                    : idle.length > 0
                      ? messages.today.nothingAt({ list: listOf(idle) })
                      : ''}
            </Box>
        </Box>
    )
}

const listOf = (all: string[]): string => spoken(new Intl.ListFormat(locale).format(all))

function Row({
    due,
    order,
    fish,
    isFirst,
    today,
}: {
    due: DueRow
    order: number
    fish: FishRow | undefined
    isFirst: boolean
    today: string
}) {
    const go = useWayTo(due)
    const tick = useTick(due)
    const verb = messages.today.verbs[due.kind]
    return (
        <chakra.li
            display="grid"
            gridTemplateColumns="42px 46px minmax(0, 1fr) auto"
            alignItems="center"
            minHeight="65px"
            borderBottom="1px solid"
            borderColor="rule"
        >
            <Box textAlign="center" fontWeight={800} fontSize="part">
                {order}
            </Box>
            <Mark isLate={due.is_late} tick={tick} />
            <Words
                due={due}
                fish={fish}
                today={today}
                way={tick === null ? null : { label: `${verb} ${due.name}`, go }}
            />
            <Button
                variant={isFirst ? 'solid' : 'outline'}
                minWidth="104px"
                aria-label={tick === null ? `${verb} ${due.name}` : `${tick.label}: ${due.name}`}
                disabled={tick?.isSaving ?? false}
                onClick={tick?.act ?? go}
            >
                {tick?.label ?? verb}
            </Button>
        </chakra.li>
    )
}

/** What is due of whom. Where the button settles it, the words lead to where more can be said: all of them can be pressed. */
function Words({
    due,
    fish,
    today,
    way,
}: {
    due: DueRow
    fish: FishRow | undefined
    today: string
    way: { label: string; go: () => void } | null
}) {
    const unit = useUnit()
    return (
        <Box position="relative" paddingStart="14px" paddingEnd="10px" paddingBlock="6px">
            <Box fontSize="said" fontWeight={700}>
                {way === null ? (
                    due.name
                ) : (
                    <chakra.span color="accent" textDecoration="underline" textUnderlineOffset="4px">
                        {due.name}
                    </chakra.span>
                )}
                {due.kind === 'measure' && due.is_late && (
                    <chakra.span color="over" fontSize="text" marginStart="8px">
                        {due.words}
                    </chakra.span>
                )}
            </Box>
            <Box color={due.is_late && due.kind !== 'measure' ? 'over' : 'ink2'}>
                {due.kind === 'measure' && fish !== undefined
                    ? lastLengthWords(fish, unit, today)
                    : due.words}
            </Box>
            {way !== null && (
                <chakra.button
                    type="button"
                    aria-label={way.label}
                    position="absolute"
                    inset="0"
                    border="0"
                    background="none"
                    cursor="pointer"
                    onClick={way.go}
                />
            )}
        </Box>
    )
}

/** A square is ticked where it stands; what is done elsewhere points there. */
function Mark({ isLate, tick }: { isLate: boolean; tick: Tick | null }) {
    return tick === null ? (
        <Box paddingStart="14px">
            <StateBox state={isLate ? 'there-late' : 'there'} />
        </Box>
    ) : (
        // For the finger; the button with its words does the same, and is what is read out.
        <chakra.button
            type="button"
            aria-hidden="true"
            tabIndex={-1}
            border="0"
            background="none"
            minWidth="46px"
            minHeight="44px"
            padding="0 0 0 14px"
            cursor="pointer"
            onClick={tick.act}
        >
            <StateBox state={tick.isDone ? 'done' : 'due'} />
        </chakra.button>
    )
}

interface Tick {
    label: string
    act: () => void
    isSaving: boolean
    isDone: boolean
}

/** What one tap settles, is settled here; null: it is not settled by one. */
function useTick(due: DueRow): Tick | null {
    const { today } = useKeeper()
    const answer = answerTo(due, today)
    const write = useSend(
        () => answer?.send() ?? Promise.reject(new Error(due.kind)),
        {
            notice: () => answer?.notice ?? '',
            undo: (recorded) => answer?.undo(recorded.id) ?? Promise.resolve(),
        },
        '/api/v1/watches',
    )
    return due.is_late || answer === null
        ? null
        : {
              label: answer.label,
              act: () => write.save(undefined),
              isSaving: write.isSaving,
              isDone: write.answer !== undefined,
          }
}

/** Where the thing is done. */
function useWayTo(due: DueRow): () => void {
    const navigate = useNavigate()
    const [fish, record, system] = [
        { id: due.fish_id ?? 0 },
        { id: due.of_id ?? 0 },
        { id: due.system_id },
    ] as const
    const toFish = (hash?: 'record' | 'count' | 'look') => () =>
        navigate({ to: '/fish/$id', params: fish, ...(hash === undefined ? {} : { hash }) })
    const toMove = () => navigate({ to: '/moves/$id', params: record })
    const toCompany = () => navigate({ to: '/systems/$id/company', params: system })
    const toSheet = (sheet: SystemSheetName) => () =>
        navigate({ to: '/systems/$id', params: system, search: { sheet } })
    const ways: Record<DueRow['kind'], () => Promise<void>> = {
        measure: toFish('record'),
        watch: () => navigate({ to: '/moves', hash: `addition-${record.id}` }),
        company: toCompany,
        plan: () => navigate({ to: '/plan' }),
        brood: toCompany,
        move: toMove,
        interim: toMove,
        quarantine: () => navigate({ to: '/moves' }),
        outgrown: toFish(),
        count: toFish('count'),
        inspection: toFish('look'),
        sign: toFish('look'),
        danger: toSheet('water'),
        preparation: toSheet('preparation'),
        change: toSheet('water'),
        test: () =>
            navigate({ to: '/systems/$id', params: system, search: { sheet: 'water' }, hash: 'test' }),
    }
    return () => void ways[due.kind]()
}
