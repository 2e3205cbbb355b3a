import { messages } from '.'

/** "a", "a and b", "a, b and c"; empty ones are left out. */
export function joined(parts: readonly string[]): string {
    const said = parts.filter((part) => part !== '')
    const last = said.at(-1) ?? ''
    return said.length < 2 ? last : messages.frame.joint.and({ first: said.slice(0, -1).join(', '), last })
}

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
