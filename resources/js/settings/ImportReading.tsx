import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { ImportSheet } from '../api/types'
import type { Option } from '../entry/fields'
import { ChoiceField, optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { joined } from '../messages/joined'
import { settingsWords } from '../messages/settings'
import { isUnderWay } from './queries'

const words = settingsWords.import

type ColumnName = keyof typeof words.columns

const columnName = (column: string): string =>
    column in words.columns ? words.columns[column as ColumnName] : column

/** Which column is what, and what bare figures mean: guessed, shown, and changed here. */
export function ImportReading({ sheet }: { sheet: ImportSheet }) {
    const [columns, setColumns] = useState<readonly (string | null)[]>(sheet.columns)
    const [dates, setDates] = useState(sheet.dates)
    const [lengths, setLengths] = useState(sheet.lengths)
    const [isFahrenheit, setFahrenheit] = useState(sheet.is_fahrenheit)
    const again = useWrite('PUT', '/api/v1/imports/{import}', { import: sheet.import.id }, {})
    const options: Option[] = [
        { value: '', text: words.unread },
        ...sheet.possible.map((column) => ({ value: column, text: columnName(column) })),
    ]
    return (
        <Box display="flex" flexDirection="column" gap="12px" paddingTop="10px">
            {sheet.missing.length > 0 && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {words.missing({ what: joined(sheet.missing.map(columnName)) })}
                </chakra.p>
            )}
            <Box display="grid" gridTemplateColumns={{ base: '1fr', sm: '1fr 1fr' }} gap="10px">
                {sheet.headings.map((heading, i) => (
                    <ChoiceField
                        key={i}
                        label={words.column({ heading: heading === '' ? String(i + 1) : heading })}
                        value={columns[i] ?? ''}
                        options={options}
                        onChange={(chosen) =>
                            setColumns(
                                columns.map((before, at) =>
                                    at === i ? (chosen === '' ? null : chosen) : before,
                                ),
                            )
                        }
                        error={again.fieldError(`columns.${i}`)}
                    />
                ))}
            </Box>
            <ChoiceField
                label={words.dates}
                value={dates}
                options={optionsOf(words.order)}
                onChange={(chosen) => setDates(chosen as ImportSheet['dates'])}
                help={sheet.dates_told ? words.datesTold : words.datesGuessed}
            />
            {sheet.import.kind === 'lengths' && (
                <ChoiceField
                    label={words.lengths}
                    value={lengths}
                    options={optionsOf(words.units)}
                    onChange={(chosen) => setLengths(chosen as ImportSheet['lengths'])}
                />
            )}
            {sheet.import.kind === 'tests' && (
                <ChoiceField
                    label={words.temperatures}
                    value={isFahrenheit ? 'f' : 'c'}
                    options={[
                        { value: 'c', text: words.celsius },
                        { value: 'f', text: words.fahrenheit },
                    ]}
                    onChange={(chosen) => setFahrenheit(chosen === 'f')}
                />
            )}
            <Button
                disabled={again.isSaving || isUnderWay(sheet.task)}
                onClick={() =>
                    again.save({ columns: [...columns], dates, lengths, is_fahrenheit: isFahrenheit })
                }
            >
                {words.again}
            </Button>
        </Box>
    )
}
