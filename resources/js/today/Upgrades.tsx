import { Fold } from '../frame/Fold'
import { messages } from '../messages'
import { fishSentence, nextSentence } from '../fish/sentences'
import { Box, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { FishRow } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'

const SHOWN = 6

/** Who outgrows what when, and where it could go. */
export function Upgrades({ fish, today }: { fish: readonly FishRow[]; today: string }) {
    const [first] = fish
    return (
        <Fold
            title={messages.today.upgrades}
            says={first === undefined ? messages.today.noUpgrades : fishSentence(first, today, today)}
        >
            {fish.length === 0 && (
                <Box paddingBlock="10px" color="ink2">
                    {messages.today.noUpgrades}
                </Box>
            )}
            <chakra.ol>
                {fish.slice(0, SHOWN).map((one) => (
                    <chakra.li
                        key={one.id}
                        display="grid"
                        gridTemplateColumns="28px minmax(0, 1fr)"
                        paddingBlock="8px"
                        borderBottom="1px solid"
                        borderColor="rule"
                    >
                        <Box paddingTop="2px">
                            <MarkIcon band={one.band} />
                        </Box>
                        <Box>
                            <Link to="/fish/$id" params={{ id: one.id }}>
                                {fishSentence(one, today, today)}
                            </Link>
                            <Box color="ink2">{nextSentence(one, today)}</Box>
                        </Box>
                    </chakra.li>
                ))}
            </chakra.ol>
            {fish.length > SHOWN && (
                <Box paddingBlock="10px">
                    <Link to="/fish">{messages.today.moreUpgrades({ n: fish.length - SHOWN })}</Link>
                </Box>
            )}
        </Fold>
    )
}
