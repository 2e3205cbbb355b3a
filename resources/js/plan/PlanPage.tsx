import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate, useSearch } from '@tanstack/react-router'
import { useEffect, useState } from 'react'
import { lanesQuery, planQuery, plansQuery } from '../api/queries'
import type { PlanPage as Page } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { SheetBody } from '../frame/SheetBody'
import { planWords as words } from '../messages/plan'
import { Adopt } from './Adopt'
import { AllToBuild } from './AllToBuild'
import { ASKED_AT, AskForm, goToAsking } from './AskForm'
import { Breaches } from './Breaches'
import { Compare } from './Compare'
import { Costs } from './Costs'
import { Lanes } from './Lanes'
import { Mends } from './Mends'
import { MoveList } from './MoveList'
import { Progress } from './Progress'
import { Reading } from './Reading'
import { ToBuild } from './ToBuild'
import { Tried } from './Tried'
import { WhatIf } from './WhatIf'
import { WhyNot } from './WhyNot'
import type { Draft } from './draft'
import { dropped, EMPTY, goingTo, leavingOut, movedTo } from './draft'
import { withLock } from './locks'
import type { Held } from './useDragging'
import type { DraftHistory } from './useDraft'
import { useDraft } from './useDraft'
import { useLocks } from './useLocks'
import { useTrial } from './useTrial'

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

function Sheet({ page: kept }: { page: Page }) {
    const { units } = useKeeper()
    const navigate = useNavigate({ from: '/plan' })
    const [pointed, setPointed] = useState<Pointed>({ day: 0, lane: null })
    const [held, setHeld] = useState<Held | null>(null)
    const history = useDraft()
    const { draft, change } = history
    const tried = useTrial(kept, kept, draft)
    const drop = ({ band, key, on }: Held): Draft => dropped(draft, tried.page, band, key, on)
    const carried = useTrial(kept, tried.page, held === null ? EMPTY : drop(held))
    useNameSheet(words.title, words.scales)
    useUndoKey(history)
    const see = (plan: number | null): void => void navigate({ search: plan === null ? {} : { plan } })
    const [first, ...others] = tried.page.sentences
    return (
        <>
            <SheetHead sentence={first ?? ''} comment={others.join(' ')} />
            {tried.page.concerns.length > 0 && <Concerns concerns={tried.page.concerns} />}
            <Box padding={{ base: '0 2px', md: '0 10px' }}>
                <Lanes
                    page={tried.page}
                    units={units}
                    day={pointed.day}
                    onRead={(day, lane) => setPointed({ day, lane })}
                    onHold={setHeld}
                    onDrop={(dropped) => change(drop(dropped))}
                >
                    {history.steps === 0 && <NextStep page={kept} onGone={() => see(null)} />}
                </Lanes>
            </Box>
            {(history.steps > 0 || held !== null) && (
                <Tried
                    history={history}
                    body={tried.body}
                    answer={held === null ? tried : carried}
                    isCarrying={held !== null}
                    onKept={see}
                />
            )}
            <Below
                kept={kept}
                page={tried.page}
                pointed={pointed}
                onDay={(day) => setPointed({ ...pointed, day })}
                history={history}
                onSee={see}
            />
        </>
    )
}

interface Pointed {
    /** Days from today. */
    day: number
    /** Key of a lane; null: none. */
    lane: string | null
}

function usePlans() {
    const plans = useQuery({
        ...plansQuery,
        refetchInterval: ({ state }) => (state.data?.plans.some(isUnderWay) === true ? POLL_MS : false),
    }).data
    return {
        followed: plans?.adopted_id ?? null,
        underWay: plans?.plans.find(isUnderWay),
        ready: plans?.plans.filter((one) => !isUnderWay(one)) ?? [],
        isKnown: plans !== undefined,
    }
}

