import type { ReactNode } from 'react'
import { createContext, useCallback, useContext, useEffect, useMemo, useState } from 'react'
import type { FieldPath, FieldValues, UseFormReturn } from 'react-hook-form'
import { FormProvider, useController, useWatch } from 'react-hook-form'
import type { Refused } from '../api/refused'
import { CheckField } from './CheckField'
import { EntryForm } from './EntryForm'
import type { ChoiceProps, TextProps } from './fields'
import { ChoiceField, TextField } from './fields'

/** What a form needs to know of the write that it ends in; see useWrite. */
export interface Refusals {
    isSaving: boolean
    fieldError: (field: string) => string | undefined
    otherError: (fields: readonly string[]) => string | undefined
}

interface Shown {
    fieldError: Refusals['fieldError']
    /** A field stands on the form and shows what is refused under its name; returns how it leaves. */
    enter: (field: string) => () => void
}

const ShownFields = createContext<Shown>({ fieldError: () => undefined, enter: () => () => undefined })

interface ScopeProps<T extends FieldValues> {
    form: UseFormReturn<T>
    entry: Refusals
    /** @param otherError what is refused and no field shows */
    children: (otherError: string | undefined) => ReactNode
}

/** Around the fields of a form: they find their values and what is refused of them by name. */
export function FieldScope<T extends FieldValues>({ form, entry, children }: ScopeProps<T>) {
    const [fields, setFields] = useState<readonly string[]>([])
    const enter = useCallback((field: string) => {
        setFields((before) => [...before, field])
        return () => setFields((before) => before.filter((other) => other !== field))
    }, [])
    const shown = useMemo(() => ({ fieldError: entry.fieldError, enter }), [entry.fieldError, enter])
    return (
        <ShownFields.Provider value={shown}>
            <FormProvider {...form}>{children(entry.otherError(fields))}</FormProvider>
        </ShownFields.Provider>
    )
}

interface AskingProps<T extends FieldValues> {
    form: UseFormReturn<T>
    /** How the last question was refused. */
    refused: Refused | undefined
    children: ReactNode
}

/** Around fields that ask while they are typed: nothing is saved. */
export function AskingScope<T extends FieldValues>({ form, refused, children }: AskingProps<T>) {
    const fieldError = useCallback((field: string) => refused?.fieldError(field), [refused])
    return (
        <FieldScope form={form} entry={{ isSaving: false, fieldError, otherError: () => undefined }}>
            {() => children}
        </FieldScope>
    )
}

interface Props<T extends FieldValues> {
    form: UseFormReturn<T>
    entry: Refusals
    act: string
    onSave: (values: T) => void
    /** None: it stands on the page, always open. */
    onCancel?: () => void
    children: ReactNode
}

/** An entry whose fields find their values and refusals by name; what no field shows stands above the buttons. */
export function FieldForm<T extends FieldValues>({ form, entry, act, onSave, onCancel, children }: Props<T>) {
    return (
        <FieldScope form={form} entry={entry}>
            {(otherError) => (
                <EntryForm
                    act={act}
                    isSaving={entry.isSaving}
                    error={otherError}
                    onCancel={onCancel}
                    onSave={() => onSave(form.getValues())}
                >
                    {children}
                </EntryForm>
            )}
        </FieldScope>
    )
}

interface Named {
    name: string
    /** What the server calls it, where that is another name. */
    refusedAs?: string
}

type Unbound<P> = Named & Omit<P, 'value' | 'onChange' | 'error'>

/**
 * What is refused of a field, which shows it from now on; no longer once something else stands there.
 *
 * @param field what the server calls it
 * @param name its name on the form
 */
export function useRefusal(field: string, name = field): string | undefined {
    const { fieldError, enter } = useContext(ShownFields)
    useEffect(() => enter(field), [enter, field])
    const typed = JSON.stringify(useWatch<Record<string, unknown>>({ name }))
    const [refused, setRefused] = useState({ fieldError, typed })
    if (refused.fieldError !== fieldError) {
        setRefused({ fieldError, typed })
    }
    return refused.typed === typed ? fieldError(field) : undefined
}

function Text({ name, refusedAs = name, ...rest }: Unbound<TextProps>) {
    const { value, onChange } = useController<Record<string, string>>({ name }).field
    return <TextField {...rest} value={value} onChange={onChange} error={useRefusal(refusedAs, name)} />
}

interface ChoosingProps extends Unbound<ChoiceProps> {
    /** Besides taking the choice: what it sets elsewhere. */
    onChosen?: (value: string) => void
}

function Choice({ name, refusedAs = name, onChosen, ...rest }: ChoosingProps) {
    const { value, onChange } = useController<Record<string, string>>({ name }).field
    return (
        <ChoiceField
            {...rest}
            value={value}
            onChange={(chosen) => {
                onChange(chosen)
                onChosen?.(chosen)
            }}
            error={useRefusal(refusedAs, name)}
        />
    )
}

function Check({ name, label }: { name: string; label: string }) {
    const { value, onChange } = useController<Record<string, boolean>>({ name }).field
    return <CheckField label={label} checked={value} onChange={onChange} />
}

type Of<T extends FieldValues, P> = (props: P & { name: FieldPath<T> }) => ReactNode

interface Fields<T extends FieldValues> {
    Text: Of<T, Unbound<TextProps>>
    Choice: Of<T, ChoosingProps>
    Check: Of<T, { name: string; label: string }>
}

/** The fields of a form that holds these values; their names are checked. */
export const fieldsOf = <T extends FieldValues>(): Fields<T> => ({ Text, Choice, Check })
