import { messages } from '../messages'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import type { RunStep } from '../api/types'
import { StateBox } from '../drawing/StateBox'
import { useWrite } from '../log/useWrite'
const SECOND = 1000
const MINUTE = 60 * SECOND

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
                    <Clock minutes={step.minutes} name={step.words} />
                )}
            </Box>
            {isOpen && (
                <Box className="no-print">
                    {step.done === null ? (
                        <Button
                            aria-label={messages.moves.sheet.tick({ words: step.words })}
                            minHeight="50px"
                            disabled={tick.isSaving}
                            onClick={() => tick.save({ done: true })}
                        >
                            {messages.frame.done}
                        </Button>
                    ) : (
                        <Button
                            variant="plain"
                            aria-label={messages.moves.sheet.untick({ words: step.words })}
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

/** Counts down while the page is open; nothing hangs on it but the eye. */
function Clock({ minutes, name }: { minutes: number; name: string }) {
    const [until, setUntil] = useState<number | null>(null)
    const [now, setNow] = useState(0)
    useEffect(() => {
        if (until === null) {
            return
        }
        const ticking = setInterval(() => setNow(Date.now()), SECOND)
        return () => clearInterval(ticking)
    }, [until])
    if (until === null) {
        const start = `${messages.moves.sheet.start}: ${minutes < 10 ? minutes : Math.round(minutes)} min`
        return (
            <Button
                variant="plain"
                className="no-print"
                aria-label={`${start}, ${name}`}
                onClick={() => {
                    setNow(Date.now())
                    setUntil(Date.now() + minutes * MINUTE)
                }}
            >
                {start}
            </Button>
        )
    }
    const left = Math.max(0, until - now)
    const text = `${Math.floor(left / MINUTE)}:${String(Math.floor((left % MINUTE) / SECOND)).padStart(2, '0')}`
    return (
        <chakra.span role="timer" fontWeight={700} color={left === 0 ? 'over' : 'close'}>
            {left === 0 ? messages.moves.sheet.over : messages.moves.sheet.left({ text })}
        </chakra.span>
    )
}
