import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useWatch } from 'react-hook-form'
import { asTyped } from '../api/asTyped'
import type { BagAsked } from '../api/queries'
import { bagQuery } from '../api/queries'
import { Refused } from '../api/refused'
import type { BagSheet } from '../api/types'
import { Section } from '../frame/Section'
import { fieldsOf } from '../entry/FieldForm'
import { weighUpWords } from '../messages/weighUp'
import { Clock } from '../moves/Clock'

/** The part of a form that tells of the bag. */
export interface BagTyped {
    system_id: string
    length: string
    bag_celsius: string
    bag_ph: string
    bag_hours: string
    bag_litres: string
}

const { Text } = fieldsOf<BagTyped>()

interface Props {
    species: number
    count: string
}

/** What is known of the bag, and how it is brought from it into the home that is chosen. */
export function FromTheBag({ species, count }: Props) {
    const [system, length, celsius, ph, hours, litres] = useWatch<
        BagTyped,
        ['system_id', 'length', 'bag_celsius', 'bag_ph', 'bag_hours', 'bag_litres']
    >({
        name: ['system_id', 'length', 'bag_celsius', 'bag_ph', 'bag_hours', 'bag_litres'],
    })
    const asked = {
        ...asTyped<Partial<BagAsked>>({ count, length, celsius, ph, hours, litres }),
        species_id: species,
    }
    const answer = useQuery(bagQuery(Number(system), system === '' ? null : asked))
    const refused = answer.error instanceof Refused ? answer.error : undefined
    return (
        <Box gridColumn="1 / -1">
            <Section title={weighUpWords.bag}>
                <Box
                    display="grid"
                    gridTemplateColumns="repeat(auto-fit, minmax(130px, 1fr))"
                    gap="10px"
                    paddingTop="8px"
                    alignItems="start"
                >
                    {BAG_FIELDS.map((field) => (
                        <Text
                            key={field}
                            name={`bag_${field}`}
                            label={weighUpWords.bagFields[field]}
                            inputMode="decimal"
                        />
                    ))}
                </Box>
                {refused === undefined ? (
                    answer.data !== undefined && <BagSteps sheet={answer.data} />
                ) : (
                    <chakra.p role="alert" color="over">
                        {BAG_FIELDS.map((field) => refused.fieldError(field)).find(
                            (said) => said !== undefined,
                        ) ?? refused.message}
                    </chakra.p>
                )}
            </Section>
        </Box>
    )
}

const BAG_FIELDS = ['celsius', 'ph', 'hours', 'litres'] as const

function BagSteps({ sheet }: { sheet: BagSheet }) {
    return (
        <Box role="status" paddingTop="8px">
            <chakra.p fontWeight={700}>{sheet.sentence}</chakra.p>
            <chakra.ol>
                {sheet.steps.map((step) => (
                    <chakra.li
                        key={step.key}
                        display="flex"
                        flexWrap="wrap"
                        justifyContent="space-between"
                        alignItems="center"
                        columnGap="12px"
                        minHeight="44px"
                        borderBottom="1px solid"
                        borderColor="rule"
                    >
                        <span>
                            <b>{step.words}</b>{' '}
                            <chakra.span color="ink2" fontSize="note">
                                {step.why}
                            </chakra.span>
                        </span>
                        {step.minutes !== null && (
                            <Clock minutes={step.minutes} sheet={null} step={step.key} name={step.words} />
                        )}
                    </chakra.li>
                ))}
            </chakra.ol>
        </Box>
    )
}
