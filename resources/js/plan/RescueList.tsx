import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { rescueQuery } from '../api/queries'
import type { RescueSheet } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'
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
            <chakra.ol paddingLeft="24px" paddingBlock="8px">
                {sheet.fish.map((fish) => (
                    <chakra.li key={fish.fish_id} paddingBottom="8px">
                        <MarkIcon band={fish.band} />{' '}
                        <b>{fish.count > 1 ? `${fish.count} ${fish.name}` : fish.name}</b>{' '}
                        {fish.home === null ? words.tub : words.to({ home: fish.home })}
                        {fish.home !== null && `, ${untilOf(fish, today)}`}
                        {fish.because !== null && <chakra.p color="ink2">{fish.because}</chakra.p>}
                    </chakra.li>
                ))}
            </chakra.ol>
            <chakra.p color="ink2" fontSize="note">
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

function untilOf({ until, is_stopgap }: RescueSheet['fish'][number], today: string): string {
    if (until === null) {
        return words.open
    }
    return (is_stopgap ? words.stopgap : words.byDay)({ day: longDay(until, today) })
}
