const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ'
const ACCENTED = 'ȧƀƈḓḗƒɠħīĵķŀḿƞǿƥɋřşŧŭṽẇẋẏẑȦƁƇḒḖƑƓĦĪĴĶĿḾȠǾƤɊŘŞŦŬṼẆẊẎẐ'

/** A text in the made-up language: every letter carries an accent. */
export const accented = (text: string): string =>
    text.replace(/[a-z]/gi, (letter) => ACCENTED.charAt(PLAIN.indexOf(letter)))

/** An ICU pattern in it: names of arguments, their types and their selectors are not said, all else is. */
export function accentedPattern(pattern: string): string {
    let at = 0
    const message = (): string => {
        let said = ''
        for (; at < pattern.length && pattern.charAt(at) !== '}'; at++) {
            said += pattern.charAt(at) === '{' ? argument() : accented(pattern.charAt(at))
        }
        return said
    }
    const argument = (): string => {
        let said = '{'
        for (at++; pattern.charAt(at) !== '}'; at++) {
            said += pattern.charAt(at)
            if (pattern.charAt(at) === '{') {
                at++
                said += `${message()}}`
            }
        }
        return `${said}}`
    }
    return message()
}
