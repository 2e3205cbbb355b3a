import { Box, Button, chakra } from '@chakra-ui/react'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { words } from '../words/en'
import { claimWords, speciesWords } from '../words/species'
import type { ClaimTyped } from './claims'
import { noClaim } from './claims'

interface Props {
    claims: ClaimTyped[]
    onChange: (claims: ClaimTyped[]) => void
    error: string | undefined
}

/** Who says how long a species becomes: any number of claims. */
export function ClaimsField({ claims, onChange, error }: Props) {
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
                    gridTemplateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr 2fr auto' }}
                    gap="10px"
                    alignItems="end"
                >
                    <TextField
                        label="Length, mm"
                        inputMode="decimal"
                        value={one.length}
                        onChange={(length) => change(n, { length })}
                    />
                    <ChoiceField
                        label="Says"
                        options={optionsOf(claimWords)}
                        value={one.kind}
                        onChange={(kind) => change(n, { kind })}
                    />
                    <ChoiceField
                        label={words.fish.sex}
                        options={optionsOf({ '': 'both', male: 'males', female: 'females' })}
                        value={one.sex}
                        onChange={(sex) => change(n, { sex })}
                    />
                    <TextField
                        label="Source"
                        value={one.source}
                        onChange={(source) => change(n, { source })}
                    />
                    <Button
                        type="button"
                        variant="plain"
                        onClick={() => onChange(claims.filter((_, i) => i !== n))}
                    >
                        {words.fish.takeOutAct}
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
                Add a claim
            </Button>
        </chakra.fieldset>
    )
}
