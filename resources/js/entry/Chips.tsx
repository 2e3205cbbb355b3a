import { Box, chakra } from '@chakra-ui/react'
import type { Option } from './fields'

interface Props {
    label: string
    options: readonly Option[]
    /** What is chosen: one, or some of them. */
    chosen: readonly string[]
    onToggle: (value: string) => void
    /** Some may be chosen; else one. */
    isMany?: boolean
    error?: string | undefined
}

/** A choice laid out so that one tap makes it, wide enough for a wet thumb. */
export function Chips({ label, options, chosen, onToggle, isMany = false, error }: Props) {
    return (
        <chakra.fieldset border="none" padding="0" margin="0">
            <chakra.legend fontWeight={600} paddingBottom="4px">
                {label}
            </chakra.legend>
            <Box display="flex" flexWrap="wrap" gap="8px">
                {options.map(({ value, text }) => {
                    const isChosen = chosen.includes(value)
                    return (
                        <chakra.label
                            key={value}
                            position="relative"
                            minHeight="44px"
                            display="flex"
                            alignItems="center"
                            paddingInline="12px"
                            cursor="pointer"
                            border="1.4px solid"
                            borderColor="edge"
                            borderRadius="3px"
                            background={isChosen ? 'ink' : 'transparent'}
                            color={isChosen ? 'paper' : 'ink'}
                            fontWeight={isChosen ? 700 : 400}
                            _focusWithin={{
                                outline: '3px solid',
                                outlineColor: 'accent',
                                outlineOffset: '2px',
                            }}
                        >
                            <chakra.input
                                type={isMany ? 'checkbox' : 'radio'}
                                name={isMany ? undefined : label}
                                checked={isChosen}
                                onChange={() => onToggle(value)}
                                position="absolute"
                                opacity={0}
                                inset={0}
                                cursor="pointer"
                            />
                            {text}
                        </chakra.label>
                    )
                })}
            </Box>
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
        </chakra.fieldset>
    )
}
