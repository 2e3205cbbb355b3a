import { movesWords } from '../messages/moves'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { calendarQuery } from '../api/queries'
import { Section } from '../frame/Section'
import { ToCopy } from '../frame/ToCopy'
import { useWrite } from '../entry/useWrite'

/** The address of the private calendar feed. */
export function CalendarBox() {
    const address = useQuery(calendarQuery).data?.url ?? null
    const make = useWrite(
        'POST',
        '/api/v1/calendar',
        {},
        {
            notice: () => movesWords.calendar.made,
        },
    )
    const close = useWrite(
        'DELETE',
        '/api/v1/calendar',
        {},
        {
            notice: () => movesWords.calendar.closed,
        },
    )
    return (
        <Section title={movesWords.calendar.title}>
            <chakra.p color="ink2" paddingTop="8px">
                {movesWords.calendar.help}
            </chakra.p>
            {address !== null && (
                <Box paddingTop="8px">
                    <ToCopy>{address}</ToCopy>
                </Box>
            )}
            <Box display="flex" gap="10px" paddingTop="10px" flexWrap="wrap">
                <Button onClick={() => make.save(undefined)}>
                    {address === null ? movesWords.calendar.make : movesWords.calendar.again}
                </Button>
                {address !== null && (
                    <Button variant="plain" onClick={() => close.save(undefined)}>
                        {movesWords.calendar.close}
                    </Button>
                )}
            </Box>
        </Section>
    )
}
