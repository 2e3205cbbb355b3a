import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { pondClimatesQuery } from '../api/queries'
import { ChoiceField, TextField } from '../entry/fields'
import { systemsWords } from '../messages/systems'

interface Props {
    months: readonly string[]
    onChange: (months: string[]) => void
    error: string | undefined
}

/** The means of the twelve months, with a climate to begin from. */
export function Months({ months, onChange, error }: Props) {
    return (
        <Box gridColumn="1 / -1" role="group" aria-label={systemsWords.form.monthsTitle}>
            <Climate onChoose={onChange} />
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'repeat(4, minmax(0, 1fr))', md: 'repeat(6, minmax(0, 1fr))' }}
                gap="8px"
            >
                {systemsWords.form.months.map((name, i) => (
                    <TextField
                        key={name}
                        label={name}
                        inputMode="decimal"
                        value={months[i] ?? ''}
                        onChange={(value) =>
                            onChange(
                                Array.from({ length: 12 }, (_, j) => (j === i ? value : (months[j] ?? ''))),
                            )
                        }
                    />
                ))}
            </Box>
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
        </Box>
    )
}

/** Fills in all twelve at once. */
function Climate({ onChoose }: { onChoose: (months: string[]) => void }) {
    const climates = useQuery(pondClimatesQuery).data ?? []
    const said = systemsWords.form
    const options = climates.flatMap(({ climate, northern, southern }) => [
        { text: said.climates[climate], months: northern },
        { text: said.southern({ climate: said.climates[climate] }), months: southern },
    ])
    return (
        <Box maxWidth="420px" paddingBottom="10px">
            <ChoiceField
                label={said.climate}
                help={said.climateHelp}
                options={[
                    { value: '', text: said.chooseClimate },
                    ...options.map(({ text }, i) => ({ value: String(i), text })),
                ]}
                value=""
                onChange={(at) => onChoose([...(options[Number(at)]?.months ?? [])])}
            />
        </Box>
    )
}
