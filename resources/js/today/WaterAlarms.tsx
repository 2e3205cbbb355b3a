import { Fold } from '../frame/Fold'
import { messages } from '../messages'
import { joined } from '../messages/joined'
import { Box, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { SystemSheet } from '../api/types'

/** Waters that want a hand, urgent ones first, then in walking order. */
export function WaterAlarms({ systems }: { systems: readonly SystemSheet[] }) {
    const all = systems
        .flatMap((system) => system.water.alarms.map((alarm) => ({ system, alarm })))
        .sort((a, b) => Number(b.alarm.is_urgent) - Number(a.alarm.is_urgent))
    if (all.length === 0) {
        return null
    }
    return (
        <Fold
            title={messages.today.waterTitle}
            says={joined([...new Set(all.map(({ system }) => system.name))])}
        >
            <chakra.ol>
                {all.map(({ system, alarm }) => (
                    <chakra.li
                        key={`${system.id} ${alarm.quantity}`}
                        paddingBlock="8px"
                        borderBottom="1px solid"
                        borderColor="rule"
                    >
                        <Link to="/systems/$id" params={{ id: system.id }} search={{ sheet: 'water' }}>
                            {system.walk_order} {system.name}
                        </Link>
                        {': '}
                        <chakra.span fontWeight={700} color={alarm.is_urgent ? 'over' : 'close'}>
                            {alarm.sentence}
                        </chakra.span>
                        <Box color="ink2">{alarm.next_step}</Box>
                    </chakra.li>
                ))}
            </chakra.ol>
        </Fold>
    )
}
