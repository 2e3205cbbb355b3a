import { Field, Input } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useId } from 'react'
import { useController } from 'react-hook-form'
import { speciesListQuery } from '../api/queries'
import type { SpeciesRow } from '../api/types'
import { useRefusal } from '../log/FieldForm'

interface Props {
    label: string
    help?: string
    value: string
    onChange: (name: string) => void
    error?: string | undefined
}

/** A species by its name, helped by the list of all species while it is typed. */
export function SpeciesField({ label, help, value, onChange, error }: Props) {
    const list = useId()
    const allSpecies = useQuery(speciesListQuery).data ?? []
    return (
        <Field.Root invalid={error !== undefined}>
            <Field.Label>{label}</Field.Label>
            <Input
                list={list}
                value={value}
                onChange={(event) => onChange(event.target.value)}
                autoComplete="off"
            />
            <datalist id={list}>
                {allSpecies.map((species) => (
                    <option key={species.id} value={species.common_name}>
                        {species.scientific_name}
                    </option>
                ))}
            </datalist>
            {help !== undefined && <Field.HelperText>{help}</Field.HelperText>}
            <Field.ErrorText role="alert">{error}</Field.ErrorText>
        </Field.Root>
    )
}

interface NamedProps {
    /** Of the field of the form. */
    name: string
    label: string
    help?: string
    /** What is said while no species has this name. */
    unknown: string | undefined
}

/** A species as one field of a form. */
export function SpeciesNamed({ name, unknown, ...rest }: NamedProps) {
    const { value, onChange } = useController<Record<string, string>>({ name }).field
    const refusal = useRefusal('species_id')
    return <SpeciesField {...rest} value={value} onChange={onChange} error={unknown ?? refusal} />
}

/** By common or scientific name, whatever the case. */
export function speciesNamed(allSpecies: readonly SpeciesRow[], name: string): SpeciesRow | undefined {
    const wanted = name.trim().toLowerCase()
    return wanted === ''
        ? undefined
        : allSpecies.find(
              (species) =>
                  species.common_name.toLowerCase() === wanted ||
                  species.scientific_name.toLowerCase() === wanted,
          )
}
