import { messages } from '../messages'
import { movesWords } from '../messages/moves'
import { Box, Button, chakra } from '@chakra-ui/react'
import type { RunStep } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { useWrite } from '../entry/useWrite'
import { Clock } from './Clock'
import { stopClock } from './clocks'

/** One step to be checked off, with a clock where it takes a known time. */
export function Step({ step, sheet, isOpen }: { step: RunStep; sheet: number; isOpen: boolean }) {
    const tick = useWrite('PUT', '/api/v1/move-sheets/{sheet}/steps/{step}', { sheet, step: step.key }, {})
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
                paddingBlock: '1px',
                gridTemplateColumns: '30px 1fr',
                '& svg': { height: '18px' },
            }}
        >
            <StateBox state={step.done === null ? 'due' : 'done'} />
            <Box>
                <Box fontWeight={700} color={step.done === null ? 'ink' : 'done'}>
                    {step.words}
                </Box>
                <Box
                    color="ink2"
                    fontSize="15px"
                    lineHeight="20px"
                    _print={{ fontSize: '11px', lineHeight: '13px' }}
                >
                    {step.why}
                </Box>
                {isOpen && step.done === null && step.minutes !== null && (
                    <Clock minutes={step.minutes} sheet={sheet} step={step.key} name={step.words} />
                )}
            </Box>
            {isOpen && (
                <Box className="no-print">
                    {step.done === null ? (
                        <Button
                            aria-label={movesWords.sheet.tick({ words: step.words })}
                            minHeight="50px"
                            disabled={tick.isSaving}
                            onClick={() => {
                                stopClock(sheet, step.key)
                                tick.save({ done: true })
                            }}
                        >
                            {messages.frame.done}
                        </Button>
                    ) : (
                        <Button
                            variant="plain"
                            aria-label={movesWords.sheet.untick({ words: step.words })}
                            onClick={() => tick.save({ done: false })}
                        >
                            {messages.frame.undo}
                        </Button>
                    )}
                </Box>
            )}
        </chakra.li>
    )
}
