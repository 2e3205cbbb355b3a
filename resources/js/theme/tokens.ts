/** The two sheets: warm paper by day, a blueprint by night. Every colour has one meaning. */
const colours = {
    paper: ['#f4eee0', '#10243a'],
    fresh: ['#fbf8f0', '#17304a'],
    water: ['#d6e5e3', '#1b3f5a'],
    ink: ['#1d2a30', '#e8eef0'],
    ink2: ['#4c575a', '#adc0cc'],
    rule: ['#d5cab4', '#29465f'],
    edge: ['#7d7362', '#7f9cb4'],
    waterline: ['#2b6a7a', '#7cc4d6'],
    fit: ['#2c6a45', '#8fd6a6'],
    close: ['#845000', '#f1c062'],
    over: ['#a3241c', '#ff9d90'],
    unc: ['#66578a', '#c6b8ee'],
    done: ['#4b6169', '#9fb5c3'],
    accent: ['#17509c', '#a5cdff'],
    onaccent: ['#fbf8f0', '#10243a'],
    band0: ['#004f56', '#69fefc'],
    band1: ['#af5100', '#f48e32'],
    band2: ['#29247f', '#82a0fb'],
    band3: ['#514900', '#b2a980'],
    band4: ['#944694', '#e698c6'],
    band5: ['#5d7555', '#c6fd86'],
    band6: ['#0071c0', '#3bcefe'],
    band7: ['#4f251d', '#edceb7'],
} as const satisfies Record<string, readonly [light: string, dark: string]>

export type Colour = keyof typeof colours

export const semanticColours = Object.fromEntries(
    Object.entries(colours).map(([name, [light, dark]]) => [name, { value: { _light: light, _dark: dark } }]),
)

/** The colour in a drawing, where a style property cannot name the token. */
export const ink = (colour: Colour): string => `var(--chakra-colors-${colour})`

export const bandInk = (band: number): string => `var(--chakra-colors-band${band % 8})`

const sans = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif"

export const fonts = {
    body: { value: sans },
    heading: { value: sans },
    mono: { value: "'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace" },
}

/** One scale of letters; drawings have 14, 15 and 16 of their own units. */
export const fontSizes = {
    /** Beside and below what is said. */
    note: { value: '15px' },
    text: { value: '16.5px' },
    /** What is written in fields and on buttons, and names. */
    said: { value: '17px' },
    /** The heading of a part. */
    part: { value: '19px' },
    narrowTitle: { value: '24px' },
    title: { value: '27px' },
    /** A figure that is typed at arm's length. */
    figure: { value: '40px' },
}
