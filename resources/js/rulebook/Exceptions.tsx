import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { fishListQuery, systemsQuery } from '../api/queries'
import type { RuleExceptionRow, RulebookSheet } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
import { answers, questions, ruleWords, rulebookWords as said } from '../words/rulebook'
import { documentOf, withExceptions } from './document'
import { useRulebook } from './useRulebook'

/** Fish and systems that have a rule of their own, each with its reason. */
export function Exceptions({ sheet }: { sheet: RulebookSheet }) {
    const [open, setOpen] = useState(false)
    const rulebook = useRulebook(sheet)
    const takeOut = (n: number) =>
        rulebook.save(
            withExceptions(
                documentOf(sheet),
                sheet.exceptions.filter((_, i) => i !== n),
            ),
        )
    return (
        <Section
            title={said.exceptions}
            aside={
                <Button variant="plain" fontSize="15px" onClick={() => setOpen(true)}>
                    {said.addException}
                </Button>
            }
        >
            {sheet.exceptions.length === 0 && (
                <chakra.p color="ink2" paddingTop="6px">
                    {said.noExceptions}
                </chakra.p>
            )}
            {sheet.exceptions.map((one, n) => (
                <Box
                    key={n}
                    borderBottom="1px solid"
                    borderColor="rule"
                    paddingBlock="6px"
                    display="flex"
                    justifyContent="space-between"
                    gap="10px"
                >
                    <span>
                        <b>{one.name}</b>: {ruleName(one.rule)},{' '}
                        {one.answer === 'set-aside' ? said.setAside : (answers[one.answer] ?? one.answer)}.{' '}
                        <chakra.span color="ink2">{one.reason}</chakra.span>
                    </span>
                    <Button variant="plain" fontSize="15px" onClick={() => takeOut(n)}>
                        {said.takeOut}
                    </Button>
                </Box>
            ))}
            <PaperDialog title={said.exceptionTitle} open={open} onClose={() => setOpen(false)}>
                <ExceptionForm sheet={sheet} onDone={() => setOpen(false)} />
            </PaperDialog>
        </Section>
    )
}

const ruleName = (rule: string): string =>
    rule in questions
        ? questions[rule as keyof typeof questions].ask.toLowerCase().replace('?', '')
        : (ruleWords[rule] ?? rule)

/** The schools that may differ for one fish or system. */
const OWN_SCHOOLS = ['home', 'floor'] as const

function ExceptionForm({ sheet, onDone }: { sheet: RulebookSheet; onDone: () => void }) {
    const fish = useQuery(fishListQuery).data ?? []
    const systems = useQuery(systemsQuery).data ?? []
    const rulebook = useRulebook(sheet, onDone)
    const [of, setOf] = useState<RuleExceptionRow['of']>('fish')
    const [id, setId] = useState('')
    const [rule, setRule] = useState<string>('fittings')
    const [answer, setAnswer] = useState('set-aside')
    const [reason, setReason] = useState('')
    const school = OWN_SCHOOLS.find((one) => one === rule)
    const choices = sheet.schools.find((one) => one.question === school)?.choices ?? []
    const which = of === 'fish' ? fish : systems
    const n = sheet.exceptions.length
    return (
        <EntryForm
            act={said.write}
            isSaving={rulebook.isSaving}
            error={
                rulebook.error !== undefined &&
                rulebook.fieldError(`exceptions.${n}.reason`) === undefined &&
                rulebook.fieldError(`exceptions.${n}.id`) === undefined
                    ? rulebook.error
                    : undefined
            }
            onCancel={onDone}
            onSave={() =>
                rulebook.save(
                    withExceptions(documentOf(sheet), [
                        ...sheet.exceptions,
                        { of, id: Number(id), name: '', rule, answer, reason },
                    ]),
                )
            }
        >
            <ChoiceField
                label={said.of}
                options={[
                    { value: 'fish', text: said.aFish },
                    { value: 'system', text: said.aSystem },
                ]}
                value={of}
                onChange={(value) => {
                    setOf(value as RuleExceptionRow['of'])
                    setId('')
                }}
            />
            <ChoiceField
                label={said.which}
                placeholder="–"
                options={which.map((one) => ({ value: String(one.id), text: one.name }))}
                value={id}
                onChange={setId}
                error={rulebook.fieldError(`exceptions.${n}.id`)}
            />
            <ChoiceField
                label={said.rule}
                options={[
                    ...OWN_SCHOOLS.map((one) => ({ value: one, text: questions[one].ask })),
                    ...optionsOf(ruleWords),
                ]}
                value={rule}
                onChange={(value) => {
                    setRule(value)
                    setAnswer('set-aside')
                }}
            />
            <ChoiceField
                label={said.answer}
                options={[
                    ...(school === undefined
                        ? [{ value: 'set-aside', text: said.setAside }]
                        : [{ value: 'set-aside', text: '–' }]),
                    ...choices.map((one) => ({ value: one.answer, text: answers[one.answer] ?? one.answer })),
                ]}
                value={answer}
                onChange={setAnswer}
            />
            <TextField
                label={said.reason}
                help={said.reasonHelp}
                value={reason}
                onChange={setReason}
                error={rulebook.fieldError(`exceptions.${n}.reason`)}
            />
        </EntryForm>
    )
}
