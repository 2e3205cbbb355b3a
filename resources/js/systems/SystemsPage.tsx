import { temperature } from '../units/temperature'
import { messages } from '../messages'
import { systemsWords } from '../messages/systems'
import { weighUpWords } from '../messages/weighUp'
import { leavingColour, leavingWords, nameWithCount, windowWords } from '../fish/sentences'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate } from '@tanstack/react-router'
import { systemsQuery } from '../api/queries'
import type { FishRow, SystemSheet } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'
import { useKeeper, useUnit } from '../frame/keeper'
import { AsTable } from '../frame/AsTable'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { metres, projected } from '../units/length'
import { volume } from '../units/volume'
import { FormerSystems } from './FormerSystems'
import { SystemPlan } from './SystemPlan'

/** Every system in walking order, drawn to scale with its fish. */
export function SystemsPage() {
    const navigate = useNavigate()
    useNameSheet(messages.systemsList.title, messages.systemsList.scale)
    return (
        <Waiting query={useQuery(systemsQuery)}>
            {(systems) => (
                <>
                    <SheetHead
                        sentence={headline(systems)}
                        comment={systems.length === 0 ? undefined : messages.systemsList.comment}
                    />
                    <Box
                        display="flex"
                        gap="6px 14px"
                        flexWrap="wrap"
                        padding={{ base: '10px 2px 0', md: '10px 10px 0' }}
                    >
                        <Button onClick={() => void navigate({ to: '/systems/new' })}>
                            {systemsWords.add}
                        </Button>
                        {systems.length > 0 && <AsTable table="systems" />}
                    </Box>
                    <chakra.ol padding={{ base: '12px 0 24px', md: '8px 10px 24px' }}>
                        {systems.map((system) => (
                            <SystemEntry key={system.id} system={system} />
                        ))}
                    </chakra.ol>
                    <FormerSystems />
                </>
            )}
        </Waiting>
    )
}

function headline(systems: readonly SystemSheet[]): string {
    const [n, words] = [systems.length, messages.systemsList]
    if (n === 0) {
        return words.none
    }
    return systems.every(({ fish }) => fish.length === 0)
        ? words.nobody({ n })
        : words.headline({ n, over: systems.filter((one) => one.fish.some((fish) => fish.has_to_go)).length })
}

function SystemEntry({ system }: { system: SystemSheet }) {
    const { units, today } = useKeeper()
    const basin = system.basins[0]
    return (
        <chakra.li
            id={`system-${system.id}`}
            display="grid"
            gridTemplateColumns={{ base: 'minmax(0, 1fr)', md: 'minmax(0, 6fr) minmax(0, 5fr)' }}
            columnGap="30px"
            rowGap="8px"
            paddingBlock="16px"
            borderBottom="1px solid"
            borderColor="ink"
        >
            <Box>
                <Box display="flex" alignItems="baseline" gap="12px" flexWrap="wrap">
                    <chakra.h2 fontSize="part" fontWeight={800}>
                        {system.walk_order}{' '}
                        <Link to="/systems/$id" params={{ id: system.id }}>
                            {system.name}
                        </Link>
                    </chakra.h2>
                    <chakra.span color="ink2">
                        {messages.systemsList.kinds[system.kind]}
                        {system.temperature_c !== null && `, ${temperature(system.temperature_c, units)}`}
                        {`, ${volume(system.water_litres, units)}`}
                    </chakra.span>
                </Box>
                {basin !== undefined && (
                    <Box color="ink2" fontSize="note">
                        {messages.systemsList.run} {metres(basin.swim_length_mm, units)},{' '}
                        {messages.systemsList.turn} {metres(basin.turning_width_mm, units)},{' '}
                        {metres(basin.depth_mm, units)} {messages.systemsList.depth}
                    </Box>
                )}
                <SystemPlan system={system} />
            </Box>
            <Box>
                <chakra.p fontWeight={700} paddingBottom="6px">
                    {fullWords(system, today)}
                </chakra.p>
                {system.water.alarms.map((alarm) => (
                    <chakra.p
                        key={alarm.sentence}
                        color={alarm.is_urgent ? 'over' : 'close'}
                        fontWeight={600}
                    >
                        {alarm.sentence}
                    </chakra.p>
                ))}
                {[system.water.change_sentence, system.water.filter_sentence].map(
                    (sentence) =>
                        sentence !== null && (
                            <chakra.p key={sentence} color="ink2">
                                {sentence}
                            </chakra.p>
                        ),
                )}
                <Link to="/systems/$id" params={{ id: system.id }}>
                    {systemsWords.open}
                </Link>
                {' · '}
                <Link to="/systems/$id/suitable-species" params={{ id: system.id }}>
                    {weighUpWords.ask}
                </Link>
                <chakra.ul>
                    {system.fish.map((fish) => (
                        <ProjectedOccupant key={fish.id} fish={fish} today={today} />
                    ))}
                </chakra.ul>
            </Box>
        </chakra.li>
    )
}

/** Until when those who live there have room. */
function fullWords({ fish, full }: SystemSheet, today: string): string {
    if (fish.length === 0) {
        return messages.systemsList.empty
    }
    return full === null || full.early === null
        ? messages.systemsList.notFull
        : messages.systemsList.full({ window: windowWords(full, today), because: full.because })
}

function ProjectedOccupant({ fish, today }: { fish: FishRow; today: string }) {
    const unit = useUnit()
    const when = leavingWords(fish, today)
    return (
        <chakra.li
            display="flex"
            flexWrap="wrap"
            columnGap="8px"
            minHeight="44px"
            alignItems="center"
            borderTop="1px solid"
            borderColor="rule"
        >
            <MarkIcon band={fish.band} />
            <chakra.span flex="1 1 170px">
                <Link to="/fish/$id" params={{ id: fish.id }}>
                    {nameWithCount(fish)}
                </Link>{' '}
                <chakra.span color="ink2">
                    {fish.species.toLowerCase()}, {projected(fish.length_mm.likely, unit)}
                </chakra.span>
            </chakra.span>
            <chakra.span color={leavingColour(fish)} fontWeight={600} marginStart="auto" textAlign="end">
                {fish.home.fits_now ? when : messages.systemsList.outgrown({ reason: fish.home.reason })}
            </chakra.span>
        </chakra.li>
    )
}
