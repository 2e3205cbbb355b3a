import type { RuleExceptionRow, RulebookRequest, RulebookSheet } from '../api/types'

/** The rulebook as it is sent: answers and numbers that are not as they came, and the exceptions. */
export function documentOf(sheet: RulebookSheet): RulebookRequest {
    return {
        answers: Object.fromEntries(
            sheet.schools.flatMap((option) =>
                option.choices
                    .filter((one) => one.is_chosen && !one.is_default)
                    .map((one) => [option.question, one.answer]),
            ),
        ),
        numbers: Object.fromEntries(
            sheet.numbers.filter((one) => one.value !== one.standard).map((one) => [one.name, one.value]),
        ),
        exceptions: sheet.exceptions,
    }
}

export const withAnswer = (document: RulebookRequest, question: string, answer: string): RulebookRequest => ({
    ...document,
    answers: { ...document.answers, [question]: answer },
})

export const withNumber = (document: RulebookRequest, name: string, value: number): RulebookRequest => ({
    ...document,
    numbers: { ...document.numbers, [name]: value },
})

export const withExceptions = (
    document: RulebookRequest,
    exceptions: RuleExceptionRow[],
): RulebookRequest => ({ ...document, exceptions })

export const changedRules = (sheet: RulebookSheet): number => {
    const { answers, numbers, exceptions } = documentOf(sheet)
    return Object.keys(answers).length + Object.keys(numbers).length + exceptions.length
}