/** What is next at the head of the sheet: to ask, to wait, or to follow what was found. */
function NextStep({ page: { plan, moves, openings }, onGone }: { page: Page; onGone: () => void }) {
    const { followed, underWay, isKnown } = usePlans()
    const isReady = plan?.state === 'ready'
    return (
        <>
            {/* The list of plans may be a moment behind. */}
            {underWay !== undefined && !(isReady && underWay.id === plan.id) && <Progress plan={underWay} />}
            {isReady && (
                <Adopt
                    plan={plan}
                    isEmpty={moves.length === 0 && openings.length === 0}
                    followed={followed}
                    onGone={onGone}
                />
            )}
            {isKnown && underWay === undefined && plan === null && (
                <Button variant="solid" className="no-print" onClick={goToAsking}>
                    {words.ask.title}
                </Button>
            )}
        </>
    )
}

interface BelowProps {
    /** The plan as it is kept, and as it is seen. */
    kept: Page
    page: Page
    pointed: Pointed
    onDay: (day: number) => void
    history: DraftHistory
    onSee: (plan: number | null) => void
}

/** Under the lanes: what is read from them in words, and what can be asked. */
function Below({ kept, page, pointed, onDay, history: { draft, change, clear }, onSee }: BelowProps) {
    const { units } = useKeeper()
    const { locks, setLocks } = useLocks()
    const { underWay, ready } = usePlans()
    return (
        <SheetBody columns="minmax(0, 1fr) 360px">
            <Box display="flex" flexDirection="column" gap="24px" minWidth="0">
                <MoveList
                    page={page}
                    units={units}
                    locks={locks}
                    isKept={kept.plan !== null}
                    onLock={(lock) => setLocks(withLock(locks, lock))}
                    onLeaveOut={({ fish_id, on }) => change(leavingOut(draft, page, fish_id, on))}
                    onOtherDay={({ fish_id, on, to_key }, day) =>
                        change(movedTo(draft, page, fish_id, on, { key: to_key, on: day }))
                    }
                />
                {page.openings.length > 0 && <ToBuild page={page} />}
                {page.breaches.length > 0 && <Breaches page={page} />}
                {ready.length > 0 && <Compare plans={ready} seen={kept.plan?.id ?? null} onSee={onSee} />}
                <Reading page={page} units={units} day={pointed.day} lane={pointed.lane} onDay={onDay} />
                <WhyNot
                    page={page}
                    plan={kept.plan?.state === 'ready' ? kept.plan.id : null}
                    day={pointed.day}
                    onTry={(fish, key, on) => change(goingTo(draft, page, fish, key, on))}
                />
                {(kept.plan === null || !isUnderWay(kept.plan)) && (
                    <Mends plan={kept.plan?.id ?? null} draft={draft} onDraft={change} />
                )}
                <Costs page={page} />
                <AllToBuild />
            </Box>
            <Box
                display="flex"
                flexDirection="column"
                gap="24px"
                minWidth="0"
                order={{ base: -1, lg: 0 }}
                position={{ lg: 'sticky' }}
                top="14px"
            >
                {underWay === undefined && (
                    <Box id={ASKED_AT}>
                        <AskForm
                            locks={locks}
                            onLocks={setLocks}
                            supposed={draft.supposed}
                            hasPlan={ready.length > 0}
                            onAsked={(plan) => {
                                clear()
                                onSee(plan)
                            }}
                        />
                    </Box>
                )}
                <WhatIf page={page} draft={draft} onDraft={change} />
            </Box>
        </SheetBody>
    )
}

/** The last step is undone by the key that undoes everywhere. */
function useUndoKey({ steps, undo }: DraftHistory): void {
    useEffect(() => {
        const onKey = (event: KeyboardEvent): void => {
            const isTyping =
                event.target instanceof Element && event.target.closest('input, textarea, select') !== null
            if (steps > 0 && !isTyping && (event.ctrlKey || event.metaKey) && event.key === 'z') {
                event.preventDefault()
                undo()
            }
        }
        window.addEventListener('keydown', onKey)
        return () => window.removeEventListener('keydown', onKey)
    }, [steps, undo])
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
