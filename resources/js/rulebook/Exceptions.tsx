import { answerName } from './answerName'
import { ruleLabelWords } from '../messages/ruleLabels'
import { rulebookWords } from '../messages/rulebook'
import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { fishListQuery, systemsQuery } from '../api/queries'
import type { RuleExceptionRow, RulebookSheet } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
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
            title={rulebookWords.exceptions}
            aside={
                <Button variant="plain" fontSize="note" onClick={() => setOpen(true)}>
                    {rulebookWords.addException}
                </Button>
            }
        >
            {sheet.exceptions.length === 0 && (
                <chakra.p color="ink2" paddingTop="6px">
                    {rulebookWords.noExceptions}
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
                        {one.answer === 'set-aside' ? rulebookWords.setAside : answerName(one.answer)}.{' '}
                        <chakra.span color="ink2">{one.reason}</chakra.span>
                    </span>
                    <Button variant="plain" fontSize="note" onClick={() => takeOut(n)}>
                        {rulebookWords.takeOut}
                    </Button>
                </Box>
            ))}
            <PaperDialog title={rulebookWords.exceptionTitle} open={open} onClose={() => setOpen(false)}>
                <ExceptionForm sheet={sheet} onDone={() => setOpen(false)} />
            </PaperDialog>
        </Section>
    )
}

const ruleName = (rule: string): string =>
    rule in ruleLabelWords.questions
        ? ruleLabelWords.questions[rule as keyof typeof ruleLabelWords.questions]
              .toLowerCase()
              .replace('?', '')
        : ruleLabelWords.rules[rule as keyof typeof ruleLabelWords.rules]

/** The options that may differ for one fish or system. */
const OWN_SCHOOLS = ['home', 'floor'] as const

interface Values {
    of: RuleExceptionRow['of']
    id: string
    rule: string
    answer: string
    reason: string
}

const { Text, Choice } = fieldsOf<Values>()

const SET_ASIDE = 'set-aside'

function ExceptionForm({ sheet, onDone }: { sheet: RulebookSheet; onDone: () => void }) {
    const fish = useQuery(fishListQuery).data ?? []
    const systems = useQuery(systemsQuery).data ?? []
    const rulebook = useRulebook(sheet, onDone)
    const form = useForm<Values>({
        defaultValues: { of: 'fish', id: '', rule: 'fittings', answer: SET_ASIDE, reason: '' },
    })
    const [of, rule] = useWatch({ control: form.control, name: ['of', 'rule'] })
    const method = OWN_SCHOOLS.find((own) => own === rule)
    const choices = sheet.schools.find((school) => school.question === method)?.choices ?? []
    const n = sheet.exceptions.length
    return (
        <FieldForm
            form={form}
            entry={rulebook}
            act={rulebookWords.write}
            onCancel={onDone}
            onSave={(values) =>
                rulebook.save(
                    withExceptions(documentOf(sheet), [
                        ...sheet.exceptions,
                        { ...values, id: Number(values.id), name: '' },
                    ]),
                )
            }
        >
            <Choice
                name="of"
                label={rulebookWords.of}
                options={[
                    { value: 'fish', text: rulebookWords.aFish },
                    { value: 'system', text: rulebookWords.aSystem },
                ]}
                onChosen={() => form.setValue('id', '')}
            />
            <Choice
                name="id"
                refusedAs={`exceptions.${n}.id`}
                label={rulebookWords.which}
                placeholder="–"
                options={(of === 'fish' ? fish : systems).map(({ id, name }) => ({
                    value: String(id),
                    text: name,
                }))}
            />
            <Choice
                name="rule"
                label={rulebookWords.rule}
                options={[
                    ...OWN_SCHOOLS.map((own) => ({ value: own, text: ruleLabelWords.questions[own] })),
                    ...optionsOf(ruleLabelWords.rules),
                ]}
                onChosen={() => form.setValue('answer', SET_ASIDE)}
            />
            <Choice
                name="answer"
                label={rulebookWords.answer}
                options={[
                    { value: SET_ASIDE, text: method === undefined ? rulebookWords.setAside : '–' },
                    ...choices.map(({ answer }) => ({ value: answer, text: answerName(answer) })),
                ]}
            />
            <Text
                name="reason"
                refusedAs={`exceptions.${n}.reason`}
                label={rulebookWords.reason}
                help={rulebookWords.reasonHelp}
            />
        </FieldForm>
    )
}
