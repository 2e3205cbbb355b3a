import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { rescueQuery } from '../api/queries'
import type { RescueSheet } from '../api/types'
import { Figures } from '../frame/Figures'
import { useKeeper } from '../frame/keeper'
import { planWords } from '../messages/plan'
import { longDay } from '../units/day'

const words = planWords.rescue
const HOURS_FROM = 120

/** A system fails tonight: everybody out, in this order, to these homes. */
export function RescueList({ system }: { system: number }) {
    const { today } = useKeeper()
    const sheet = useQuery(rescueQuery(system)).data
    if (sheet === undefined) {
        return null
    }
    return (
        <Box role="status" paddingTop="8px">
            <p>
                <b>{timeOf(sheet)}</b>
            </p>
            {sheet.fish.length > 0 && (
                <Figures
                    columns={[words.order, words.who, words.where, words.until, words.why]}
                    rows={sheet.fish.map((fish, i) => [
                        i + 1,
                        fish.count > 1 ? `${fish.count} ${fish.name}` : fish.name,
                        fish.home ?? words.tub,
                        untilOf(fish, today),
                        fish.because ?? '',
                    ])}
                />
            )}
            <chakra.p color="ink2" fontSize="15px">
                {words.caution}
            </chakra.p>
        </Box>
    )
}

function timeOf({ system, fish, minutes_left: minutes }: RescueSheet): string {
    if (fish.length === 0) {
        return words.nobody({ home: system })
    }
    if (minutes === null) {
        return words.long({ home: system })
    }
    return words.left({
        home: system,
        time:
            minutes < HOURS_FROM
                ? words.minutes({ count: minutes })
                : words.hours({ count: Math.floor(minutes / 60) }),
    })
}

function untilOf({ home, until, is_stopgap }: RescueSheet['fish'][number], today: string): string {
    if (home === null) {
        return ''
    }
    if (until === null) {
        return words.open
    }
    return (is_stopgap ? words.stopgap : words.byDay)({ day: longDay(until, today) })
}
