import { useQuery } from '@tanstack/react-query'
import { useForm } from 'react-hook-form'
import { placeQuery } from '../api/queries'
import type { Place } from '../api/types'
import { Section } from '../frame/Section'
import { Waiting } from '../frame/Waiting'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useChange } from '../entry/useChange'
import { messages } from '../messages'
import { currencyOptions } from '../units/currencies'

const words = messages.frame.owner

interface Values extends Pick<Place, 'facility' | 'unit_system' | 'time_zone'> {
    /** '': none. */
    currency: string
}

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
            <Choice name="unit_system" label={words.units} options={optionsOf(words.unitNames)} />
            <Choice name="currency" label={words.currency} options={currencyOptions(words.noCurrency)} />
            <Text name="time_zone" label={words.timeZone} />
        </FieldForm>
    )
}
