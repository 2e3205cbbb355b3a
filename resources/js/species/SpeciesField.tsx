import { Box, chakra, Combobox, createListCollection, Field, Input } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { useController } from 'react-hook-form'
import { speciesListQuery } from '../api/queries'
import { useRefusal } from '../entry/FieldForm'
import { speciesWords } from '../messages/species'
import type { SpeciesFound } from './findSpecies'
import { findSpecies, speciesCalled, speciesNamed } from './findSpecies'

interface Props {
    label: string
    help?: string
    value: string
    onChange: (name: string) => void
    error?: string | undefined
}

const SHOWN = 12

/** A species by any of its names, misspelt too: those that may be meant stand below while it is typed. */
export function SpeciesField({ label, help, value, onChange, error }: Props) {
    const allSpecies = useQuery(speciesListQuery).data
    const collection = useMemo(
        () =>
            createListCollection({
                items: findSpecies(allSpecies ?? [], value).slice(0, SHOWN),
                itemToString: ({ species }: SpeciesFound) => species.common_name,
                itemToValue: ({ species }: SpeciesFound) => String(species.id),
            }),
        [allSpecies, value],
    )
    return (
        <Field.Root invalid={error !== undefined}>
            <Field.Label>{label}</Field.Label>
            <Combobox.Root
                collection={collection}
                inputValue={value}
                onInputValueChange={(details) => onChange(details.inputValue)}
                onValueChange={(details) => {
                    const chosen = details.items[0]
                    if (chosen !== undefined) {
                        onChange(chosen.species.common_name)
                    }
                }}
                value={[]}
                selectionBehavior="replace"
                allowCustomValue
                openOnClick={false}
                position="relative"
                width="100%"
            >
                <Combobox.Control>
                    <Combobox.Input asChild>
                        <Input autoComplete="off" />
                    </Combobox.Input>
                </Combobox.Control>
                <Combobox.Positioner zIndex="20 !important">
                    <Combobox.Content
                        background="fresh"
                        border="1.6px solid"
                        borderColor="edge"
                        maxHeight="320px"
                        overflowY="auto"
                        width="100%"
                    >
                        {collection.items.map((found) => (
                            <Combobox.Item
                                key={found.species.id}
                                item={found}
                                padding="8px 12px"
                                minHeight="44px"
                                cursor="pointer"
                                _highlighted={{ background: 'paper', textDecoration: 'underline' }}
                            >
                                <Found {...found} />
                            </Combobox.Item>
                        ))}
                    </Combobox.Content>
                </Combobox.Positioner>
            </Combobox.Root>
            <SameName value={value} />
            {help !== undefined && <Field.HelperText>{help}</Field.HelperText>}
            <Field.ErrorText role="alert">{error}</Field.ErrorText>
        </Field.Root>
    )
}

function Found({ species, name }: SpeciesFound) {
    return (
        <Box>
            {species.common_name}{' '}
            <chakra.span color="ink2">
                {name === undefined ? species.scientific_name : speciesWords.alsoCalled({ name })}
            </chakra.span>
        </Box>
    )
}

/** One name is often used for several kinds: which, and that one must be chosen. */
function SameName({ value }: { value: string }) {
    const allSpecies = useQuery(speciesListQuery).data ?? []
    const called = speciesCalled(allSpecies, value)
    const chosen = speciesNamed(allSpecies, value)
    const others = called.filter((species) => species !== chosen)
    if (others.length === 0) {
        return null
    }
    const names = others.map((species) => species.common_name).join(', ')
    return (
        <Field.HelperText role="status" color="unc">
            {chosen === undefined
                ? speciesWords.nameOfSeveral({ n: called.length, names })
                : speciesWords.nameOfOthers({ names })}
        </Field.HelperText>
    )
}

interface NamedProps {
    /** Of the field of the form. */
    name: string
    label: string
    help?: string
    /** What is said while no species has this name. */
    unknown: string | undefined
    /** What the server calls it. */
    refusedAs?: string
}

/** A species as one field of a form. */
export function SpeciesNamed({ name, unknown, refusedAs = 'species_id', ...rest }: NamedProps) {
    const { value, onChange } = useController<Record<string, string>>({ name }).field
    const refusal = useRefusal(refusedAs, name)
    return <SpeciesField {...rest} value={value} onChange={onChange} error={unknown ?? refusal} />
}
