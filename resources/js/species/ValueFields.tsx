import { Box, chakra, Field, Textarea } from '@chakra-ui/react'
import { useKeeper } from '../frame/keeper'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import type { ValueField } from './valueFields'
import { fieldName, valueGroups } from './valueFields'

interface Props {
    /** By the name of the field. */
    values: Record<string, string>
    onChange: (values: Record<string, string>) => void
    error: (field: string) => string | undefined
    /** Members of the description that are asked elsewhere. */
    without?: ReadonlySet<string>
}

/** Every value of a species, in groups. */
export function ValueFields({ values, onChange, error, without = NONE }: Props) {
    const { units } = useKeeper()
    return valueGroups(units).map((group) => (
        <chakra.fieldset
            key={group.title}
            border="none"
            borderTop="1px solid"
            borderColor="ink"
            padding="8px 0 0"
            margin="0"
            minWidth="0"
        >
            <chakra.legend fontWeight={800} padding="0 8px 0 0">
                {group.title}
            </chakra.legend>
            <Box
                display="grid"
                gridTemplateColumns={{ base: '1fr', md: 'repeat(2, minmax(0, 1fr))' }}
                gap="12px"
                alignItems="end"
            >
                {group.fields
                    .filter((one) => !without.has(one.field))
                    .map((one) => (
                        <Value
                            key={fieldName(one)}
                            one={one}
                            value={values[fieldName(one)] ?? ''}
                            onChange={(value) => onChange({ ...values, [fieldName(one)]: value })}
                            error={error(fieldName(one)) ?? error(one.field)}
                        />
                    ))}
            </Box>
        </chakra.fieldset>
    ))
}

const NONE: ReadonlySet<string> = new Set()

function Value({
    one,
    value,
    onChange,
    error,
}: {
    one: ValueField
    value: string
    onChange: (value: string) => void
    error: string | undefined
}) {
    if (one.type === 'choice') {
        return (
            <ChoiceField
                label={one.label}
                options={optionsOf(one.options)}
                value={value}
                onChange={onChange}
                error={error}
            />
        )
    }
    if (one.type === 'lines' || one.type === 'records') {
        return (
            <Field.Root invalid={error !== undefined} gridColumn={{ md: '1 / 3' }}>
                <Field.Label>{one.label}</Field.Label>
                <Textarea
                    rows={3}
                    value={value}
                    onChange={(event) => onChange(event.target.value)}
                    border="1.6px solid"
                    borderColor="edge"
                    borderRadius="3px"
                    background="fresh"
                    color="ink"
                    padding="8px 12px"
                    width="100%"
                />
                <Field.ErrorText role="alert">{error}</Field.ErrorText>
            </Field.Root>
        )
    }
    return (
        <TextField
            label={one.label}
            value={value}
            onChange={onChange}
            error={error}
            inputMode={one.type === 'number' ? 'decimal' : 'text'}
        />
    )
}
