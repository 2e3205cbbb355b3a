/**
 * A question to the API of what a keeper has typed, empty fields left out. Its
 * numbers may be texts still: the server reads them and says what is wrong.
 */
// The type says which question it is of: nothing of it is left when it runs.
// oxlint-disable-next-line typescript/no-unnecessary-type-parameters
export const asTyped = <Q>(typed: Readonly<Record<string, string>>): Q =>
    Object.fromEntries(Object.entries(typed).filter(([, text]) => text.trim() !== '')) as Q

export const isTyped = (typed: Readonly<Record<string, string>>): boolean =>
    Object.values(typed).some((text) => text.trim() !== '')
