import { Box } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import { placeQuery } from '../api/queries'
import type { Place, UnitSystem } from '../api/types'
import { Section } from '../frame/Section'
import { Waiting } from '../frame/Waiting'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useChange } from '../entry/useChange'
import { ownerWords } from '../messages/owner'
import { settingsWords } from '../messages/settings'
import { currencyOptions } from '../units/currencies'

const words = ownerWords

interface Values extends Pick<Place, 'facility' | 'unit_system' | 'time_zone' | 'units'> {
    /** '': none. */
    currency: string
}

const QUANTITIES = ['length', 'volume', 'temperature', 'mass'] as const

/** What Britain has in common with others goes by their name, so that each unit stands on the list once. */
const AS_IN: Partial<Record<keyof Place['units'], UnitSystem>> = {
    length: 'us',
    temperature: 'metric',
    mass: 'metric',
}

const nameOf = (quantity: keyof Place['units'], system: UnitSystem): UnitSystem =>
    system === 'imperial' ? (AS_IN[quantity] ?? system) : system

const { Text, Choice } = fieldsOf<Values>()

/** How the place is called, in which units it measures and what it pays in. */
export function PlaceForm() {
    return (
        <Section title={words.place}>
            <Waiting query={useQuery(placeQuery)}>{(place) => <Form place={place} />}</Waiting>
        </Section>
    )
}

function Form({ place }: { place: Place }) {
    const form = useForm<Values>({
        values: {
            facility: place.facility,
            unit_system: place.unit_system,
            units: Object.fromEntries(
                QUANTITIES.map((quantity) => [quantity, nameOf(quantity, place.units[quantity])]),
            ) as Place['units'],
            time_zone: place.time_zone,
            currency: place.currency ?? '',
        },
    })
    const change = useChange(
        '/api/v1/facility',
        {},
        { before: place, notice: words.saved, onDone: () => undefined },
    )
    return (
        <FieldForm
            form={form}
            entry={change}
            act={words.save}
            onSave={({ currency, ...rest }) =>
                change.save({ ...place, ...rest, currency: currency === '' ? null : currency })
            }
        >
            <Text name="facility" label={words.facility} />
            <Choice
                name="unit_system"
                label={words.units}
                options={optionsOf(words.unitNames)}
                onChosen={(system) =>
                    QUANTITIES.forEach((quantity) =>
                        form.setValue(`units.${quantity}`, nameOf(quantity, system as UnitSystem)),
                    )
                }
            />
            <Box display="grid" gridTemplateColumns="minmax(0, 1fr) minmax(0, 1fr)" gap="10px">
                {QUANTITIES.map((quantity) => (
                    <Choice
                        key={quantity}
                        name={`units.${quantity}`}
                        label={settingsWords.place.quantities[quantity]}
                        options={optionsOf(settingsWords.place.quantityUnits[quantity])}
                    />
                ))}
            </Box>
            <Choice name="currency" label={words.currency} options={currencyOptions(words.noCurrency)} />
            <Text name="time_zone" label={words.timeZone} />
        </FieldForm>
    )
}
