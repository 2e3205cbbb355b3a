import { defineRecipe, defineSlotRecipe } from '@chakra-ui/react'

const focusRing = { outline: '3px solid', outlineColor: 'accent', outlineOffset: '3px' }

export const button = defineRecipe({
    className: 'button',
    base: {
        display: 'inline-flex',
        alignItems: 'center',
        justifyContent: 'center',
        minHeight: '44px',
        paddingInline: '16px',
        borderRadius: '3px',
        borderWidth: '1.8px',
        borderStyle: 'solid',
        fontWeight: 700,
        fontSize: 'said',
        lineHeight: '22px',
        cursor: 'pointer',
        whiteSpace: 'nowrap',
        _focusVisible: focusRing,
        _disabled: { opacity: 0.55, cursor: 'not-allowed' },
    },
    variants: {
        variant: {
            outline: { borderColor: 'accent', color: 'accent', background: 'transparent' },
            solid: { borderColor: 'accent', background: 'accent', color: 'onaccent' },
            plain: {
                borderColor: 'transparent',
                background: 'transparent',
                color: 'accent',
                paddingInline: '6px',
                textDecoration: 'underline',
                textUnderlineOffset: '4px',
            },
        },
    },
    defaultVariants: { variant: 'outline' },
})

const field = {
    width: '100%',
    minHeight: '44px',
    paddingInline: '12px',
    borderWidth: '1.6px',
    borderStyle: 'solid',
    borderColor: 'edge',
    borderRadius: '3px',
    background: 'fresh',
    color: 'ink',
    fontSize: 'said',
    _focusVisible: focusRing,
    _invalid: { borderColor: 'over' },
}

export const input = defineRecipe({
    className: 'input',
    base: field,
    variants: { size: { md: {}, lg: { minHeight: '64px', fontSize: 'figure', fontWeight: 700 } } },
    defaultVariants: { size: 'md' },
})

export const textarea = defineRecipe({
    className: 'textarea',
    base: { ...field, paddingBlock: '10px', lineHeight: '24px' },
})

export const nativeSelect = defineSlotRecipe({
    className: 'native-select',
    slots: ['root', 'field', 'indicator'],
    base: {
        root: { position: 'relative', width: '100%' },
        field: { ...field, appearance: 'none', paddingInlineEnd: '36px' },
        indicator: {
            position: 'absolute',
            insetInlineEnd: '12px',
            top: '50%',
            width: '10px',
            height: '10px',
            borderInlineEnd: '2px solid',
            borderBottom: '2px solid',
            borderColor: 'ink2',
            transform: 'translateY(-70%) rotate(45deg)',
            pointerEvents: 'none',
            '& svg': { display: 'none' },
        },
    },
})

export const fieldParts = defineSlotRecipe({
    className: 'field',
    slots: ['root', 'label', 'requiredIndicator', 'errorText', 'helperText'],
    base: {
        root: { display: 'flex', flexDirection: 'column', gap: '4px', width: '100%' },
        label: { fontWeight: 700, fontSize: 'text' },
        errorText: { color: 'over', fontSize: 'text', lineHeight: '22px', fontWeight: 600 },
        helperText: { color: 'ink2', fontSize: 'note', lineHeight: '21px' },
    },
})

export const dialog = defineSlotRecipe({
    className: 'dialog',
    slots: [
        'trigger',
        'backdrop',
        'positioner',
        'content',
        'header',
        'body',
        'footer',
        'title',
        'description',
        'closeTrigger',
    ],
    base: {
        backdrop: { position: 'fixed', inset: 0, background: 'rgba(10, 20, 32, 0.5)', zIndex: 20 },
        positioner: {
            position: 'fixed',
            inset: 0,
            display: 'flex',
            alignItems: { base: 'flex-end', md: 'center' },
            justifyContent: 'center',
            zIndex: 21,
            overflow: 'auto',
        },
        content: {
            width: { base: '100%', md: '520px' },
            maxHeight: '100dvh',
            overflow: 'auto',
            background: 'paper',
            color: 'ink',
            borderWidth: '1.6px',
            borderStyle: 'solid',
            borderColor: 'ink',
            padding: '16px 24px 24px',
            outline: 'none',
        },
        header: { paddingBottom: '12px' },
        title: { fontSize: 'part', lineHeight: '30px', fontWeight: 700 },
        description: { color: 'ink2', fontSize: 'text', lineHeight: '23px' },
        body: { display: 'flex', flexDirection: 'column', gap: '14px' },
        footer: { display: 'flex', gap: '12px', justifyContent: 'flex-end', paddingTop: '16px' },
    },
})

export const table = defineSlotRecipe({
    className: 'table',
    slots: ['root', 'header', 'body', 'row', 'columnHeader', 'cell', 'footer', 'caption'],
    base: {
        root: { width: '100%', borderCollapse: 'collapse', fontSize: 'text', lineHeight: '23px' },
        caption: { textAlign: 'start', fontWeight: 700, paddingBlock: '8px', captionSide: 'top' },
        columnHeader: {
            textAlign: 'start',
            fontWeight: 500,
            fontSize: 'note',
            color: 'ink2',
            borderBottom: '1.6px solid',
            borderColor: 'ink',
            padding: '4px 12px 4px 0',
            verticalAlign: 'bottom',
        },
        cell: {
            borderBottom: '1px solid',
            borderColor: 'rule',
            padding: '6px 12px 6px 0',
            verticalAlign: 'top',
            textAlign: 'start',
        },
    },
})
