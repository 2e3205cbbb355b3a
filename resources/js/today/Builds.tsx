import { longDay } from '../units/day'
import { messages } from '../messages'
import { chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { Today } from '../api/types'
import { Fold } from '../frame/Fold'

const SHOWN = 5

/** Everything that must be built, for all fish together, soonest to begin first. */
export function Builds({ builds, today }: { builds: Today['builds']; today: string }) {
    const [first] = builds
    if (first === undefined) {
        return null
    }
    return (
        <Fold
            title={messages.today.builds}
            says={messages.today.buildLine({ what: first.build.what, who: first.name })}
        >
            <ul>
                {builds.slice(0, SHOWN).map(({ fish_id: id, name, build }) => (
                    <chakra.li key={id} borderBottom="1px solid" borderColor="rule" paddingBlock="6px">
                        <Link to="/fish/$id" params={{ id }}>
                            {messages.today.buildLine({ what: build.what, who: name })}
                        </Link>
                        <chakra.span display="block" color="ink2">
                            {messages.today.buildBy({
                                begin: longDay(build.begin, today),
                                by: longDay(build.by, today),
                            })}
                        </chakra.span>
                    </chakra.li>
                ))}
            </ul>
            {builds.length > SHOWN && (
                <chakra.p color="ink2" paddingTop="4px">
                    {messages.today.moreBuilds({ n: builds.length - SHOWN })}
                </chakra.p>
            )}
        </Fold>
    )
}
