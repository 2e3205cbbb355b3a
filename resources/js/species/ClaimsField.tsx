import { useKeeper } from '../frame/keeper'
import { wordOf } from '../units/measure'
import { messages } from '../messages'
import { speciesWords } from '../messages/species'
import { Box, Button, chakra } from '@chakra-ui/react'
import { ChoiceField, optionsOf, TextField } from '../entry/fields'
import type { ClaimTyped } from './claims'
import { noClaim } from './claims'

interface Props {
    claims: ClaimTyped[]
    onChange: (claims: ClaimTyped[]) => void
    error: string | undefined
}

/** Who says how long a species becomes: any number of claims. */
export function ClaimsField({ claims, onChange, error }: Props) {
    const { units } = useKeeper()
    const change = (n: number, changed: Partial<ClaimTyped>) =>
        onChange(claims.map((one, i) => (i === n ? { ...one, ...changed } : one)))
    return (
        <chakra.fieldset
            border="none"
            borderTop="1px solid"
            borderColor="ink"
            padding="8px 0 0"
            margin="0"
            minWidth="0"
            display="flex"
            flexDirection="column"
            gap="10px"
        >
            <chakra.legend fontWeight={800} padding="0 8px 0 0">
                {speciesWords.claims}
            </chakra.legend>
            {claims.map((one, n) => (
                <Box
                    key={n}
                    display="grid"
                    gridTemplateColumns={{ base: 'repeat(2, minmax(0, 1fr))', md: '1fr 1fr 1fr 2fr auto' }}
                    gap="10px"
                    alignItems="end"
                >
                    <TextField
                        label={speciesWords.claim.length({ unit: wordOf('length', units) })}
                        inputMode="decimal"
                        value={one.length}
                        onChange={(length) => change(n, { length })}
                    />
                    <ChoiceField
                        label={speciesWords.claim.says}
                        options={optionsOf(messages.labels.claims)}
                        value={one.kind}
                        onChange={(kind) => change(n, { kind })}
                    />
                    <ChoiceField
                        label={messages.fish.sex}
                        options={optionsOf({
                            '': speciesWords.claim.sexes.both,
                            male: speciesWords.claim.sexes.male,
                            female: speciesWords.claim.sexes.female,
                        })}
                        value={one.sex}
                        onChange={(sex) => change(n, { sex })}
                    />
                    <TextField
                        label={speciesWords.claim.source}
                        value={one.source}
                        onChange={(source) => change(n, { source })}
                    />
                    <Button
                        type="button"
                        variant="plain"
                        onClick={() => onChange(claims.filter((_, i) => i !== n))}
                    >
                        {messages.fish.takeOutAct}
                    </Button>
                </Box>
            ))}
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
            <Button
                type="button"
                variant="plain"
                alignSelf="start"
                onClick={() => onChange([...claims, noClaim])}
            >
                {speciesWords.claim.add}
            </Button>
        </chakra.fieldset>
    )
}
