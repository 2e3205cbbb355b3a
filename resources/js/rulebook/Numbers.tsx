import { messages } from '../messages'
import { Box, Button, chakra, Input } from '@chakra-ui/react'
import { useState } from 'react'
import type { RuleNumber, RulebookSheet } from '../api/types'
import { documentOf, withNumber } from './document'
import { useRulebook } from './useRulebook'

/** Every number behind the rules, to type over and to set back. */
export function Numbers({ sheet }: { sheet: RulebookSheet }) {
    return (
        <Box>
            {sheet.numbers.map((one) => (
                <NumberLine key={`${one.name} ${one.value}`} one={one} sheet={sheet} />
            ))}
        </Box>
    )
}

function NumberLine({ one, sheet }: { one: RuleNumber; sheet: RulebookSheet }) {
    const [typed, setTyped] = useState(String(one.value))
    const rulebook = useRulebook(sheet)
    const save = (value: number) => rulebook.save(withNumber(documentOf(sheet), one.name, value))
    const error = rulebook.fieldError(`numbers.${one.name}`)
    const isOwn = one.value !== one.standard
    return (
        <Box borderBottom="1px solid" borderColor="rule" paddingBlock="4px">
            <chakra.label
                display="grid"
                gridTemplateColumns="minmax(0, 1fr) 96px"
                gap="10px"
                alignItems="center"
            >
                <chakra.span fontWeight={isOwn ? 700 : 400}>{messages.labels.numbers[one.name]}</chakra.span>
                <Input
                    value={typed}
                    inputMode="decimal"
                    textAlign="end"
                    onChange={(event) => setTyped(event.target.value)}
                    onBlur={() =>
                        typed !== String(one.value) && save(typed.trim() === '' ? Number.NaN : Number(typed))
                    }
                    onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
                    aria-invalid={error !== undefined}
                />
            </chakra.label>
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
            {isOwn && (
                <Button variant="plain" fontSize="15px" onClick={() => save(one.standard)}>
                    {messages.rulebook.reset} {one.standard}
                </Button>
            )}
        </Box>
    )
}
