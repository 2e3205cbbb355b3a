import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { LogLine } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { onDemand } from '../frame/onDemand'
import { PaperDialog } from '../frame/PaperDialog'
import { oneLogWords as words } from '../messages/oneLog'
import { longDay } from '../units/day'
import { Suspense } from 'react'
import { Drawing } from '../frame/Drawing'
import { addressOf } from '../picture/addressOf'
import { byDay } from './byDay'

const EntrySheet = onDemand(() => import('./EntrySheet'), 'EntrySheet')

interface Props {
    lines: readonly LogLine[]
    /** There is no room for times in a column of their own. */
    isNarrow?: boolean
}

/** Entries under their days; each opens its sheet. */
export function LogLines({ lines, isNarrow = false }: Props) {
    const { today } = useKeeper()
    const [open, setOpen] = useState<LogLine | null>(null)
    return (
        <>
            {byDay(lines).map(([day, some]) => (
                <Box as="section" key={day} aria-label={longDay(day, today)}>
                    <chakra.h2
                        fontSize="said"
                        fontWeight={800}
                        padding="14px 0 4px"
                        borderBottom="1.6px solid"
                        borderColor="ink"
                    >
                        {longDay(day, today)}
                    </chakra.h2>
                    <chakra.ol listStyleType="none" padding="0">
                        {some.map((line) => (
                            <Line
                                key={line.id}
                                line={line}
                                isNarrow={isNarrow}
                                onOpen={() => setOpen(line)}
                            />
                        ))}
                    </chakra.ol>
                </Box>
            ))}
            <PaperDialog title={open?.sentence ?? ''} open={open !== null} onClose={() => setOpen(null)}>
                {open !== null && (
                    <Suspense fallback={<Drawing />}>
                        <EntrySheet key={open.id} line={open} onDone={() => setOpen(null)} />
                    </Suspense>
                )}
            </PaperDialog>
        </>
    )
}

interface LineProps {
    line: LogLine
    isNarrow: boolean
    onOpen: () => void
}

function Line({ line, isNarrow, onOpen }: LineProps) {
    const { name } = useKeeper()
    return (
        <chakra.li borderBottom="1px solid" borderColor="rule">
            <chakra.button
                type="button"
                onClick={onOpen}
                display="grid"
                gridTemplateColumns={{
                    base: 'minmax(0, 1fr)',
                    md: isNarrow ? 'minmax(0, 1fr)' : '64px minmax(0, 1fr) auto',
                }}
                columnGap="10px"
                alignItems="baseline"
                width="100%"
                minHeight="44px"
                padding="8px 0"
                background="none"
                border="none"
                color="ink"
                textAlign="start"
                cursor="pointer"
                _hover={{ background: 'fresh' }}
            >
                <chakra.span
                    fontFamily="mono"
                    fontSize="note"
                    color="ink2"
                    display={isNarrow ? 'none' : { base: 'none', md: 'block' }}
                >
                    {line.time ?? ''}
                </chakra.span>
                <chakra.span
                    textDecoration={line.is_removed ? 'line-through' : 'none'}
                    overflowWrap="anywhere"
                    fontWeight={line.kind === 'loss' ? 700 : 400}
                >
                    {line.time !== null && (
                        <chakra.span
                            fontFamily="mono"
                            fontSize="note"
                            color="ink2"
                            display={isNarrow ? 'inline' : { base: 'inline', md: 'none' }}
                        >
                            {line.time}{' '}
                        </chakra.span>
                    )}
                    {line.sentence}
                    {line.pictures.length > 0 && (
                        <chakra.span display="flex" gap="6px" paddingTop="6px">
                            {line.pictures.map((id) => (
                                <chakra.img
                                    key={id}
                                    src={addressOf(id, 'thumb')}
                                    alt=""
                                    height="54px"
                                    border="1px solid"
                                    borderColor="edge"
                                    loading="lazy"
                                />
                            ))}
                        </chakra.span>
                    )}
                </chakra.span>
                <chakra.span color="ink2" fontSize="note" gridColumn={isNarrow ? undefined : { md: 3 }}>
                    {line.author === null || line.author === name ? '' : words.by({ author: line.author })}
                </chakra.span>
            </chakra.button>
        </chakra.li>
    )
}
