import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import type { LogAsked } from './queries'
import { logWeeksQuery } from './queries'
import type { LogWeek } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { oneLogWords } from '../messages/oneLog'
import { ink } from '../theme/tokens'
import { addDays, longDay, monthOfYear } from '../units/day'

const words = oneLogWords.weeks

const HEIGHT = 64

const LAST_DAY = 6

interface Props {
    asked: LogAsked
    /** The last day that is shown; null: today. */
    until: string | null
    /** Read back from the end of a week. */
    onChoose: (until: string) => void
}

/** How much was written, week by week, as marks along a ruler; losses and incidents are filled. */
export function Weeks({ asked, until, onChoose }: Props) {
    const { today } = useKeeper()
    const weeks = useQuery(logWeeksQuery(asked)).data ?? []
    const [at, setAt] = useState<number | null>(null)
    const last = weeks.length - 1
    const chosen = at ?? indexOf(weeks, until) ?? last
    const week = weeks[chosen]
    if (week === undefined) {
        return <Box height={`${HEIGHT + 48}px`} />
    }
    const told = words.week({ n: week.entries, bad: week.bad, day: longDay(week.monday, today) })
    return (
        <Box paddingTop="8px">
            <Strip
                weeks={weeks}
                chosen={chosen}
                told={told}
                onPoint={setAt}
                onChoose={(index) => {
                    const sunday = addDays(weeks[index]?.monday ?? today, LAST_DAY)
                    setAt(index)
                    onChoose(sunday < today ? sunday : today)
                }}
            />
            <Box
                display="flex"
                justifyContent="space-between"
                gap="10px"
                color="ink2"
                fontSize="note"
                aria-hidden="true"
            >
                <span>{weeks[0] === undefined ? '' : monthOfYear(weeks[0].monday)}</span>
                <span>{monthOfYear(today)}</span>
            </Box>
            <Box display="flex" flexWrap="wrap" columnGap="16px" fontSize="text">
                <span>{told}.</span>
                <chakra.span color="ink2" display="inline-flex" alignItems="center" gap="6px">
                    <chakra.span width="9px" height="15px" background="over" aria-hidden="true" />
                    {words.key}
                </chakra.span>
                <chakra.span color="ink2">{words.help}</chakra.span>
            </Box>
        </Box>
    )
}

interface StripProps {
    weeks: readonly LogWeek[]
    chosen: number
    told: string
    /** A week is pointed at; null: none any more. */
    onPoint: (index: number | null) => void
    onChoose: (index: number) => void
}

function Strip({ weeks, chosen, told, onPoint, onChoose }: StripProps) {
    const strip = useRef<SVGSVGElement>(null)
    const last = weeks.length - 1
    const most = Math.max(1, ...weeks.map(({ entries }) => entries))
    const within = (index: number): number => Math.max(0, Math.min(last, index))
    const pointed = (clientX: number): number => {
        const box = strip.current?.getBoundingClientRect()
        return box === undefined
            ? last
            : within(Math.floor(((clientX - box.left) / box.width) * weeks.length))
    }
    return (
        <chakra.svg
            ref={strip}
            width="100%"
            height={`${HEIGHT}px`}
            viewBox={`0 0 ${weeks.length * 10} ${HEIGHT}`}
            preserveAspectRatio="none"
            role="slider"
            tabIndex={0}
            aria-label={words.label}
            aria-valuemin={0}
            aria-valuemax={last}
            aria-valuenow={chosen}
            aria-valuetext={told}
            cursor="pointer"
            display="block"
            onClick={(event) => onChoose(pointed(event.clientX))}
            onPointerMove={(event) => onPoint(pointed(event.clientX))}
            onPointerLeave={() => onPoint(null)}
            onKeyDown={(event) => {
                const step = { ArrowLeft: -1, ArrowRight: 1, Home: -last, End: last }[event.key]
                if (step !== undefined) {
                    event.preventDefault()
                    onPoint(within(chosen + step))
                } else if (event.key === 'Enter' || event.key === ' ') {
                    event.preventDefault()
                    onChoose(chosen)
                }
            }}
        >
            {weeks.map((one, i) => (
                <WeekMark key={one.monday} week={one} at={i} most={most} isChosen={i === chosen} />
            ))}
            <line
                x1="0"
                x2={weeks.length * 10}
                y1={HEIGHT - 0.8}
                y2={HEIGHT - 0.8}
                stroke={ink('ink')}
                strokeWidth="1.6"
            />
        </chakra.svg>
    )
}

function WeekMark({
    week,
    at,
    most,
    isChosen,
}: {
    week: LogWeek
    at: number
    most: number
    isChosen: boolean
}) {
    const height = (n: number): number => (n / most) * (HEIGHT - 12)
    return (
        <>
            {isChosen && <rect x={at * 10} width="10" y="0" height={HEIGHT} fill={ink('water')} />}
            <rect
                x={at * 10 + 2}
                width="6"
                y={HEIGHT - height(week.entries)}
                height={height(week.entries)}
                fill={ink('fresh')}
                stroke={ink('edge')}
                vectorEffect="non-scaling-stroke"
            />
            <rect
                x={at * 10 + 2}
                width="6"
                y={HEIGHT - height(week.bad)}
                height={height(week.bad)}
                fill={ink('over')}
            />
        </>
    )
}

/** The week of a day; null where none is said. */
function indexOf(weeks: readonly LogWeek[], day: string | null): number | null {
    if (day === null) {
        return null
    }
    const at = weeks.findLastIndex(({ monday }) => monday <= day)
    return at === -1 ? null : at
}
