import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate, useSearch } from '@tanstack/react-router'
import { useState } from 'react'
import { lanesQuery, planQuery, plansQuery } from '../api/queries'
import type { PlanPage as Page } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { planWords as words } from '../messages/plan'
import { Adopt } from './Adopt'
import { AskForm } from './AskForm'
import { Compare } from './Compare'
import { Lanes } from './Lanes'
import { MoveList } from './MoveList'
import { Reading } from './Reading'
import { Breaches, ToBuild } from './ToBuild'
import { WhyNot } from './WhyNot'
import { withLock } from './locks'
import { useLocks } from './useLocks'

const POLL_MS = 1000

/** Who goes where and when: the plan that is followed, one that is thought of, or as things are. */
export function PlanPage() {
    const { plan } = useSearch({ from: '/plan' })
    const followed = useQuery({ ...lanesQuery, enabled: plan === undefined })
    const seen = useQuery({
        ...planQuery(plan ?? 0),
        enabled: plan !== undefined,
        refetchInterval: ({ state }) =>
            state.data?.plan != null && isUnderWay(state.data.plan) ? POLL_MS : false,
    })
    return (
        <Waiting key={plan} query={plan === undefined ? followed : seen}>
            {(page) => <Sheet page={page} />}
        </Waiting>
    )
}

function Sheet({ page }: { page: Page }) {
    const { unit_system: units } = useKeeper()
    const navigate = useNavigate({ from: '/plan' })
    const [day, setDay] = useState(0)
    const [lane, setLane] = useState<string | null>(null)
    const { locks, setLocks } = useLocks()
    const plans = useQuery({
        ...plansQuery,
        refetchInterval: ({ state }) => (state.data?.plans.some(isUnderWay) === true ? POLL_MS : false),
    }).data
    useNameSheet(words.title, words.scales)
    const underWay = plans?.plans.find(isUnderWay)
    const ready = plans?.plans.filter((one) => !isUnderWay(one)) ?? []
    const see = (plan: number | null): void => void navigate({ search: plan === null ? {} : { plan } })
    const [first, ...others] = page.sentences
    return (
        <>
            <SheetHead sentence={first ?? ''} comment={others.join(' ')} />
            {page.concerns.length > 0 && <Concerns concerns={page.concerns} />}
            <Box padding={{ base: '0 2px', md: '0 10px' }}>
                <Lanes page={page} units={units} day={day} onRead={(at, key) => (setDay(at), setLane(key))}>
                    {page.plan?.state === 'ready' && (
                        <Adopt
                            plan={page.plan}
                            followed={plans?.adopted_id ?? null}
                            onGone={() => see(null)}
                        />
                    )}
                </Lanes>
            </Box>
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 360px' }}
                gap="24px 34px"
                padding={{ base: '14px 2px 30px', md: '14px 10px 30px' }}
                alignItems="start"
            >
                <Box display="flex" flexDirection="column" gap="24px" minWidth="0">
                    {ready.length > 0 && <Compare plans={ready} seen={page.plan?.id ?? null} onSee={see} />}
                    <Reading page={page} units={units} day={day} lane={lane} onDay={setDay} />
                    <WhyNot page={page} day={day} />
                    <MoveList
                        page={page}
                        units={units}
                        locks={locks}
                        onLock={(lock) => setLocks(withLock(locks, lock))}
                    />
                    {page.openings.length > 0 && <ToBuild page={page} />}
                    {page.breaches.length > 0 && <Breaches page={page} />}
                </Box>
                <Box
                    display="flex"
                    flexDirection="column"
                    gap="24px"
                    minWidth="0"
                    order={{ base: -1, lg: 0 }}
                >
                    <AskForm
                        locks={locks}
                        onLocks={setLocks}
                        underWay={underWay}
                        hasPlan={ready.length > 0}
                        onAsked={see}
                    />
                </Box>
            </Box>
        </>
    )
}

const isUnderWay = ({ state }: { state: string }): boolean => state === 'waiting' || state === 'solving'

/** Why the plan that is followed no longer fits. */
function Concerns({ concerns }: { concerns: readonly string[] }) {
    return (
        <Box
            role="status"
            margin={{ base: '8px 2px', md: '8px 10px' }}
            padding="8px 12px"
            border="2px solid"
            borderColor="over"
            borderRadius="3px"
        >
            <b>{words.concerns}</b>
            <chakra.ul paddingLeft="20px">
                {concerns.map((concern) => (
                    <li key={concern}>{concern}</li>
                ))}
            </chakra.ul>
        </Box>
    )
}
