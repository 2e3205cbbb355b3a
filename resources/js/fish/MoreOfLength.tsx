import { Box, chakra } from '@chakra-ui/react'
import { useKeeper } from '../frame/keeper'
import { fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { messages } from '../messages'
import { wordOf } from '../units/measure'
import type { LengthTyped } from './lengthTyped'

const { Text, Choice } = fieldsOf<LengthTyped>()

/** What is seldom said of a length: along what it was measured, and of how many of a shoal. */
export function MoreOfLength({ isShoal }: { isShoal: boolean }) {
    const { units } = useKeeper()
    return (
        <chakra.details>
            <chakra.summary
                minHeight="44px"
                display="flex"
                alignItems="center"
                cursor="pointer"
                color="accent"
                fontWeight={700}
                _focusVisible={{ outline: '3px solid', outlineColor: 'accent' }}
            >
                {messages.fish.more}
            </chakra.summary>
            <Box display="flex" flexDirection="column" gap="10px" paddingBottom="8px">
                <Choice
                    name="length_kind"
                    label={messages.fish.lengthKind}
                    options={optionsOf({ '': messages.fish.ofItsSpecies, ...messages.labels.lengthKinds })}
                />
                {isShoal && (
                    <>
                        <Text name="sample" label={messages.fish.sample} inputMode="numeric" />
                        <Text
                            name="spread_mm"
                            label={messages.fish.spread({ unit: wordOf('length', units) })}
                            inputMode="decimal"
                        />
                    </>
                )}
            </Box>
        </chakra.details>
    )
}
