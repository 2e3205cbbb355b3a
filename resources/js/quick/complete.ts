/** So many letters tell what is meant, and so many names fit a thumb. */
const LEAST = 2
const MOST = 5

const lastWord = (typed: string): string => /\S+$/.exec(typed)?.[0] ?? ''

/** Names that begin with the last word of a line, or have a word that does; none when it is one already. */
export function namesFor(typed: string, names: readonly string[]): string[] {
    const word = lastWord(typed).toLowerCase()
    if (word.length < LEAST || names.some((name) => typed.toLowerCase().endsWith(name.toLowerCase()))) {
        return []
    }
    return names
        .filter((name) =>
            name
                .toLowerCase()
                .split(' ')
                .some((part) => part.startsWith(word)),
        )
        .slice(0, MOST)
}

/** The line with its last word made that name. */
export const completed = (typed: string, name: string): string =>
    `${typed.slice(0, typed.length - lastWord(typed).length)}${name} `
