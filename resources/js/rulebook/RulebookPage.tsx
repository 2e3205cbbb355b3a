import { answerName } from './answerName'
import { namesOf } from './namesOf'
import { ruleLabelWords } from '../messages/ruleLabels'
import { rulebookWords } from '../messages/rulebook'
import { Box, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { rulebookQuery } from '../api/queries'
import type { RulebookSheet, RuleOptionRow } from '../api/types'
import { Fold } from '../frame/Fold'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { SheetBody } from '../frame/SheetBody'
import { changedRules, documentOf, withAnswer } from './document'
import { Exceptions } from './Exceptions'
import { Numbers } from './Numbers'
import { useRulebook } from './useRulebook'

/** The options, the numbers and the exceptions; each choice shows whom it would move. */
export function RulebookPage() {
    useNameSheet(rulebookWords.title)
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
            <SheetBody columns="minmax(0, 3fr) minmax(0, 2fr)">
                <Box display="flex" flexDirection="column" gap="16px">
                    {sheet.schools.map((option) => (
                        <Choice
                            key={option.question}
                            option={option}
                            isSaving={rulebook.isSaving}
                            onChoose={(answer) =>
                                rulebook.save(withAnswer(document, option.question, answer))
                            }
                        />
                    ))}
                </Box>
                <Box display="flex" flexDirection="column" gap="24px" paddingTop={{ base: '24px', lg: 0 }}>
                    <Exceptions sheet={sheet} />
                    <Fold title={rulebookWords.numbers} says={rulebookWords.numbersSay} on="every width">
                        <Numbers sheet={sheet} />
                    </Fold>
                </Box>
            </SheetBody>
        </>
    )
}

interface ChoiceProps {
    option: RuleOptionRow
    isSaving: boolean
    onChoose: (answer: string) => void
}

/** A question of the rulebook and its answers. */
function Choice({ option, isSaving, onChoose }: ChoiceProps) {
    const ask = ruleLabelWords.questions[option.question]
    // Shown while it is saved.
    const [picked, pick] = useState<string>()
    const chosen = option.choices.find((one) => one.is_chosen)
    return (
        <Fold title={ask} says={chosen && answerName(chosen.answer)}>
            <chakra.p color="ink2" paddingBlock="4px">
                {ruleLabelWords.decides[option.question]}
            </chakra.p>
            <Box role="radiogroup" aria-label={ask}>
                {option.choices.map((choice) => (
                    <Answer
                        key={choice.answer}
                        question={option.question}
                        choice={choice}
                        isPicked={
                            isSaving && picked !== undefined ? choice.answer === picked : choice.is_chosen
                        }
                        isSaving={isSaving}
                        onPick={() => {
                            pick(choice.answer)
                            onChoose(choice.answer)
                        }}
                    />
                ))}
            </Box>
        </Fold>
    )
}

interface AnswerProps {
    question: RuleOptionRow['question']
    choice: RuleOptionRow['choices'][number]
    isPicked: boolean
    isSaving: boolean
    onPick: () => void
}

function Answer({ question, choice, isPicked, isSaving, onPick }: AnswerProps) {
    return (
        <chakra.label
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
                name={question}
                checked={isPicked}
                disabled={isSaving}
                onChange={onPick}
                width="22px"
                height="22px"
                accentColor="accent"
            />
            <span>
                <chakra.span fontWeight={choice.is_chosen ? 700 : 500}>
                    {answerName(choice.answer)}
                </chakra.span>
                {choice.is_default && <chakra.span color="ink2">, {rulebookWords.usual}</chakra.span>}
                {MOVES_FISH.has(question) && !choice.is_chosen && <WhomItMoves choice={choice} />}
            </span>
        </chakra.label>
    )
}

/** Questions whose answers decide where fish can live. */
const MOVES_FISH: ReadonlySet<string> = new Set<RuleOptionRow['question']>(['home', 'floor', 'upgrade'])

function WhomItMoves({ choice: { lose, gain, elsewhere } }: { choice: RuleOptionRow['choices'][number] }) {
    return (
        <chakra.span display="block" fontSize="note" color={lose.length > 0 ? 'over' : 'ink2'}>
            {lose.length > 0 && rulebookWords.lose({ names: namesOf(lose), n: lose.length })}{' '}
            {gain.length > 0 && rulebookWords.gain({ names: namesOf(gain) })}
            {elsewhere.length > 0 && rulebookWords.elsewhere({ names: namesOf(elsewhere) })}
            {lose.length + gain.length + elsewhere.length === 0 && rulebookWords.nobody}
        </chakra.span>
    )
}
