import { Button, Field, Textarea } from '@chakra-ui/react'
import { useForm, useFormContext, useWatch } from 'react-hook-form'
import type { EntryField, LogDetail } from '../api/types'
import { Chips } from '../entry/Chips'
import { FieldForm, fieldsOf, useRefusal } from '../entry/FieldForm'
import { useIsAsked } from '../entry/useIsAsked'
import { useWrite } from '../entry/useWrite'
import { write } from '../api/client'
import { useKeeper } from '../frame/keeper'
import { oneLogWords } from '../messages/oneLog'

const words = oneLogWords.entry

type Typed = Record<string, string | string[]>

const { Text, Choice } = fieldsOf<Record<string, string>>()

/** What stands in the fields of an entry, to be typed anew. */
export function CorrectionForm({ detail, onDone }: { detail: LogDetail; onDone: () => void }) {
    const named = { line: detail.line.id }
    const before = Object.fromEntries(
        detail.fields.map((field) => [field.name, field.type === 'choices' ? field.chosen : field.value]),
    )
    const form = useForm<Typed>({ defaultValues: before })
    const standing = detail.history.find(({ event }) => event !== 'deleted' && event !== 'restored')
    const entry = useWrite('PUT', '/api/v1/log/{line}', named, {
        notice: () => words.corrected({ sentence: detail.line.sentence }),
        // The version that stood before is the newest of the history as it was read.
        ...(standing === undefined
            ? {}
            : {
                  undo: () =>
                      write('POST', '/api/v1/log/{line}/versions/{version}', {
                          ...named,
                          version: standing.id,
                      }),
              }),
        onDone,
        onKept: onDone,
    })
    const save = (keep: boolean): void =>
        entry.save({ version: detail.version, fields: form.getValues(), ...(keep ? { keep } : {}) })
    const isAsked = useIsAsked(useWatch({ control: form.control }), entry)
    return (
        <FieldForm form={form} entry={entry} act={words.save} onCancel={onDone} onSave={() => save(false)}>
            {detail.fields.map((field) => (
                <OneField key={field.name} field={field} />
            ))}
            {isAsked && (
                <Button type="button" disabled={entry.isSaving} onClick={() => save(true)}>
                    {words.keep}
                </Button>
            )}
        </FieldForm>
    )
}

function OneField({ field: { name, label, type, options } }: { field: EntryField }) {
    const { today } = useKeeper()
    switch (type) {
        case 'choice':
            return (
                <Choice
                    name={name}
                    label={label}
                    options={options.map(({ value, text }) => ({ value, text }))}
                />
            )
        case 'choices':
            return <Several name={name} label={label} options={options} />
        case 'yes':
            return <YesNo name={name} label={label} />
        case 'long':
        case 'lines':
            return <Long name={name} label={label} />
        case 'day':
            return <Text name={name} label={label} type="date" {...(name === 'date' ? { max: today } : {})} />
        case 'time':
            return <Text name={name} label={label} type="time" />
        default:
            return <Text name={name} label={label} inputMode={type === 'whole' ? 'numeric' : 'text'} />
    }
}

type Named = Pick<EntryField, 'name' | 'label'>

function Several({ name, label, options }: Named & Pick<EntryField, 'options'>) {
    const { setValue } = useFormContext<Typed>()
    const value = useWatch<Typed>({ name })
    const chosen = Array.isArray(value) ? value : []
    return (
        <Chips
            label={label}
            isMany
            options={options}
            chosen={chosen}
            onToggle={(one) =>
                setValue(
                    name,
                    chosen.includes(one) ? chosen.filter((other) => other !== one) : [...chosen, one],
                )
            }
            error={useRefusal(name)}
        />
    )
}

function YesNo({ name, label }: Named) {
    const { setValue } = useFormContext<Typed>()
    const value = useWatch<Typed>({ name })
    return (
        <Chips
            label={label}
            options={[
                { value: 'yes', text: words.yes },
                { value: 'no', text: words.no },
            ]}
            chosen={[String(value)]}
            onToggle={(one) => setValue(name, one)}
            error={useRefusal(name)}
        />
    )
}

function Long({ name, label }: Named) {
    const { register } = useFormContext<Typed>()
    const error = useRefusal(name)
    return (
        <Field.Root invalid={error !== undefined}>
            <Field.Label>{label}</Field.Label>
            <Textarea rows={4} maxLength={4000} {...register(name)} />
            <Field.ErrorText role="alert">{error}</Field.ErrorText>
        </Field.Root>
    )
}
