import { answerName } from './answerName'
import { messages } from '../messages'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { fishListQuery, systemsQuery } from '../api/queries'
import type { RuleExceptionRow, RulebookSheet } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { EntryForm } from '../log/EntryForm'
import { ChoiceField, optionsOf, TextField } from '../log/fields'
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
            title={messages.rulebook.exceptions}
            aside={
                <Button variant="plain" fontSize="15px" onClick={() => setOpen(true)}>
                    {messages.rulebook.addException}
                </Button>
            }
        >
            {sheet.exceptions.length === 0 && (
                <chakra.p color="ink2" paddingTop="6px">
                    {messages.rulebook.noExceptions}
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
                        {one.answer === 'set-aside' ? messages.rulebook.setAside : answerName(one.answer)}.{' '}
                        <chakra.span color="ink2">{one.reason}</chakra.span>
                    </span>
                    <Button variant="plain" fontSize="15px" onClick={() => takeOut(n)}>
                        {messages.rulebook.takeOut}
                    </Button>
                </Box>
            ))}
            <PaperDialog title={messages.rulebook.exceptionTitle} open={open} onClose={() => setOpen(false)}>
                <ExceptionForm sheet={sheet} onDone={() => setOpen(false)} />
            </PaperDialog>
        </Section>
    )
}

const ruleName = (rule: string): string =>
    rule in messages.labels.questions
        ? messages.labels.questions[rule as keyof typeof messages.labels.questions]
              .toLowerCase()
              .replace('?', '')
        : messages.labels.rules[rule as keyof typeof messages.labels.rules]

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
            act={messages.rulebook.write}
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
                label={messages.rulebook.of}
                options={[
                    { value: 'fish', text: messages.rulebook.aFish },
                    { value: 'system', text: messages.rulebook.aSystem },
                ]}
                value={of}
                onChange={(value) => {
                    setOf(value as RuleExceptionRow['of'])
                    setId('')
                }}
            />
            <ChoiceField
                label={messages.rulebook.which}
                placeholder="–"
                options={which.map((one) => ({ value: String(one.id), text: one.name }))}
                value={id}
                onChange={setId}
                error={rulebook.fieldError(`exceptions.${n}.id`)}
            />
            <ChoiceField
                label={messages.rulebook.rule}
                options={[
                    ...OWN_SCHOOLS.map((one) => ({ value: one, text: messages.labels.questions[one] })),
                    ...optionsOf(messages.labels.rules),
                ]}
                value={rule}
                onChange={(value) => {
                    setRule(value)
                    setAnswer('set-aside')
                }}
            />
            <ChoiceField
                label={messages.rulebook.answer}
                options={[
                    ...(school === undefined
                        ? [{ value: 'set-aside', text: messages.rulebook.setAside }]
                        : [{ value: 'set-aside', text: '–' }]),
                    ...choices.map((one) => ({ value: one.answer, text: answerName(one.answer) })),
                ]}
                value={answer}
                onChange={setAnswer}
            />
            <TextField
                label={messages.rulebook.reason}
                help={messages.rulebook.reasonHelp}
                value={reason}
                onChange={setReason}
                error={rulebook.fieldError(`exceptions.${n}.reason`)}
            />
        </EntryForm>
    )
}
