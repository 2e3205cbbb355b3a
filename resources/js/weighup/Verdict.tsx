import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { SpeciesRow, Weighed } from '../api/types'
import { Fact } from '../frame/Fact'
import { useUnit } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { massWords } from '../units/length'
import { acquireWords as said } from '../words/acquire'
import { lengthRange } from '../words/en'
import { AcquireForm } from './AcquireForm'
import type { CandidateTyped } from './candidate'
import { ChainList } from './ChainList'
import { ChainPicture } from './ChainPicture'

const ADVICE_COLOUR = { take: 'fit', 'only-if': 'close', 'do-not': 'over' } as const

interface Props {
    weighed: Weighed
    species: SpeciesRow
    typed: CandidateTyped
    /** Beside another: the sentence stands over each. */
    isHeaded: boolean
}

/** What would come of one candidate: the homes to scale, then the figures. */
export function Verdict({ weighed, species, typed, isHeaded }: Props) {
    const [isComing, setComing] = useState(false)
    const unit = useUnit()
    const { upkeep } = weighed
    return (
        <Box display="flex" flexDirection="column" gap="18px" aria-live="polite" minWidth={0}>
            {isHeaded && (
                <chakra.h2 fontSize="19px" fontWeight={800} color={ADVICE_COLOUR[weighed.advice]}>
                    {species.common_name}. {weighed.sentence}
                </chakra.h2>
            )}
            <ChainPicture chain={weighed.chain} species={species} adult={weighed.adult_mm} />
            <Box
                display="grid"
                gridTemplateColumns={{
                    base: 'minmax(0, 1fr)',
                    lg: isHeaded ? 'minmax(0, 1fr)' : 'minmax(0, 1fr) minmax(0, 1fr)',
                }}
                gap="24px"
            >
                <Section title={said.chain}>
                    <ChainList chain={weighed.chain} />
                </Section>
                <Box display="flex" flexDirection="column" gap="16px">
                    <Box as="dl" borderTop="1.6px solid" borderColor="ink">
                        <Fact name={said.facts.adult}>{lengthRange(weighed.adult_mm, unit)}</Fact>
                        {weighed.lifespan !== null && (
                            <Fact name={said.facts.life}>
                                {said.years(weighed.lifespan.low, weighed.lifespan.high)}
                            </Fact>
                        )}
                        {upkeep !== null && (
                            <>
                                <Fact name={said.facts.mass}>{massWords(upkeep.adult_mass_g)}</Fact>
                                <Fact name={said.facts.food}>{said.feed(upkeep.feed_g_per_day)}</Fact>
                                {upkeep.weekly_change > 0 && (
                                    <Fact name={said.facts.change}>{said.change(upkeep.weekly_change)}</Fact>
                                )}
                            </>
                        )}
                        <Fact name={said.facts.quarantine}>
                            {weighed.quarantine_days === 0
                                ? said.noQuarantine
                                : said.quarantineDays(weighed.quarantine_days, weighed.quarantine_home)}
                        </Fact>
                        {upkeep !== null && <Fact name={said.facts.cost}>{said.cost(upkeep)}</Fact>}
                    </Box>
                    <Section title={said.cautions}>
                        <ul>
                            {weighed.cautions.map((one) => (
                                <chakra.li
                                    key={one}
                                    paddingBlock="4px"
                                    borderBottom="1px solid"
                                    borderColor="rule"
                                >
                                    {one}
                                </chakra.li>
                            ))}
                        </ul>
                        <chakra.p color="ink2" fontSize="15px" paddingTop="4px">
                            {said.cautionsNote}
                        </chakra.p>
                    </Section>
                    <Button
                        variant={weighed.advice === 'do-not' ? 'outline' : 'solid'}
                        alignSelf="start"
                        onClick={() => setComing(true)}
                    >
                        {said.acquire}
                    </Button>
                </Box>
            </Box>
            <PaperDialog
                title={said.acquireTitle(species.common_name)}
                open={isComing}
                onClose={() => setComing(false)}
            >
                <AcquireForm
                    species={species}
                    typed={typed}
                    weighed={weighed}
                    onDone={() => setComing(false)}
                />
            </PaperDialog>
        </Box>
    )
}
