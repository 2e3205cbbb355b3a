import { costWords, quarantineWords } from './sentences'
import { percent } from '../units/share'
import { weighUpWords } from '../messages/weighUp'
import { lengthRange } from '../fish/sentences'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { SpeciesRow, Weighed } from '../api/types'
import { Fact } from '../frame/Fact'
import { useKeeper, useUnit } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { dailyMass, massWords } from '../units/mass'
import { AcquireForm } from './AcquireForm'
import { ADVICE_COLOUR } from './adviceColour'
import { Unsure } from './Unsure'
import type { CandidateTyped, Perhaps } from './candidate'
import { ChainList } from './ChainList'
import { ChainPicture } from './ChainPicture'

interface Props {
    weighed: Weighed
    species: SpeciesRow
    typed: CandidateTyped
    /** What else it may be. */
    perhaps: readonly Perhaps[]
    /** The species that the chain is of: the worst of those that it may be. */
    worst: SpeciesRow
    /** Beside another: the sentence stands over each. */
    isHeaded: boolean
}

/** What would come of one candidate: the homes to scale, then the figures. */
export function Verdict({ weighed, species, typed, perhaps, worst, isHeaded }: Props) {
    const [isComing, setComing] = useState(false)
    return (
        <Box display="flex" flexDirection="column" gap="16px" aria-live="polite" minWidth={0}>
            {isHeaded && (
                <chakra.h2 fontSize="part" fontWeight={800} color={ADVICE_COLOUR[weighed.advice]}>
                    {species.common_name}. {weighed.sentence}
                </chakra.h2>
            )}
            {weighed.unsure !== null && <Unsure unsure={weighed.unsure} />}
            <ChainPicture chain={weighed.chain} species={worst} adult={weighed.adult_mm} />
            <Box
                display="grid"
                gridTemplateColumns={{
                    base: 'minmax(0, 1fr)',
                    lg: isHeaded ? 'minmax(0, 1fr)' : 'minmax(0, 1fr) minmax(0, 1fr)',
                }}
                gap="24px"
            >
                <Section title={weighUpWords.chain}>
                    <ChainList chain={weighed.chain} count={Number(typed.count)} />
                </Section>
                <Box display="flex" flexDirection="column" gap="16px">
                    <Figures weighed={weighed} />
                    <Cautions cautions={weighed.cautions} />
                    <Button
                        variant={weighed.advice === 'do-not' ? 'outline' : 'solid'}
                        alignSelf="start"
                        onClick={() => setComing(true)}
                    >
                        {weighUpWords.acquire}
                    </Button>
                </Box>
            </Box>
            <PaperDialog
                title={weighUpWords.acquireTitle({ kind: species.common_name })}
                open={isComing}
                onClose={() => setComing(false)}
            >
                <AcquireForm
                    species={species}
                    typed={typed}
                    perhaps={perhaps}
                    weighed={weighed}
                    onDone={() => setComing(false)}
                />
            </PaperDialog>
        </Box>
    )
}

/** What it comes to: size, life, food, water and money. */
function Figures({ weighed }: { weighed: Weighed }) {
    const unit = useUnit()
    const { units, currency } = useKeeper()
    const { upkeep } = weighed
    return (
        <Box as="dl" borderTop="1.6px solid" borderColor="ink">
            <Fact term="adult" name={weighUpWords.facts.adult}>
                {lengthRange(weighed.adult_mm, unit)}
            </Fact>
            {weighed.lifespan !== null && (
                <Fact name={weighUpWords.facts.life}>
                    {weighUpWords.years({
                        low: weighed.lifespan.low,
                        high: weighed.lifespan.high,
                    })}
                </Fact>
            )}
            {upkeep !== null && (
                <>
                    <Fact term="mass" name={weighUpWords.facts.mass}>
                        {massWords(upkeep.adult_mass_g, units)}
                    </Fact>
                    <Fact name={weighUpWords.facts.food}>
                        {weighUpWords.feed({ mass: dailyMass(upkeep.feed_g_per_day, units) })}
                    </Fact>
                    {upkeep.weekly_change > 0 && (
                        <Fact term="change" name={weighUpWords.facts.change}>
                            {weighUpWords.change({
                                share: percent(Math.max(0.01, upkeep.weekly_change)),
                            })}
                        </Fact>
                    )}
                </>
            )}
            <Fact term="quarantine" name={weighUpWords.facts.quarantine}>
                {weighed.quarantine_days === 0 ? weighUpWords.noQuarantine : quarantineWords(weighed)}
            </Fact>
            {upkeep !== null && <Fact name={weighUpWords.facts.cost}>{costWords(upkeep, currency)}</Fact>}
        </Box>
    )
}

function Cautions({ cautions }: { cautions: readonly string[] }) {
    return (
        <Section title={weighUpWords.cautions}>
            <ul>
                {cautions.map((one) => (
                    <chakra.li key={one} paddingBlock="4px" borderBottom="1px solid" borderColor="rule">
                        {one}
                    </chakra.li>
                ))}
            </ul>
            <chakra.p color="ink2" fontSize="note" paddingTop="4px">
                {weighUpWords.cautionsNote}
            </chakra.p>
        </Section>
    )
}
