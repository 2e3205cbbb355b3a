import { ruleLabelWords } from '../messages/ruleLabels'

/** What an answer of the rulebook is called; one that has no name is shown as it is. */
export const answerName = (answer: string): string =>
    answer in ruleLabelWords.answers
        ? ruleLabelWords.answers[answer as keyof typeof ruleLabelWords.answers]
        : answer
