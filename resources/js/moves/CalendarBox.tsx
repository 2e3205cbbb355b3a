import { messages } from '../messages'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { calendarQuery } from '../api/queries'
import { Section } from '../frame/Section'
import { useWrite } from '../entry/useWrite'

/** The address of the private calendar feed. */
export function CalendarBox() {
    const address = useQuery(calendarQuery).data?.url ?? null
    const make = useWrite(
        'POST',
        '/api/v1/calendar',
        {},
        {
            notice: () => messages.moves.calendar.made,
        },
    )
    const close = useWrite(
        'DELETE',
        '/api/v1/calendar',
        {},
        {
            notice: () => messages.moves.calendar.closed,
        },
    )
    return (
        <Section title={messages.moves.calendar.title}>
            <chakra.p color="ink2" paddingTop="8px">
                {messages.moves.calendar.help}
            </chakra.p>
            {address !== null && (
                <chakra.code
                    display="block"
                    fontFamily="mono"
                    fontSize="15px"
                    background="fresh"
                    border="1.6px solid"
                    borderColor="edge"
                    padding="10px"
                    marginTop="8px"
                    overflowWrap="anywhere"
                    userSelect="all"
                >
                    {address}
                </chakra.code>
            )}
            <Box display="flex" gap="10px" paddingTop="10px" flexWrap="wrap">
                <Button onClick={() => make.save(undefined)}>
                    {address === null ? messages.moves.calendar.make : messages.moves.calendar.again}
                </Button>
                {address !== null && (
                    <Button variant="plain" onClick={() => close.save(undefined)}>
                        {messages.moves.calendar.close}
                    </Button>
                )}
            </Box>
        </Section>
    )
}
