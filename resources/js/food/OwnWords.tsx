import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { fishListQuery, speciesListQuery } from '../api/queries'
import type { FoodRow } from '../api/types'
import { ChoiceField, optionsOf } from '../entry/fields'
import { foodWords } from '../messages/food'

const words = foodWords.form

type Word = FoodRow['own_word'][number]

interface Props {
    said: readonly Word[]
    onSay: (words: Word[]) => void
}

/** What the keeper has seen of the kinds that are kept here, over what their diet says. */
export function OwnWords({ said, onSay }: Props) {
    const fish = useQuery(fishListQuery).data ?? []
    const species = useQuery(speciesListQuery).data ?? []
    const kept = new Set(fish.map((one) => one.species))
    const kinds = species.filter((one) => kept.has(one.common_name))
    const say = (key: string, taking: string): void =>
        onSay([
            ...said.filter((one) => one.species !== key),
            ...(taking === '' ? [] : [{ species: key, taking: taking as Word['taking'] }]),
        ])
    return (
        <chakra.details>
            <chakra.summary minHeight="44px" paddingBlock="10px" cursor="pointer" fontWeight={600}>
                {words.ownWords({ n: said.length })}
            </chakra.summary>
            <Box display="flex" flexDirection="column" gap="10px">
                {kinds.map((kind) => (
                    <ChoiceField
                        key={kind.key}
                        label={kind.common_name}
                        value={said.find((one) => one.species === kind.key)?.taking ?? ''}
                        options={[{ value: '', text: words.byDiet }, ...optionsOf(words.takings)]}
                        onChange={(taking) => say(kind.key, taking)}
                    />
                ))}
            </Box>
        </chakra.details>
    )
}
