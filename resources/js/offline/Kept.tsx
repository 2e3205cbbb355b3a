import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Suspense, useState, useSyncExternalStore } from 'react'
import { connection } from '../api/connection'
import { Drawing } from '../frame/Drawing'
import { useKeeper } from '../frame/keeper'
import { onDemand } from '../frame/onDemand'
import { PaperDialog } from '../frame/PaperDialog'
import { offlineWords as words } from '../messages/offline'
import { atMoment } from '../units/moment'
import { keptQuery } from './queries'
import { useKeeping } from './useKeeping'
import { useSending } from './useSending'
import { useShownAge } from './useShownAge'

const KeptSheet = onDemand(() => import('./KeptSheet'), 'KeptSheet')

/** Says when nobody answers, how old is what is shown, and what waits on this device; nothing when all is well. */
export function Kept() {
    const keeper = useKeeper().id
    useKeeping()
    const isDown = useSyncExternalStore(connection.subscribe, connection.isDown)
    const entries = useQuery(keptQuery(keeper)).data ?? []
    const refused = entries.filter(({ refusal }) => refusal !== undefined).length
    const waiting = entries.length - refused
    const tryNow = useSending({ keeper, isDown, waiting })
    const [isOpen, open] = useState(false)
    return (
        <>
            {(isDown || entries.length > 0) && (
                <Box
                    role="group"
                    aria-label={words.title}
                    className="no-print"
                    display="flex"
                    flexWrap="wrap"
                    alignItems="center"
                    columnGap="16px"
                    marginInline="14px"
                    paddingInline="10px"
                    borderBottom="1px solid"
                    borderColor="ink"
                    background="fresh"
                >
                    <Box aria-live="polite" flex="1" minWidth="220px" paddingBlock="8px">
                        {isDown && <Down />} <Waiting isDown={isDown} waiting={waiting} refused={refused} />
                    </Box>
                    {entries.length > 0 && <Button onClick={() => open(true)}>{words.look}</Button>}
                    {isDown && <Button onClick={tryNow}>{words.tryNow}</Button>}
                </Box>
            )}
            <PaperDialog title={words.title} open={isOpen} onClose={() => open(false)} isWide>
                <Suspense fallback={<Drawing />}>
                    <KeptSheet keeper={keeper} onSend={tryNow} />
                </Suspense>
            </PaperDialog>
        </>
    )
}

function Down() {
    const age = useShownAge()
    return (
        <chakra.b color="close">
            {age === null ? words.downNew : words.down({ when: atMoment(new Date(age).toISOString()) })}
        </chakra.b>
    )
}

interface Counted {
    isDown: boolean
    waiting: number
    refused: number
}

function Waiting({ isDown, waiting, refused }: Counted) {
    return (
        <>
            {waiting > 0 && <span>{(isDown ? words.waiting : words.sending)({ n: waiting })}</span>}{' '}
            {refused > 0 && (
                <chakra.span color="over" fontWeight={700}>
                    {words.refused({ n: refused })}
                </chakra.span>
            )}
        </>
    )
}
