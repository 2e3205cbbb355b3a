import { messages } from '../messages'
import { Box } from '@chakra-ui/react'
import type { Refused } from '../api/refused'
import { SpeciesField } from '../species/SpeciesField'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import type { CandidateTyped } from './candidate'

interface Props {
    typed: CandidateTyped
    onType: (typed: CandidateTyped) => void
    refused: Refused | undefined
    /** A name that no species here has. */
    isUnknown: boolean
    isNarrow: boolean
}

/** What is thought of, as seen at the seller's. */
export function CandidateForm({ typed, onType, refused, isUnknown, isNarrow }: Props) {
    const set = (name: keyof CandidateTyped) => (value: string) => onType({ ...typed, [name]: value })
    return (
        <Box
            display="grid"
            gridTemplateColumns={{
                base: 'repeat(2, minmax(0, 1fr))',
                lg: isNarrow ? 'repeat(2, minmax(0, 1fr))' : 'repeat(3, minmax(0, 1fr))',
            }}
            gap="12px"
            alignItems="start"
        >
            <Box gridColumn={{ base: '1 / -1', lg: isNarrow ? '1 / -1' : '1 / 3' }}>
                <SpeciesField
                    label={messages.weighUp.species}
                    help={messages.weighUp.speciesHelp}
                    value={typed.species}
                    onChange={set('species')}
                    error={isUnknown ? messages.weighUp.unknownSpecies : refused?.fieldError('species_id')}
                />
            </Box>
            <TextField
                label={messages.weighUp.count}
                inputMode="numeric"
                value={typed.count}
                onChange={set('count')}
                error={refused?.fieldError('count')}
            />
            <TextField
                label={messages.weighUp.length}
                value={typed.length}
                onChange={set('length')}
                help={messages.weighUp.lengthHelp}
                error={refused?.fieldError('length')}
            />
            <Box gridColumn={{ base: '1 / -1', lg: isNarrow ? '1 / -1' : 'auto' }}>
                <ChoiceField
                    label={messages.weighUp.health}
                    options={optionsOf(messages.weighUp.healths)}
                    value={typed.health}
                    onChange={set('health')}
                    error={refused?.fieldError('health')}
                />
            </Box>
            <TextField
                label={messages.weighUp.price}
                inputMode="decimal"
                value={typed.price}
                onChange={set('price')}
                error={refused?.fieldError('price')}
            />
            <TextField
                label={messages.weighUp.quarantine}
                inputMode="numeric"
                value={typed.served}
                onChange={set('served')}
                error={refused?.fieldError('quarantine_served')}
            />
            <Box gridColumn={{ base: '1 / -1', lg: isNarrow ? '1 / -1' : '2 / -1' }}>
                <TextField
                    label={messages.weighUp.fallback}
                    value={typed.fallback}
                    onChange={set('fallback')}
                    error={refused?.fieldError('fallback')}
                />
            </Box>
        </Box>
    )
}
