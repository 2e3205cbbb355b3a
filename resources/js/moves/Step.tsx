import { messages } from '../messages'
import { movesWords } from '../messages/moves'
import { Box, Button, chakra } from '@chakra-ui/react'
import type { RunStep } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { momentNow } from '../entry/timeNow'
import { useWrite } from '../entry/useWrite'
import { offlineWords } from '../messages/offline'
import { useKept, useKeptOf } from '../offline/useKept'
import { Clock } from './Clock'
import { stopClock } from './clocks'

const ADDRESS = '/api/v1/move-sheets/{sheet}/steps/{step}'

/** Whether a step is done, also where that still waits to be sent. */
export function useIsDone(sheet: number): (step: RunStep) => boolean {
    const keptOf = useKeptOf('PUT', ADDRESS)
    return (step) => keptOf({ sheet, step: step.key })?.done ?? step.done !== null
}

interface Props {
    step: RunStep
    sheet: number
    isOpen: boolean
    isDone: boolean
}

/** One step to be checked off, with a clock where it takes a known time. */
export function Step({ step, sheet, isOpen, isDone }: Props) {
    const named = { sheet, step: step.key }
    const tick = useWrite('PUT', ADDRESS, named, {})
    const kept = useKept('PUT', ADDRESS, named)
    const say = (done: boolean): void => tick.save({ done, at: momentNow() })
    return (
        <chakra.li
            display="grid"
            gridTemplateColumns="38px minmax(0, 1fr) auto"
            columnGap="8px"
            alignItems="center"
            minHeight="58px"
            paddingBlock="6px"
            borderBottom="1px solid"
            borderColor="rule"
            _print={{
                minHeight: 0,
                paddingBlock: '2px',
                gridTemplateColumns: '30px 1fr',
                '& svg': { height: '18px' },
            }}
        >
            <StateBox state={isDone ? 'done' : 'due'} />
            <Box>
                <Box fontWeight={700} color={isDone ? 'done' : 'ink'}>
                    {step.words}
                </Box>
                {kept !== undefined && <Box color="close">{offlineWords.waits}</Box>}
                <Box
                    color="ink2"
                    fontSize="note"
                    lineHeight="20px"
                    _print={{ fontSize: '11px', lineHeight: '13px' }}
                >
                    {step.why}
                </Box>
                {isOpen && !isDone && step.minutes !== null && (
                    <Clock minutes={step.minutes} sheet={sheet} step={step.key} name={step.words} />
                )}
            </Box>
            {isOpen && (
                <Box className="no-print">
                    {!isDone ? (
                        <Button
                            aria-label={movesWords.sheet.tick({ words: step.words })}
                            minHeight="50px"
                            disabled={tick.isSaving}
                            onClick={() => {
                                stopClock(sheet, step.key)
                                say(true)
                            }}
                        >
                            {messages.frame.done}
                        </Button>
                    ) : (
                        <Button
                            variant="plain"
                            aria-label={movesWords.sheet.untick({ words: step.words })}
                            onClick={() => say(false)}
                        >
                            {messages.frame.undo}
                        </Button>
                    )}
                </Box>
            )}
        </chakra.li>
    )
}
