import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { write } from '../api/client'
import { formerSystemsQuery } from '../api/queries'
import type { FormerSystem } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { useWrite } from '../entry/useWrite'
import { systemsWords } from '../messages/systems'
import { longDay } from '../units/day'

/** Those that are homes no more: their pages stay, and they can be used again. */
export function FormerSystems() {
    const former = useQuery(formerSystemsQuery).data ?? []
    return former.length === 0 ? null : (
        <Box padding={{ base: '0 0 24px', md: '0 10px 24px' }}>
            <Section title={systemsWords.former}>
                <ul>
                    {former.map((one) => (
                        <Former key={one.id} system={one} />
                    ))}
                </ul>
            </Section>
        </Box>
    )
}

function Former({ system: { id, name, retired_on } }: { system: FormerSystem }) {
    const { today } = useKeeper()
    const again = useWrite(
        'DELETE',
        '/api/v1/systems/{system}/retirement',
        { system: id },
        {
            notice: () => systemsWords.usedAgain({ name }),
            undo: () => write('POST', '/api/v1/systems/{system}/retirement', { system: id }),
        },
    )
    return (
        <chakra.li
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            columnGap="14px"
            borderBottom="1px solid"
            borderColor="rule"
        >
            <Link to="/systems/$id" params={{ id }}>
                {name}
            </Link>
            {retired_on !== null && systemsWords.outOfUse({ day: longDay(retired_on, today) })}
            <Button variant="plain" disabled={again.isSaving} onClick={() => again.save(undefined)}>
                {systemsWords.useAgain}
            </Button>
        </chakra.li>
    )
}
