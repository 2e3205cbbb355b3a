import { Box, Button, chakra } from '@chakra-ui/react'
import { skipToken, useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { newKey } from '../api/idempotency'
import { useUnit } from '../frame/keeper'
import { logEntryQuery } from '../log/queries'
import { offlineWords as words } from '../messages/offline'
import { measured } from '../units/length'
import type { KeptEntry } from './database'

const CONFLICT = 409

interface Props {
    entry: KeptEntry
    refusal: NonNullable<KeptEntry['refusal']>
    says: string
    /** Sends it as it is given. */
    onSend: (entry: KeptEntry) => void
}

/** What was written here beside what the place says to it; whoever wrote it decides. */
export function BothSides({ entry, refusal: { status, problem }, says, onSend }: Props) {
    const there = useThere(entry, status === CONFLICT, problem.current)
    const sendWith = (more: object): void => {
        const again = { ...entry, key: newKey(), body: { ...(entry.body as object), ...more } }
        delete again.refusal
        onSend(again)
    }
    return (
        <Box flex="1" minWidth="240px" display="flex" flexDirection="column" gap="8px">
            <Box display="grid" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="8px 20px">
                <Side title={words.here}>{says}</Side>
                <Side title={there === undefined ? words.there : words.now}>
                    {there?.says ?? problem.message}
                </Side>
            </Box>
            {there !== undefined && (
                <Button alignSelf="start" onClick={() => sendWith({ version: there.version })}>
                    {words.mine}
                </Button>
            )}
            {problem.question !== undefined && (
                <Button alignSelf="start" onClick={() => sendWith({ keep: true })}>
                    {words.keep}
                </Button>
            )}
            {there === undefined && problem.question === undefined && (
                <Button alignSelf="start" onClick={() => sendWith({})}>
                    {words.again}
                </Button>
            )}
        </Box>
    )
}

function Side({ title, children }: { title: string; children: ReactNode }) {
    return (
        <div>
            <chakra.h3 color="ink2" fontSize="note">
                {title}
            </chakra.h3>
            <chakra.p fontWeight={700}>{children}</chakra.p>
        </div>
    )
}

interface There {
    says: string
    version: number
}

/** What stands there in the meantime, of an entry that somebody else has changed. */
function useThere(
    entry: KeptEntry,
    isConflict: boolean,
    current: { length_mm: number; version: number } | undefined,
) {
    const unit = useUnit()
    const line = (entry.named as { line: number }).line
    const query = logEntryQuery(line)
    const detail = useQuery({
        ...query,
        queryFn: isConflict && current === undefined ? query.queryFn : skipToken,
    })
    if (!isConflict) {
        return undefined
    }
    const there: There | undefined =
        current !== undefined
            ? { says: measured(current.length_mm, unit), version: current.version }
            : detail.data && { says: detail.data.line.sentence, version: detail.data.version }
    return there
}
