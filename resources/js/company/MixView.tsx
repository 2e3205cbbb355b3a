import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { useState } from 'react'
import { mixQuery, speciesListQuery } from '../api/queries'
import { Refused } from '../api/refused'
import type { MixSheet } from '../api/types'
import { useKeeper, useUnit } from '../frame/keeper'
import { Figures } from '../frame/Figures'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { SheetBody } from '../frame/SheetBody'
import { companyWords } from '../messages/company'
import { longDay } from '../units/day'
import { projected } from '../units/length'
import { percent } from '../units/share'
import { MixForm } from './MixForm'
import type { Member } from './mix'
import { asked, blankSpecies } from './mix'
import { Pairs } from './Pairs'

const words = companyWords.mix

/** Some fish that are thought of together: until when it works, who comes in when, and whether a home holds them. */
export function MixView({ modes }: { modes: ReactNode }) {
    const [members, setMembers] = useState<Member[]>([blankSpecies, blankSpecies])
    const [system, setSystem] = useState('')
    const species = useQuery(speciesListQuery).data ?? []
    const query = useQuery(mixQuery(asked(members, system, species)))
    const refused = query.error instanceof Refused ? query.error : undefined
    const sheet = query.data
    return (
        <>
            <SheetHead
                sentence={sheet?.sentence ?? words.ask}
                comment={sheet === undefined ? words.comment : sheet.advice.join(' ')}
            />
            <Box padding={{ base: '10px 2px 0', md: '10px 10px 0' }}>{modes}</Box>
            <SheetBody columns="400px minmax(0, 1fr)">
                <MixForm
                    members={members}
                    system={system}
                    onMembers={setMembers}
                    onSystem={setSystem}
                    errorOf={(field) => refused?.fieldError(field)}
                />
                {sheet !== undefined && (
                    <Box display="flex" flexDirection="column" gap="20px" minWidth="0">
                        <Steps sheet={sheet} />
                        <HomeOfMix sheet={sheet} />
                    </Box>
                )}
            </SheetBody>
            {sheet !== undefined && sheet.company.pairs.length > 0 && <Pairs sheet={sheet.company} />}
        </>
    )
}

function Steps({ sheet }: { sheet: MixSheet }) {
    const { today } = useKeeper()
    const unit = useUnit()
    return (
        <Section title={words.order}>
            <chakra.ol paddingStart="24px" paddingTop="8px">
                {sheet.steps.map((step) => (
                    <chakra.li key={step.id} color={step.from === null ? 'over' : 'ink'} paddingBottom="4px">
                        <b>
                            {words.step({
                                n: step.count,
                                name: step.name,
                                length: projected(step.length_mm, unit),
                            })}
                        </b>
                        {step.from === null ? '' : `, ${longDay(step.from, today)}`}: {step.words}
                    </chakra.li>
                ))}
            </chakra.ol>
        </Section>
    )
}

function HomeOfMix({ sheet: { now, later } }: { sheet: MixSheet }) {
    if (now === null || later === null) {
        return null
    }
    const share = (value: number | null): string => (value === null ? '–' : percent(value))
    return (
        <Section title={words.inTheHome}>
            <Figures
                columns={[words.what, words.today, words.inTwoYears]}
                rows={[
                    [words.bottom, share(now.bottom), share(later.bottom)],
                    [words.middle, share(now.middle), share(later.middle)],
                    [words.top, share(now.top), share(later.top)],
                    [words.filter, share(now.filter_share), share(later.filter_share)],
                    [words.change, share(now.weekly_change_least), share(later.weekly_change_least)],
                ]}
            />
            {[
                [words.today, now.objections] as const,
                [words.inTwoYears, later.objections.filter((one) => !now.objections.includes(one))] as const,
            ].map(([when, objections]) =>
                [...new Set(objections)].map((objection) => (
                    <p key={objection}>
                        <b>{when}:</b> {objection}
                    </p>
                )),
            )}
        </Section>
    )
}
