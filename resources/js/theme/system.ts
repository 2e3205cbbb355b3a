import { createSystem, defaultBaseConfig } from '@chakra-ui/react'
import { button, dialog, fieldParts, input, nativeSelect, table, textarea } from './recipes'
import { fonts, fontSizes, semanticColours } from './tokens'

/** A theme of our own: nothing of the library's look is taken over. */
export const system = createSystem(defaultBaseConfig, {
    globalCss: {
        '*, *::before, *::after': { boxSizing: 'border-box', margin: 0 },
        html: {
            // The tape of places and the foot lie over the end of the page: what has the focus stays clear of them.
            scrollPaddingBottom: '150px',
            background: 'paper',
            color: 'ink',
            colorScheme: 'light',
            _print: { background: 'white' },
        },
        'html.dark': { colorScheme: 'dark' },
        body: {
            fontFamily: 'body',
            fontSize: 'text',
            lineHeight: '23px',
            fontVariantNumeric: 'tabular-nums lining-nums',
            minHeight: '100dvh',
            // A long name without a break never pushes the page sideways.
            overflowWrap: 'break-word',
        },
        'svg text': { fontFamily: 'body', fontVariantNumeric: 'tabular-nums lining-nums' },
        'button, input, select, textarea': { font: 'inherit', color: 'inherit' },
        'h1, h2, h3': { textWrap: 'balance', fontWeight: 700 },
        a: {
            color: 'accent',
            fontWeight: 700,
            textUnderlineOffset: '4px',
            _focusVisible: { outline: '3px solid', outlineColor: 'accent', outlineOffset: '3px' },
        },
        // A link without a style of its own is as high to a thumb as a row, and takes no more room.
        'main a:not([class*="c-"])': { mdDown: { paddingBlock: '12px', marginBlock: '-12px' } },
        'header, footer, .no-print': { _print: { display: 'none !important' } },
        'ul, ol': { listStyle: 'none', padding: 0 },
    },
    theme: {
        // From xl on the whole tape of places fits.
        breakpoints: { sm: '400px', md: '600px', lg: '1100px', xl: '1180px' },
        tokens: { fonts, fontSizes },
        semanticTokens: { colors: semanticColours },
        recipes: { button, input, textarea },
        slotRecipes: { dialog, field: fieldParts, nativeSelect, table },
    },
})
