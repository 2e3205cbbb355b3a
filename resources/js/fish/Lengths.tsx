import { messages } from '../messages'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { write } from '../api/client'
import type { FishSheet, MeasurementEntry } from '../api/types'
import { useUnit } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { PaperDialog } from '../frame/PaperDialog'
import { useUndo } from '../entry/useUndo'
import { shortDay } from '../units/day'
import { measured } from '../units/length'
import { AsTable } from '../frame/AsTable'
import { lastLengthWords } from './sentences'
import { RecordLength } from './RecordLength'

/** Every length, newest first; each can be corrected or taken out. */
export function Lengths({ sheet }: { sheet: FishSheet }) {
    const [correcting, correct] = useState<MeasurementEntry | null>(null)
    const act = useUndo('/api/v1/fish')
    const remove = (entry: MeasurementEntry): void => {
        act(() => write('DELETE', '/api/v1/measurements/{measurement}', { measurement: entry.id }), {
            text: messages.fish.removed,
            undo: () =>
                act(() =>
                    write('POST', '/api/v1/measurements/{measurement}/restore', { measurement: entry.id }),
                ),
        })
    }
    const flagged = new Set(sheet.flagged)
    const unit = useUnit()
    if (sheet.measurements.length === 0) {
        return null
    }
    return (
        <Box padding={{ base: '16px 2px 0', md: '16px 10px 0' }}>
            <Fold title={messages.fish.lengths} says={lastLengthWords(sheet.fish, unit, sheet.today)}>
                <chakra.ol>
                    {[...sheet.measurements].reverse().map((entry) => (
                        <LengthLine
                            key={entry.id}
                            entry={entry}
                            today={sheet.today}
                            isFlagged={flagged.has(entry.date)}
                            onCorrect={() => correct(entry)}
                            onRemove={() => remove(entry)}
                        />
                    ))}
                </chakra.ol>
                <AsTable table="lengths" of={{ fish: sheet.fish.id }} />
            </Fold>
            <PaperDialog
                title={messages.fish.correct}
                open={correcting !== null}
                onClose={() => correct(null)}
            >
                {correcting !== null && (
                    <RecordLength fish={sheet.fish} correcting={correcting} onDone={() => correct(null)} />
                )}
            </PaperDialog>
        </Box>
    )
}

interface LineProps {
    entry: MeasurementEntry
    today: string
    isFlagged: boolean
    onCorrect: () => void
    onRemove: () => void
}

function LengthLine({ entry, today, isFlagged, onCorrect, onRemove }: LineProps) {
    const length = measured(entry.length_mm, useUnit())
    return (
        <chakra.li
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            columnGap="10px"
            minHeight="44px"
            borderBottom="1px solid"
            borderColor="rule"
        >
            <Box flex="0 0 68px" fontWeight={700} whiteSpace="nowrap">
                {length}
            </Box>
            <Box flex="1" minWidth="90px">
                {shortDay(entry.date, today)}
                <chakra.span color="ink2">
                    , {messages.labels.methods[entry.method]}
                    {isFlagged && `, ${messages.fish.legend.flagged}`}
                </chakra.span>
            </Box>
            <Box whiteSpace="nowrap">
                <Button variant="plain" aria-label={messages.fish.correctOne({ length })} onClick={onCorrect}>
                    {messages.fish.correctAct}
                </Button>
                <Button variant="plain" aria-label={messages.fish.takeOutOne({ length })} onClick={onRemove}>
                    {messages.fish.takeOutAct}
                </Button>
            </Box>
        </chakra.li>
    )
}
