import { chakra, Field, Input, NativeSelect } from '@chakra-ui/react'
import type { HTMLInputAutoCompleteAttribute, HTMLInputTypeAttribute, RefObject } from 'react'

interface Shared {
    label: string
    value: string
    onChange: (value: string) => void
    error?: string | undefined
    help?: string
}

export interface TextProps extends Shared {
    type?: HTMLInputTypeAttribute
    autoComplete?: HTMLInputAutoCompleteAttribute
    max?: string
    min?: string
    maxLength?: number
    inputMode?: 'decimal' | 'numeric' | 'text'
    /** Of what a bare number is. */
    unit?: string
    /** To begin to write there. */
    ref?: RefObject<HTMLInputElement | null>
}

/** A labelled line to write on; the sentence below says what to mend. */
export function TextField({ label, unit, value, onChange, error, help, type = 'text', ...rest }: TextProps) {
    return (
        <Field.Root invalid={error !== undefined}>
            <Field.Label>
                {label}
                {unit !== undefined && <chakra.span color="ink2">, {unit}</chakra.span>}
            </Field.Label>
            <Input type={type} value={value} onChange={(event) => onChange(event.target.value)} {...rest} />
            {help !== undefined && <Field.HelperText>{help}</Field.HelperText>}
            <Field.ErrorText role="alert">{error}</Field.ErrorText>
        </Field.Root>
    )
}

export interface Option {
    value: string
    text: string
}

export interface ChoiceProps extends Shared {
    options: readonly Option[]
    placeholder?: string
}

export function ChoiceField({ label, value, onChange, error, help, options, placeholder }: ChoiceProps) {
    return (
        <Field.Root invalid={error !== undefined} required={placeholder !== undefined}>
            <Field.Label>{label}</Field.Label>
            <NativeSelect.Root>
                <NativeSelect.Field value={value} onChange={(event) => onChange(event.target.value)}>
                    {placeholder !== undefined && <option value="">{placeholder}</option>}
                    {options.map((option) => (
                        <option key={option.value} value={option.value}>
                            {option.text}
                        </option>
                    ))}
                </NativeSelect.Field>
                <NativeSelect.Indicator />
            </NativeSelect.Root>
            {help !== undefined && <Field.HelperText>{help}</Field.HelperText>}
            <Field.ErrorText role="alert">{error}</Field.ErrorText>
        </Field.Root>
    )
}

export const optionsOf = (names: Record<string, string>): Option[] =>
    Object.entries(names).map(([value, text]) => ({ value, text }))
