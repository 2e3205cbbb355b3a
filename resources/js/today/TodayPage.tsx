import { onDemand } from '../frame/onDemand'
import { messages } from '../messages'
import { Box, Button } from '@chakra-ui/react'
import type { BoxProps } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { Suspense } from 'react'
import { todayQuery } from '../api/queries'
import type { FishRow, Today } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Drawing } from '../frame/Drawing'
import { Fold } from '../frame/Fold'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { useWidth } from '../frame/useWidth'
import { Waiting } from '../frame/Waiting'
import { SheetBody } from '../frame/SheetBody'
import { WriteDown } from '../entry/WriteDown'
import { FieldBook } from './FieldBook'

const RoundPicture = onDemand(() => import('./RoundPicture'), 'RoundPicture')
const Begin = onDemand(() => import('./Begin'), 'Begin')
const ClearDemo = onDemand(() => import('./ClearDemo'), 'ClearDemo')
const Unreadable = onDemand(() => import('./Unreadable'), 'Unreadable')
const WaterAlarms = onDemand(() => import('./WaterAlarms'), 'WaterAlarms')
const Upgrades = onDemand(() => import('./Upgrades'), 'Upgrades')
const Builds = onDemand(() => import('./Builds'), 'Builds')
const Fallbacks = onDemand(() => import('./Fallbacks'), 'Fallbacks')
const FeedingRound = onDemand(() => import('../food/FeedingRound'), 'FeedingRound')
const FoodDues = onDemand(() => import('../food/FoodDues'), 'FoodDues')
const PlannedMoves = onDemand(() => import('../moves/PlannedMoves'), 'PlannedMoves')

/** The round: what is due, where, and which upgrades lie ahead. */
export function TodayPage() {
    useNameSheet(messages.today.title, messages.today.scale)
    return <Waiting query={useQuery(todayQuery)}>{(today) => <TodaySheet today={today} />}</Waiting>
}

function TodaySheet({ today }: { today: Today }) {
    const { is_demo: isDemo } = useKeeper()
    const all = today.systems.flatMap((system) => system.fish)
    if (today.systems.length === 0) {
        return (
            <>
                <SheetHead sentence={messages.today.empty} comment={messages.today.emptyHelp} />
                <Begin />
                {today.unreadable.length > 0 && <Unreadable rows={today.unreadable} />}
            </>
        )
    }
    return (
        <>
            <SheetHead
                sentence={all.length === 0 ? messages.today.noFish : today.sentence}
                comment={all.length === 0 ? messages.today.noFishHelp : today.upgrades_sentence}
            />
            <Suspense fallback={null}>
                {today.unreadable.length > 0 && <Unreadable rows={today.unreadable} />}
                {isDemo && <ClearDemo />}
            </Suspense>
            <SheetBody columns="minmax(0, 11fr) minmax(0, 9fr)" paddingInline={{ base: 0, md: '10px' }}>
                <Column order={{ lg: 2 }}>
                    <FieldBook systems={today.systems} due={today.due} today={today.date} />
                    {/* What is due stands at once; whose scripts are still on the way comes below it. */}
                    <Suspense fallback={null}>
                        <BelowTheRound today={today} all={all} />
                    </Suspense>
                </Column>
                <Column order={{ lg: 1 }}>
                    <Fold title={messages.today.title} says={messages.today.scale} isNamed={false}>
                        <Round today={today} />
                    </Fold>
                    <Suspense fallback={null}>
                        <Ahead today={today} all={all} />
                    </Suspense>
                </Column>
            </SheetBody>
        </>
    )
}

/** One of the two on a desk; on a phone what is done comes before what is looked at. */
const Column = (props: BoxProps) => <Box display="flex" flexDirection="column" gap="24px" {...props} />

/** What is done today besides. */
function BelowTheRound({ today, all }: { today: Today; all: readonly FishRow[] }) {
    const add = (
        <Button asChild textDecoration="none" paddingInline="8px">
            <Link to="/fish/add">{messages.fish.add}</Link>
        </Button>
    )
    return (
        <>
            <FeedingRound />
            <Box>
                <Box as="h2" fontSize="part" fontWeight={800} paddingBottom="8px">
                    {messages.today.writeDown}
                </Box>
                {all.length > 0 ? (
                    <WriteDown
                        kinds={['length', 'test', 'change', 'count', 'incident', 'loss', 'move']}
                        all={all}
                        today={today.date}
                    >
                        {add}
                    </WriteDown>
                ) : (
                    add
                )}
            </Box>
            <WaterAlarms systems={today.systems} />
            <FoodDues dues={today.food} />
        </>
    )
}

/** What comes, and what is to be ready by then. */
function Ahead({ today, all }: { today: Today; all: readonly FishRow[] }) {
    const byId = new Map(all.map((fish) => [fish.id, fish]))
    const upgrades = today.upgrades.flatMap((id) => byId.get(id) ?? [])
    return (
        <>
            <PlannedMoves moves={today.moves} today={today.date} />
            <Upgrades fish={upgrades} today={today.date} />
            <Builds builds={today.builds} today={today.date} />
            <Fallbacks wanted={today.fallbacks} />
        </>
    )
}

/** The walk drawn from above; not before there is room for it. */
function Round({ today: { systems, due } }: { today: Today }) {
    const [box, width] = useWidth<HTMLDivElement>()
    return (
        <div ref={box}>
            {width > 0 && (
                <Suspense fallback={<Drawing />}>
                    <RoundPicture
                        systems={systems}
                        due={new Set(due.flatMap(({ fish_id: fish }) => (fish === null ? [] : [fish])))}
                        placesDue={new Set(due.map(({ system_id: place }) => place))}
                        width={width}
                    />
                </Suspense>
            )}
        </div>
    )
}
