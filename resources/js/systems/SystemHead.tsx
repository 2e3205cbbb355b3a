import { chakra, Box } from '@chakra-ui/react'
import type { SystemPage as Page } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { systemsWords } from '../messages/systems'
import { longDay } from '../units/day'
import { temperature } from '../units/temperature'
import { volume } from '../units/volume'
import { planSentence } from './planSentence'

interface Props {
    page: Page
    /** Of the plan: which of its dates is meant. */
    at: number
}

/** What there is to say of a home on a date, over each of its sheets. */
export function SystemHead({ page, at }: Props) {
    const { system, plan } = page
    const { today, units } = useKeeper()
    const date = plan.dates[at] ?? today
    const names = new Map(system.fish.map((fish) => [fish.id, fish.name]))
    const fullest = Math.max(plan.bottom[at] ?? 0, plan.middle[at] ?? 0, plan.top[at] ?? 0)
    return (
        <>
            <SheetHead
                sentence={headline(
                    system,
                    date === today,
                    planSentence({ system, names, fish: plan.fish, at, date, today, fullest }),
                )}
                comment={
                    system.available_from === null
                        ? about(page, units, date === today)
                        : `${systemsWords.notYet({ day: longDay(system.available_from, today) })} ${about(page, units, date === today)}`
                }
            />
            <Alarms page={page} />
        </>
    )
}

/** Water that cannot hold its fish comes before their room. */
const headline = (system: Page['system'], isToday: boolean, room: string): string =>
    isToday && system.water.is_too_many ? `${system.water.change_sentence ?? ''} ${room}` : room

/** What the headline of today says already is not said again. */
function about({ system }: Page, units: Parameters<typeof volume>[1], isToday: boolean): string {
    const parts = [
        system.temperature_c === null ? '' : temperature(system.temperature_c, units),
        volume(system.water_litres, units),
        system.water.is_too_many && isToday ? '' : (system.water.change_sentence ?? ''),
        system.water.filter_sentence ?? '',
    ]
    return parts
        .filter((part) => part !== '')
        .map((part) => (part.endsWith('.') ? part : `${part}.`))
        .join(' ')
}

/** What must not wait stands right under the sentence. */
function Alarms({ page }: { page: Page }) {
    const urgent = page.system.water.alarms.filter((alarm) => alarm.is_urgent)
    return urgent.map((alarm) => (
        <Box
            key={alarm.sentence}
            role="alert"
            borderInlineStart="6px solid"
            borderColor="over"
            paddingInlineStart="12px"
            margin="10px 10px 0"
        >
            <chakra.p color="over" fontWeight={700}>
                {alarm.sentence}
            </chakra.p>
            <p>{alarm.next_step}</p>
        </Box>
    ))
}
