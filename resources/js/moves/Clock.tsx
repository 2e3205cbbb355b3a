import { Button, chakra } from '@chakra-ui/react'
import { movesWords } from '../messages/moves'
import { startClock, useClocks } from './clocks'

const MINUTE = 60 * 1000

/** Runs down wherever the keeper goes meanwhile: it stands at the head of every page. */
export function Clock({
    minutes,
    sheet,
    step,
    name,
}: {
    minutes: number
    /** Null: of no move sheet. */
    sheet: number | null
    step: string
    name: string
}) {
    const running = useClocks().some((one) => one.sheet === sheet && one.step === step)
    if (running) {
        return <chakra.span color="ink2">{movesWords.sheet.running}</chakra.span>
    }
    const start = movesWords.sheet.startFor({ minutes: minutes < 10 ? minutes : Math.round(minutes) })
    return (
        <Button
            variant="plain"
            className="no-print"
            aria-label={`${start}, ${name}`}
            onClick={() => startClock({ sheet, step, name, until: Date.now() + minutes * MINUTE })}
        >
            {start}
        </Button>
    )
}
