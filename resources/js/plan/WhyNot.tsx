import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { whyNotQuery } from '../api/queries'
import { Refused } from '../api/refused'
import type { PlanPage } from '../api/types'
import { Fold } from '../frame/Fold'
import { ChoiceField } from '../entry/fields'
import { messages } from '../messages'
import { planWords } from '../messages/plan'
import { addDays, longDay } from '../units/day'

const words = planWords.whyNot

/** What stands against one fish in another home on the day that is read. */
export function WhyNot({
    page,
    plan: id,
    day,
    onTry,
}: {
    page: PlanPage
    /** The plan that is asked about; null: the one that is followed, or things as they are. */
    plan: number | null
    day: number
    /** Fish, lane and day. */
    onTry: (fish: number, key: string, on: string) => void
}) {
    const [fish, setFish] = useState('')
    const [home, setHome] = useState('')
    const on = addDays(page.date, day)
    const plan = id === null ? {} : { plan_id: id }
    const answer = useQuery(
        whyNotQuery(fish === '' || home === '' ? null : { fish_id: Number(fish), key: home, on, ...plan }),
    )
    const names = new Map(
        page.bands.filter(({ is_part }) => !is_part).map((band) => [String(band.fish_id), band.name]),
    )
    return (
        <Fold title={words.title}>
            <Box
                display="grid"
                gridTemplateColumns="repeat(auto-fit, minmax(160px, 1fr))"
                gap="12px"
                paddingTop="10px"
            >
                <ChoiceField
                    label={words.fish}
                    value={fish}
                    onChange={setFish}
                    options={[
                        { value: '', text: words.choose },
                        ...[...names].map(([value, text]) => ({ value, text })),
                    ]}
                />
                <ChoiceField
                    label={words.home}
                    value={home}
                    onChange={setHome}
                    options={[
                        { value: '', text: words.choose },
                        ...page.lanes.map(({ key, name }) => ({ value: key, text: name })),
                    ]}
                />
            </Box>
            <Box role="status" minHeight="30px" paddingTop="8px">
                {answer.data !== undefined && fish !== '' && home !== '' && (
                    <p>
                        <b>{longDay(on, page.date)}: </b>
                        {answer.data.sentences.join(' ')}
                    </p>
                )}
                {answer.error !== null && (
                    <chakra.p color="over">
                        {answer.error instanceof Refused ? answer.error.message : messages.frame.unreachable}
                    </chakra.p>
                )}
            </Box>
            <Button
                className="no-print"
                disabled={fish === '' || home === '' || fish === '0'}
                onClick={() => onTry(Number(fish), home, on)}
            >
                {planWords.tried.tryIt}
            </Button>
        </Fold>
    )
}
