import { Box, Button, chakra } from '@chakra-ui/react'
import type { FishSheet } from '../api/types'
import { Fact } from '../frame/Fact'
import { useUnit } from '../frame/keeper'
import { shortDay } from '../units/day'
import { bare, massWords, measured, projected } from '../units/length'
import { acquireWords } from '../words/acquire'
import { CircumstancesDialog } from './CircumstancesDialog'
import { IdentityDialog } from './IdentityDialog'
import { useKeeping } from './useKeeping'
import { speciesShareWords, lengthRange, logSentence, rations, windowWords, words } from '../words/en'

const LAST = 3
const LOG_SHOWN = 6

/** What is known besides the picture, and what happened lately. */
export function Facts({ sheet }: { sheet: FishSheet }) {
    const { fish, today } = sheet
    const unit = useUnit()
    const facts = words.fish.facts
    const knowledge = sheet.knowledge
    const stay = sheet.stays.at(-1)
    const before = sheet.measurements
        .slice(-LAST)
        .reverse()
        .map((one) => (one.length_mm / unit.mm).toFixed(1))
    return (
        <Box>
            {knowledge.stall === 'stalled' && (
                <chakra.p color="close" fontWeight={600} paddingBottom="10px">
                    {words.fish.stalled(fish.name)} {knowledge.is_cramped && words.fish.cramped}
                </chakra.p>
            )}
            <Box as="dl" borderTop="1.6px solid" borderColor="ink">
                <Fact name={facts.before}>
                    {before.length === 0 ? words.fish.notMeasured : `${before.join(', ')} ${unit.word}`}
                </Fact>
                <Fact name={facts.species}>
                    {speciesShareWords(knowledge)}
                    {sheet.identity.sex !== null && `, ${sheet.identity.sex}`}{' '}
                    <chakra.i fontWeight={400} color="ink2">
                        {sheet.scientific_name}
                        {sheet.length_kind === 'disc' && `, ${words.fish.disc}`}
                    </chakra.i>{' '}
                    <IdentityDialog sheet={sheet} />
                </Fact>
                {stay !== undefined && (
                    <Fact name={facts.home}>{words.fish.since(stay.name, shortDay(stay.from, today))}</Fact>
                )}
                {fish.is_shoal && <Fact name={facts.count}>{fish.count}</Fact>}
                <Fact name={facts.pace}>
                    {sheet.pace === null ? words.fish.noPace : words.fish.pace(sheet.pace)}
                </Fact>
                <Fact name={facts.known}>
                    {words.fish.known(
                        knowledge.from_own,
                        knowledge.from_kin,
                        knowledge.from_species,
                        knowledge.kin,
                    )}
                </Fact>
                {fish.is_shoal && (
                    <Fact name={facts.members}>
                        {words.fish.members(
                            bare(knowledge.smallest_mm, unit),
                            projected(knowledge.largest_mm, unit),
                        )}
                    </Fact>
                )}
                {knowledge.mass_g !== null && <Fact name={facts.mass}>{massWords(knowledge.mass_g)}</Fact>}
                <Fact name={facts.index}>
                    {words.fish.indexWords(knowledge.performance, knowledge.species_performance)}
                </Fact>
                <Fact name={facts.adult}>
                    {lengthRange(sheet.adult_mm, unit)}
                    {sheet.keeping.adult_mm !== null && (
                        <StatedAdult sheet={sheet} adultMm={sheet.keeping.adult_mm} />
                    )}
                </Fact>
                <Fact name={facts.fed}>{rations[sheet.keeping.ration]}</Fact>
                <Fact name={facts.origin}>
                    {[
                        acquireWords.origins[sheet.circumstances.origin ?? ''],
                        `${facts.purpose.toLowerCase()} ${acquireWords.purposes[sheet.circumstances.purpose]}`,
                    ].join(', ')}{' '}
                    <CircumstancesDialog sheet={sheet} />
                </Fact>
                <Fact name={facts.fallback}>{sheet.circumstances.fallback ?? words.fish.noFallback}</Fact>
                {fish.home.outgrows.early !== null && (
                    <Fact name={facts.next}>
                        {fish.next === null
                            ? words.fish.none_next
                            : `${fish.next.name}: ${windowWords(fish.next.outgrows, today)}, limit ${measured(fish.next.limit_mm, unit)}`}
                    </Fact>
                )}
            </Box>
            <Box as="h2" fontSize="17px" fontWeight={800} paddingTop="16px">
                {words.fish.log}
            </Box>
            {sheet.log.length === 0 && <Box color="ink2">{words.fish.noLog}</Box>}
            <chakra.ol>
                {sheet.log.slice(0, LOG_SHOWN).map((line) => (
                    <chakra.li
                        key={`${line.type}-${line.id}`}
                        borderBottom="1px solid"
                        borderColor="rule"
                        paddingBlock="5px"
                    >
                        <chakra.span color="ink2">
                            {shortDay(line.date, today)}
                            {line.time === null ? '' : ` ${line.time}`}
                        </chakra.span>{' '}
                        {logSentence(line, fish.name, unit)}
                    </chakra.li>
                ))}
            </chakra.ol>
        </Box>
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
                {words.fish.stated(measured(adultMm, unit))}
            </chakra.i>{' '}
            <Button
                variant="plain"
                fontSize="15px"
                onClick={() => keeping.save({ ration: sheet.keeping.ration, adult: null })}
            >
                {words.fish.asItsSpecies}
            </Button>
        </>
    )
}
