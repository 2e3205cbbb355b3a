import { Box, Button, chakra } from '@chakra-ui/react'
import type { LogDetail, LogVersion } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { oneLogWords } from '../messages/oneLog'
import { writtenAt } from './writtenAt'

const words = oneLogWords.entry

/** How an entry stood after each change: who changed it, when, and the way back. */
export function Past({ detail, onDone }: { detail: LogDetail; onDone: () => void }) {
    return (
        <Box as="section" aria-label={words.history}>
            <chakra.h3 fontSize="said" fontWeight={800} borderBottom="1.6px solid" borderColor="ink">
                {words.history}
            </chakra.h3>
            <chakra.ol listStyleType="none" padding="0">
                {detail.history.map((version) => (
                    <Version key={version.id} line={detail.line.id} version={version} onDone={onDone} />
                ))}
            </chakra.ol>
        </Box>
    )
}

interface VersionProps {
    line: number
    version: LogVersion
    onDone: () => void
}

function Version({ line, version, onDone }: VersionProps) {
    const back = useWrite(
        'POST',
        '/api/v1/log/{line}/versions/{version}',
        { line, version: version.id },
        { notice: () => words.returned({ sentence: version.sentence }), onDone },
    )
    return (
        <chakra.li borderBottom="1px solid" borderColor="rule" padding="8px 0">
            <chakra.span color="ink2" fontSize="note">
                {words.version({
                    event: words.events[version.event],
                    at: version.at === null ? words.unknownTime : writtenAt(version.at),
                    author: version.author === null ? '' : words.by({ author: version.author }),
                })}
            </chakra.span>
            <p>{version.sentence}</p>
            {version.can_return && (
                <Button variant="plain" disabled={back.isSaving} onClick={() => back.save(undefined)}>
                    {words.return}
                </Button>
            )}
            {back.error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {back.error}
                </chakra.p>
            )}
        </chakra.li>
    )
}
