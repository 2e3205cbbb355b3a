import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { logPartQuery } from './queries'
import { Fold } from '../frame/Fold'
import { oneLogWords } from '../messages/oneLog'
import { LogLines } from './LogLines'
import { NoteButton } from './NoteForm'

const words = oneLogWords.part

const SHOWN = 8

/** The newest of what was written of one fish or system, with a way to all of it. */
export function LogPart({ of }: { of: { fish: number } | { system: number } }) {
    const part = useQuery(logPartQuery(of, SHOWN)).data
    return (
        <Fold
            title={words.title}
            aside={
                <Link to="/log" search={of}>
                    {words.all}
                </Link>
            }
        >
            {part?.lines.length === 0 && <chakra.p paddingTop="8px">{words.none}</chakra.p>}
            {part !== undefined && <LogLines lines={part.lines} isNarrow />}
            <Box paddingTop="12px">
                <NoteButton about={of} />
            </Box>
        </Fold>
    )
}
