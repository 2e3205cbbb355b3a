import { movesWords } from '../messages/moves'
import { Box, Button, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { useEffect } from 'react'
import type { RunningClock } from './clocks'
import { stopClock, timeLeft, useClocks } from './clocks'
import { useNow } from './useNow'

const BEEPS = 3
const HIGH = 880

/** Three short tones; a browser that plays none shows the clock all the same. */
function sound(): void {
    try {
        const audio = new AudioContext()
        for (let i = 0; i < BEEPS; i++) {
            const tone = audio.createOscillator()
            tone.frequency.value = HIGH
            tone.connect(audio.destination)
            tone.start(audio.currentTime + i * 0.5)
            tone.stop(audio.currentTime + i * 0.5 + 0.25)
        }
    } catch {
        // Nothing to hear.
    }
}

/** The clocks that run, on every page. */
export function RunningClocks() {
    const now = useNow()
    return (
        <Box as="ul" aria-label={movesWords.sheet.clocks} marginInline="14px" className="no-print">
            {useClocks().map((clock) => (
                <Line key={`${clock.sheet} ${clock.step}`} clock={clock} now={now} />
            ))}
        </Box>
    )
}

function Line({ clock, now }: { clock: RunningClock; now: number }) {
    const isOver = now >= clock.until
    useEffect(() => {
        if (isOver) {
            sound()
        }
    }, [isOver])
    return (
        <chakra.li
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            columnGap="12px"
            borderBottom="1px solid"
            borderColor="rule"
        >
            <chakra.span
                role="timer"
                aria-live={isOver ? 'assertive' : 'off'}
                fontWeight={800}
                color={isOver ? 'over' : 'close'}
            >
                {isOver ? movesWords.sheet.over : movesWords.sheet.left({ text: timeLeft(clock.until, now) })}
            </chakra.span>
            {clock.sheet === null ? (
                <span>{clock.name}</span>
            ) : (
                <Link to="/moves/$id" params={{ id: clock.sheet }}>
                    {clock.name}
                </Link>
            )}
            <Button
                variant="plain"
                aria-label={`${movesWords.sheet.stop}: ${clock.name}`}
                onClick={() => stopClock(clock.sheet, clock.step)}
            >
                {movesWords.sheet.stop}
            </Button>
        </chakra.li>
    )
}
