import { SkipLink } from './SkipLink'
import { messages } from '../messages'
import { Box, Button } from '@chakra-ui/react'
import { Outlet } from '@tanstack/react-router'
import { Suspense, useCallback, useMemo, useState } from 'react'
import { Hatches } from '../drawing/Hatches'
import { weekday } from '../units/day'
import { Drawing } from './Drawing'
import { Foot } from './Foot'
import { useClocks } from '../moves/clocks'
import { useUnanswered } from '../offline/useUnanswered'
import { useKeeper } from './keeper'
import { onDemand } from './onDemand'
import { NoticeContext, useNotice } from './notice'
import { PaperDialog } from './PaperDialog'
import { Tape } from './Tape'
import { usePlaceKeys } from './usePlaceKeys'
import { useSheetColour } from './useSheetColour'
import { useSignOut } from './useSignOut'

const KeySheet = onDemand(() => import('./KeySheet'), 'KeySheet')
const SearchSlip = onDemand(() => import('../search/SearchSlip'), 'SearchSlip')
const QuickSlip = onDemand(() => import('../quick/QuickSlip'), 'QuickSlip')
const Kept = onDemand(() => import('../offline/Kept'), 'Kept')
const RunningClocks = onDemand(() => import('../moves/RunningClocks'), 'RunningClocks')

/** The sheet that every place is drawn on: tape above, foot below. */
export function Frame() {
    const keeper = useKeeper()
    const { notice, say } = useNotice()
    const [keysShown, showKeys] = useState(false)
    const [slip, open] = useState<Slip | null>(null)
    const close = useCallback(() => open(null), [])
    const clocks = useClocks()
    const notices = useMemo(() => ({ notice, say }), [notice, say])
    const acts = useMemo(
        () => ({
            u: () => notice?.undo?.(),
            '?': () => showKeys(true),
            '/': () => open('find'),
            n: () => open('write'),
        }),
        [notice],
    )
    usePlaceKeys(acts)
    return (
        <NoticeContext.Provider value={notices}>
            <SkipLink />
            <Hatches />
            <Box
                minHeight="100dvh"
                display="flex"
                flexDirection="column"
                paddingBottom={{ base: '62px', md: 0 }}
                maxWidth="1920px"
                marginInline="auto"
            >
                <Box
                    as="header"
                    display="flex"
                    marginInline={{ base: '14px', md: '14px' }}
                    borderBottom="1.6px solid"
                    borderColor="ink"
                    alignItems="center"
                >
                    <Box
                        minWidth={{ base: 0, md: '120px', xl: '174px' }}
                        whiteSpace="nowrap"
                        overflow="hidden"
                        flex={{ base: 1, md: '0 1 auto', xl: 'none' }}
                        paddingInline={{ base: '2px', md: '10px' }}
                        paddingBlock="8px"
                    >
                        <Box fontWeight={800} fontSize={{ base: 'said', md: 'part' }}>
                            {keeper.facility}
                        </Box>
                        <Box color="ink2" fontSize="note" overflow="hidden" textOverflow="ellipsis">
                            {weekday(keeper.today)}
                            {(keeper.role === 'helper' || keeper.role === 'viewer') &&
                                `, ${messages.frame.mayOnly[keeper.role]}`}
                        </Box>
                    </Box>
                    <Tape />
                    <Corner onOpen={open} />
                </Box>
                <Keeping keeper={keeper.id} />
                {clocks.length > 0 && (
                    <Suspense fallback={null}>
                        <RunningClocks />
                    </Suspense>
                )}
                <Box as="main" id="page" tabIndex={-1} outline="none" flex="1" marginInline="14px">
                    <Outlet />
                </Box>
                <Foot onWrite={() => open('write')} />
            </Box>
            <Slips slip={slip} onClose={close} />
            {keysShown && (
                <Suspense fallback={null}>
                    <KeySheet open onClose={() => showKeys(false)} />
                </Suspense>
            )}
        </NoticeContext.Provider>
    )
}

/** Entries are kept before what tells of them has come. */
function Keeping({ keeper }: { keeper: number }) {
    useUnanswered(keeper)
    return (
        <Suspense fallback={null}>
            <Kept />
        </Suspense>
    )
}

type Slip = 'find' | 'write'

function Slips({ slip, onClose }: { slip: Slip | null; onClose: () => void }) {
    return (
        <PaperDialog title={messages.frame[slip ?? 'find']} open={slip !== null} onClose={onClose}>
            <Suspense fallback={<Drawing />}>
                {slip === 'find' && <SearchSlip onGo={onClose} />}
                {slip === 'write' && <QuickSlip onDone={onClose} />}
            </Suspense>
        </PaperDialog>
    )
}

/** Three of them fit a small phone beside the day; where there is More, signing out is under it. */
const CORNER = { fontSize: 'note', paddingInline: '8px', minWidth: 0 } as const

function Corner({ onOpen }: { onOpen: (slip: Slip) => void }) {
    const { colour, toggle } = useSheetColour()
    const signOut = useSignOut()
    return (
        <Box display="flex" gap="4px" whiteSpace="nowrap">
            <Button variant="plain" {...CORNER} display={{ md: 'none' }} onClick={() => onOpen('write')}>
                {messages.frame.writeShort}
            </Button>
            <Button variant="plain" {...CORNER} onClick={() => onOpen('find')}>
                {messages.frame.find}
            </Button>
            <Button variant="plain" {...CORNER} onClick={toggle}>
                {colour === 'dark' ? messages.frame.lightSheet : messages.frame.darkSheet}
            </Button>
            <Button
                variant="plain"
                {...CORNER}
                display={{ base: 'none', xl: 'inline-flex' }}
                onClick={signOut}
            >
                {messages.frame.signOut}
            </Button>
        </Box>
    )
}
