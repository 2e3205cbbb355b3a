import { Box, Button, chakra } from '@chakra-ui/react'
import type { UseFormReturn } from 'react-hook-form'
import { useFieldArray, useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import type { FishSheet, MakeupRequest } from '../api/types'
import { useUnit } from '../frame/keeper'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useIsAsked } from '../entry/useIsAsked'
import { useWrite } from '../entry/useWrite'
import { messages } from '../messages'
import { groupWords as words } from '../messages/group'
import type { LengthUnit } from '../units/length'
import { measured } from '../units/length'

interface Values {
    males: string
    females: string
    sizes: { called: string; count: string; length: string }[]
    method: NonNullable<MakeupRequest['method']>
    date: string
}

const MOST_SIZES = 8
const NO_SIZE = { called: '', count: '', length: '' }

const { Text, Choice } = fieldsOf<Values>()

const valuesOf = ({ group, today }: FishSheet, unit: LengthUnit): Values => ({
    males: group.males === 0 ? '' : String(group.males),
    females: group.females === 0 ? '' : String(group.females),
    sizes: [
        ...group.sizes.map(({ called, count, length_mm: mm }) => ({
            called,
            count: String(count),
            length: measured(mm, unit),
        })),
        NO_SIZE,
    ],
    method: 'eye',
    date: today,
})

/** Males, females and sizes of a shoal, as its keeper sees them on a day. */
export function MakeupForm({ sheet, onDone }: { sheet: FishSheet; onDone: () => void }) {
    const form = useForm<Values>({ defaultValues: valuesOf(sheet, useUnit()) })
    const { name, id: fish } = sheet.fish
    const entry = useWrite(
        'POST',
        '/api/v1/fish/{fish}/makeups',
        { fish },
        {
            notice: () => words.saved({ name }),
            undo: ({ id }) => write('DELETE', '/api/v1/makeups/{makeup}', { makeup: id }),
            onDone,
        },
    )
    const isAsked = useIsAsked(useWatch({ control: form.control }), entry)
    const areSizesSaid = form.formState.dirtyFields.sizes !== undefined
    const save = ({ males, females, sizes, method, date }: Values, keep: boolean): void =>
        entry.save({
            date,
            males: Number(males),
            females: Number(females),
            ...(areSizesSaid ? { sizes: sizesOf(sizes), method } : {}),
            ...(keep ? { keep } : {}),
        })
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={(values) => save(values, false)}
        >
            <Box display="grid" gridTemplateColumns="repeat(2, minmax(0, 1fr))" gap="12px" alignItems="start">
                <Text name="males" label={words.males} inputMode="numeric" help={words.rest} />
                <Text name="females" label={words.females} inputMode="numeric" />
            </Box>
            <Sizes form={form} />
            {areSizesSaid && (
                <Choice name="method" label={words.method} options={optionsOf(messages.labels.methods)} />
            )}
            <Text name="date" label={words.day} type="date" max={sheet.today} />
            {isAsked && (
                <Button type="button" disabled={entry.isSaving} onClick={() => save(form.getValues(), true)}>
                    {words.keep}
                </Button>
            )}
        </FieldForm>
    )
}

/** Those rows in which something stands; what is missing in them is said by the server. */
const sizesOf = (typed: Values['sizes']): NonNullable<MakeupRequest['sizes']> =>
    typed
        .filter(({ called, count, length }) => `${called}${count}${length}`.trim() !== '')
        .map(({ called, count, length }) => ({ called, count: Number(count), length }))

function Sizes({ form }: { form: UseFormReturn<Values> }) {
    const { fields, append } = useFieldArray({ control: form.control, name: 'sizes' })
    return (
        <chakra.fieldset border="none" padding="0" margin="0" minWidth="0">
            <chakra.legend fontWeight={700}>{words.sizes}</chakra.legend>
            <chakra.p color="ink2" paddingBottom="6px">
                {words.sizesHelp}
            </chakra.p>
            {fields.map(({ id }, n) => (
                <Box
                    key={id}
                    display="grid"
                    gridTemplateColumns="minmax(0, 1.4fr) minmax(0, 0.8fr) minmax(0, 1fr)"
                    gap="10px"
                    alignItems="start"
                    paddingBottom="8px"
                >
                    <Text
                        name={`sizes.${n}.called`}
                        label={words.called}
                        {...(n === 0 ? { help: words.calledHelp } : {})}
                    />
                    <Text name={`sizes.${n}.count`} label={words.count} inputMode="numeric" />
                    <Text name={`sizes.${n}.length`} label={words.length} />
                </Box>
            ))}
            {fields.length < MOST_SIZES && (
                <Button type="button" variant="plain" onClick={() => append(NO_SIZE)}>
                    {words.anotherSize}
                </Button>
            )}
        </chakra.fieldset>
    )
}
