import { Field, Input } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useId } from 'react'
import { kindsQuery } from '../api/queries'
import type { KindRow } from '../api/types'

interface Props {
    label: string
    help?: string
    value: string
    onChange: (name: string) => void
    error?: string | undefined
}

/** A kind by its name, helped by the list of all kinds while it is typed. */
export function KindField({ label, help, value, onChange, error }: Props) {
    const list = useId()
    const kinds = useQuery(kindsQuery).data ?? []
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
                {kinds.map((kind) => (
                    <option key={kind.id} value={kind.common_name}>
                        {kind.scientific_name}
                    </option>
                ))}
            </datalist>
            {help !== undefined && <Field.HelperText>{help}</Field.HelperText>}
            <Field.ErrorText role="alert">{error}</Field.ErrorText>
        </Field.Root>
    )
}

/** By common or scientific name, whatever the case. */
export function kindNamed(kinds: readonly KindRow[], name: string): KindRow | undefined {
    const wanted = name.trim().toLowerCase()
    return wanted === ''
        ? undefined
        : kinds.find(
              (kind) =>
                  kind.common_name.toLowerCase() === wanted || kind.scientific_name.toLowerCase() === wanted,
          )
}
