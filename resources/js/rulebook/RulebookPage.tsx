import { answerName } from './answerName'
import { namesOf } from './namesOf'
import { ruleLabelWords } from '../messages/ruleLabels'
import { rulebookWords } from '../messages/rulebook'
import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { rulebookQuery } from '../api/queries'
import type { RulebookSheet, RuleOptionRow } from '../api/types'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { changedRules, documentOf, withAnswer } from './document'
import { Exceptions } from './Exceptions'
import { Numbers } from './Numbers'
import { useRulebook } from './useRulebook'

/** The options, the numbers and the exceptions; each choice shows whom it would move. */
export function RulebookPage() {
    useNameSheet(rulebookWords.title, rulebookWords.comment)
    return <Waiting query={useQuery(rulebookQuery)}>{(sheet) => <Sheet sheet={sheet} />}</Waiting>
}

function Sheet({ sheet }: { sheet: RulebookSheet }) {
    const rulebook = useRulebook(sheet)
    const document = documentOf(sheet)
    return (
        <>
            <SheetHead
                sentence={rulebookWords.headline({ changed: changedRules(sheet) })}
                comment={rulebookWords.comment}
            />
            {rulebook.error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600} padding="8px 10px">
                    {rulebook.error}
                </chakra.p>
            )}
            <Box
                display="grid"
                gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' }}
                columnGap="34px"
                padding={{ base: '12px 2px 24px', md: '12px 10px 24px' }}
            >
                <Box display="flex" flexDirection="column" gap="18px">
                    {sheet.schools.map((option) => (
                        <Choice
                            key={`${option.question} ${option.choices.find((one) => one.is_chosen)?.answer ?? ''} ${rulebook.error ?? ''}`}
                            option={option}
                            isSaving={rulebook.isSaving}
                            onChoose={(answer) =>
                                rulebook.save(withAnswer(document, option.question, answer))
                            }
                        />
                    ))}
                </Box>
                <Box display="flex" flexDirection="column" gap="22px" paddingTop={{ base: '22px', lg: 0 }}>
                    <Exceptions sheet={sheet} />
                    <Section title={rulebookWords.numbers}>
                        <Numbers sheet={sheet} />
                    </Section>
                </Box>
            </Box>
        </>
    )
}

interface ChoiceProps {
    option: RuleOptionRow
    isSaving: boolean
    onChoose: (answer: string) => void
}

function Choice({ option, isSaving, onChoose }: ChoiceProps) {
    const ask = ruleLabelWords.questions[option.question]
    const decides = ruleLabelWords.decides[option.question]
    // Shown at once; the answer from the server replaces it.
    const [picked, pick] = useState<string>()
    const movesFish =
        option.question === 'home' || option.question === 'floor' || option.question === 'upgrade'
    return (
        <chakra.fieldset
            border="none"
            borderTop="1.6px solid"
            borderColor="ink"
            padding="6px 0 0"
            margin="0"
            minWidth="0"
        >
            <chakra.legend fontWeight={800} fontSize="17px" padding="0 10px 0 0">
                {ask}
            </chakra.legend>
            <chakra.p color="ink2" paddingBottom="4px">
                {decides}
            </chakra.p>
            {option.choices.map((choice) => (
                <chakra.label
                    key={choice.answer}
                    display="grid"
                    gridTemplateColumns="28px minmax(0, 1fr)"
                    gap="8px"
                    alignItems="center"
                    minHeight="44px"
                    cursor="pointer"
                    borderTop="1px solid"
                    borderColor="rule"
                >
                    <chakra.input
                        type="radio"
                        name={option.question}
                        checked={picked === undefined ? choice.is_chosen : choice.answer === picked}
                        disabled={isSaving}
                        onChange={() => {
                            pick(choice.answer)
                            onChoose(choice.answer)
                        }}
                        width="22px"
                        height="22px"
                        accentColor="accent"
                    />
                    <span>
                        <chakra.span fontWeight={choice.is_chosen ? 700 : 500}>
                            {answerName(choice.answer)}
                        </chakra.span>
                        {choice.is_default && <chakra.span color="ink2">, {rulebookWords.usual}</chakra.span>}
                        {movesFish && !choice.is_chosen && (
                            <chakra.span
                                display="block"
                                fontSize="15.5px"
                                color={choice.lose.length > 0 ? 'over' : 'ink2'}
                            >
                                {choice.lose.length > 0 &&
                                    rulebookWords.lose({
                                        names: namesOf(choice.lose),
                                        n: choice.lose.length,
                                    })}{' '}
                                {choice.gain.length > 0 &&
                                    rulebookWords.gain({ names: namesOf(choice.gain) })}
                                {choice.elsewhere.length > 0 &&
                                    rulebookWords.elsewhere({ names: namesOf(choice.elsewhere) })}
                                {choice.lose.length + choice.gain.length + choice.elsewhere.length === 0 &&
                                    rulebookWords.nobody}
                            </chakra.span>
                        )}
                    </span>
                </chakra.label>
            ))}
        </chakra.fieldset>
    )
}
