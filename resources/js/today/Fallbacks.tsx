import { messages } from '../messages'
import { joined } from '../messages/joined'
import { chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { Today } from '../api/types'
import { Fold } from '../frame/Fold'

const SHOWN = 4

/** Fish that need a place to go to if they cannot stay, and have none. */
export function Fallbacks({ wanted }: { wanted: Today['fallbacks'] }) {
    if (wanted.length === 0) {
        return null
    }
    return (
        <Fold title={messages.today.fallbacks} says={joined(wanted.map(({ name }) => name))}>
            <ul>
                {wanted.slice(0, SHOWN).map((one) => (
                    <chakra.li
                        key={one.fish_id}
                        borderBottom="1px solid"
                        borderColor="rule"
                        paddingBlock="6px"
                    >
                        <Link to="/fish/$id" params={{ id: one.fish_id }}>
                            {one.name}
                        </Link>
                        : {one.reason}.
                    </chakra.li>
                ))}
            </ul>
            {wanted.length > SHOWN && (
                <chakra.p color="ink2" paddingTop="4px">
                    {messages.today.moreFallbacks({ n: wanted.length - SHOWN })}
                </chakra.p>
            )}
        </Fold>
    )
}
