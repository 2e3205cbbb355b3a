import { messages } from '../messages'
import { weighUpWords } from '../messages/weighUp'
import { Box, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { FishSheet } from '../api/types'
import { Fold } from '../frame/Fold'
import { ChainList } from '../weighup/ChainList'
import { nextSentence } from './sentences'

/** What the rules of housing say of its home today, and the homes ahead. */
export function Housing({ sheet }: { sheet: FishSheet }) {
    const { fish } = sheet
    const here = sheet.judgements.find((one) => one.system_id === fish.home.system_id)
    const failing = here?.verdicts.filter((one) => !one.passes || one.set_aside !== null) ?? []
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) minmax(0, 1fr)' }}
            gap="24px"
            padding={{ base: '20px 2px 0', md: '24px 10px 0' }}
        >
            <Fold
                title={messages.fish.housing}
                says={failing.length === 0 ? messages.fish.passes : failing[0]?.sentence}
            >
                {failing.length === 0 && (
                    <chakra.p paddingTop="6px" color="fit" fontWeight={600}>
                        {messages.fish.passes}
                    </chakra.p>
                )}
                <ul>
                    {failing.map((one) => (
                        <chakra.li
                            key={one.rule}
                            borderBottom="1px solid"
                            borderColor="rule"
                            paddingBlock="6px"
                        >
                            <chakra.span
                                fontWeight={600}
                                color={one.passes || one.is_advice ? 'ink' : 'over'}
                            >
                                {one.sentence}
                            </chakra.span>{' '}
                            <chakra.span color="ink2">{one.set_aside ?? one.change}</chakra.span>
                        </chakra.li>
                    ))}
                </ul>
            </Fold>
            <Fold title={messages.fish.homesAhead} says={nextSentence(fish, sheet.today)}>
                <ChainList chain={sheet.chain} count={sheet.fish.count} />
                <Box color="ink2" fontSize="note" paddingTop="4px">
                    {weighUpWords.chainNote}
                </Box>
                <Link
                    to="/systems/$id/suitable-species"
                    params={{ id: fish.home.system_id }}
                    search={{ fish: fish.name }}
                >
                    {weighUpWords.askWith}
                </Link>
            </Fold>
        </Box>
    )
}
