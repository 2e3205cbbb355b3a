import { massWords } from '../units/mass'
import { messages } from '../messages'
import { weighUpWords } from '../messages/weighUp'
import { speciesShareWords, lengthRange, nextWords, knownWords, paceWords } from './sentences'
import { Box, Button, chakra } from '@chakra-ui/react'
import type { FishSheet } from '../api/types'
import { Fact } from '../frame/Fact'
import { useKeeper, useUnit } from '../frame/keeper'
import { shortDay } from '../units/day'
import { bare, measured, projected } from '../units/length'
import { CircumstancesDialog } from './CircumstancesDialog'
import { IdentityDialog } from './IdentityDialog'
import { TemperFact } from './TemperFact'
import { useKeeping } from './useKeeping'

const { facts } = messages.fish

const LAST = 3

/** What is known besides the picture, and what happened lately. */
export function Facts({ sheet }: { sheet: FishSheet }) {
    const { fish, knowledge } = sheet
    return (
        <Box>
            {knowledge.stall === 'stalled' && (
                <chakra.p color="close" fontWeight={600} paddingBottom="10px">
                    {messages.fish.stalled({ n: fish.count, name: fish.name })}{' '}
                    {knowledge.is_cramped && messages.fish.cramped}
                </chakra.p>
            )}
            <Box as="dl" borderTop="1.6px solid" borderColor="ink">
                <Identity sheet={sheet} />
                <Growth sheet={sheet} />
                <Keeping sheet={sheet} />
            </Box>
        </Box>
    )
}

/** What it is and where it lives. */
function Identity({ sheet }: { sheet: FishSheet }) {
    const { fish, today, identity } = sheet
    const unit = useUnit()
    const stay = sheet.stays.at(-1)
    const before = sheet.measurements
        .slice(-LAST)
        .reverse()
        .map(({ length_mm }) => (length_mm / unit.mm).toFixed(1))
    return (
        <>
            <Fact name={facts.before}>
                {before.length === 0 ? messages.fish.notMeasured : `${before.join(', ')} ${unit.word}`}
            </Fact>
            <Fact name={facts.species}>
                {speciesShareWords(sheet.knowledge)}
                {identity.sex !== null && `, ${identity.sex}`}{' '}
                <chakra.i fontWeight={400} color="ink2">
                    {sheet.scientific_name}
                    {sheet.length_kind === 'disc' && `, ${messages.fish.disc}`}
                </chakra.i>{' '}
                <IdentityDialog sheet={sheet} />
            </Fact>
            {stay !== undefined && (
                <Fact name={facts.home}>
                    {messages.fish.since({ home: stay.name, day: shortDay(stay.from, today) })}
                </Fact>
            )}
            {fish.is_shoal && <Fact name={facts.count}>{fish.count}</Fact>}
        </>
    )
}

/** How it grows, and how that is known. */
function Growth({ sheet }: { sheet: FishSheet }) {
    const { fish, knowledge, keeping } = sheet
    const unit = useUnit()
    const { units } = useKeeper()
    return (
        <>
            <Fact term="pace" name={facts.pace}>
                {sheet.pace === null || sheet.pace_class === null
                    ? messages.fish.noPace
                    : paceWords(sheet.pace_class, sheet.pace)}
            </Fact>
            <Fact term="known" name={facts.known}>
                {knownWords(knowledge.from_own, knowledge.from_kin, knowledge.from_species, knowledge.kin)}
            </Fact>
            {fish.is_shoal && (
                <Fact name={facts.members}>
                    {messages.fish.members({
                        smallest: bare(knowledge.smallest_mm, unit),
                        largest: projected(knowledge.largest_mm, unit),
                    })}
                </Fact>
            )}
            {knowledge.mass_g !== null && (
                <Fact term="mass" name={facts.mass}>
                    {massWords(knowledge.mass_g, units)}
                </Fact>
            )}
            <Fact term="index" name={facts.index}>
                {messages.fish.indexWords({
                    own: knowledge.performance.toFixed(2),
                    species: knowledge.species_performance.toFixed(2),
                })}
            </Fact>
            <Fact term="adult" name={facts.adult}>
                {lengthRange(sheet.adult_mm, unit)}
                {keeping.adult_mm !== null && <StatedAdult sheet={sheet} adultMm={keeping.adult_mm} />}
            </Fact>
        </>
    )
}

/** How it is kept, and what becomes of it. */
function Keeping({ sheet }: { sheet: FishSheet }) {
    const { fish, today, circumstances } = sheet
    return (
        <>
            <Fact name={facts.fed}>{messages.labels.rations[sheet.keeping.ration]}</Fact>
            <Fact name={facts.origin}>
                {[
                    weighUpWords.origins[circumstances.origin ?? ''],
                    `${facts.purpose.toLowerCase()} ${weighUpWords.purposes[circumstances.purpose]}`,
                ].join(', ')}{' '}
                {sheet.young_of} <CircumstancesDialog sheet={sheet} />
            </Fact>
            <TemperFact sheet={sheet} />
            <Fact term="rehoming" name={facts.fallback}>
                {circumstances.fallback ?? messages.fish.noFallback}
            </Fact>
            {fish.leaves !== null && (
                <Fact term="nextHome" name={facts.next}>
                    {nextWords(fish, today)}
                </Fact>
            )}
        </>
    )
}

/** The adult size that its keeper stated, with a way back to what is said of its species. */
function StatedAdult({ sheet, adultMm }: { sheet: FishSheet; adultMm: number }) {
    const keeping = useKeeping(sheet)
    const unit = useUnit()
    return (
        <>
            {' '}
            <chakra.i fontWeight={400} color="ink2">
                {messages.fish.stated({ length: measured(adultMm, unit) })}
            </chakra.i>{' '}
            <Button
                variant="plain"
                fontSize="note"
                onClick={() => keeping.save({ ration: sheet.keeping.ration, adult: null })}
            >
                {messages.fish.asItsSpecies}
            </Button>
        </>
    )
}
