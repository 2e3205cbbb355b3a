import { messages } from '../messages'

/** What an answer of the rulebook is called; one that has no name is shown as it is. */
export const answerName = (answer: string): string =>
    answer in messages.labels.answers
        ? messages.labels.answers[answer as keyof typeof messages.labels.answers]
        : answer
