import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { Suspense, useState } from 'react'
import { write } from '../api/client'
import { logEntryQuery } from './queries'
import type { LogDetail, LogLine } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { useKeeper } from '../frame/keeper'
import { Waiting } from '../frame/Waiting'
import { onDemand } from '../frame/onDemand'
import { oneLogWords } from '../messages/oneLog'
import { longDay } from '../units/day'
import { CorrectionForm } from './CorrectionForm'
import { Past } from './Past'
import { writtenAt } from './writtenAt'

const words = oneLogWords.entry

const EntryPictures = onDemand(() => import('../picture/EntryPictures'), 'EntryPictures')

/** One entry: what can be done about it, what that would change, and how it stood before. */
export function EntrySheet({ line, onDone }: { line: LogLine; onDone: () => void }) {
    return (
        <Waiting query={useQuery(logEntryQuery(line.id))}>
            {(detail) => <Sheet detail={detail} onDone={onDone} />}
        </Waiting>
    )
}

function Sheet({ detail, onDone }: { detail: LogDetail; onDone: () => void }) {
    const { today } = useKeeper()
    const { line } = detail
    const [isCorrecting, correct] = useState(false)
    return (
        <Box display="flex" flexDirection="column" gap="12px">
            <p>
                {longDay(line.date, today)}
                {line.time === null ? '' : `, ${line.time}`}.{' '}
                {line.written_at !== null && (
                    <chakra.span color="ink2">
                        {words.written({
                            at: writtenAt(line.written_at),
                            author: line.author === null ? '' : words.by({ author: line.author }),
                        })}
                    </chakra.span>
                )}
                {line.is_removed && <b> {words.removed}</b>}
            </p>
            <Subjects line={line} onGo={onDone} />
            {isCorrecting ? (
                <CorrectionForm detail={detail} onDone={onDone} />
            ) : (
                <Acts detail={detail} onCorrect={() => correct(true)} onDone={onDone} />
            )}
            {line.kind !== 'change' && (
                <Suspense fallback={null}>
                    <EntryPictures line={line} />
                </Suspense>
            )}
            {detail.history.length > 1 && <Past detail={detail} onDone={onDone} />}
        </Box>
    )
}

function Subjects({ line, onGo }: { line: LogLine; onGo: () => void }) {
    return (
        <Box display="flex" flexWrap="wrap" columnGap="16px">
            {line.fish.map(({ id, name }) => (
                <Link key={`fish-${id}`} to="/fish/$id" params={{ id }} onClick={onGo}>
                    {words.onItsSheet({ name })}
                </Link>
            ))}
            {line.systems.map(({ id, name }) => (
                <Link key={`system-${id}`} to="/systems/$id" params={{ id }} onClick={onGo}>
                    {words.onItsSheet({ name })}
                </Link>
            ))}
        </Box>
    )
}

interface ActsProps {
    detail: LogDetail
    onCorrect: () => void
    onDone: () => void
}

function Acts({ detail, onCorrect, onDone }: ActsProps) {
    const { line } = detail
    const named = { line: line.id }
    const remove = useWrite('DELETE', '/api/v1/log/{line}', named, {
        notice: () => words.takenOut({ sentence: line.sentence }),
        ...(line.kind === 'change' || line.kind === 'arrival'
            ? {}
            : { undo: () => write('POST', '/api/v1/log/{line}/restore', named) }),
        onDone,
    })
    const restore = useWrite('POST', '/api/v1/log/{line}/restore', named, {
        notice: () => words.restored({ sentence: line.sentence }),
        undo: () => write('DELETE', '/api/v1/log/{line}', named),
        onDone,
    })
    const error = remove.error ?? restore.error
    return (
        <>
            {detail.consequences.length > 0 && (
                <Box>
                    <b>{words.without}</b>
                    {detail.consequences.map((one) => (
                        <p key={one}>{one}</p>
                    ))}
                </Box>
            )}
            {detail.refusal !== null && <p>{words.refused({ why: detail.refusal })}</p>}
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
            <Box display="flex" flexWrap="wrap" gap="10px">
                {detail.fields.length > 0 && (
                    <Button variant="solid" flex="1" onClick={onCorrect}>
                        {words.correct}
                    </Button>
                )}
                {detail.can_remove && detail.refusal === null && (
                    <Button flex="1" disabled={remove.isSaving} onClick={() => remove.save(undefined)}>
                        {line.kind === 'change' ? words.putBackAsWas : words.take}
                    </Button>
                )}
                {detail.can_restore && (
                    <Button
                        variant="solid"
                        flex="1"
                        disabled={restore.isSaving}
                        onClick={() => restore.save(undefined)}
                    >
                        {words.restore}
                    </Button>
                )}
            </Box>
        </>
    )
}
