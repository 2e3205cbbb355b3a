import { Box, Field, Input } from '@chakra-ui/react'
import { useEffect } from 'react'
import { useFormContext } from 'react-hook-form'
import { useUnit } from '../frame/keeper'
import { useCalledFor } from '../frame/useCalledFor'
import { useRefusal } from '../entry/FieldForm'
import { messages } from '../messages'
import type { LengthTyped } from './lengthTyped'

/** The line that a length is typed on, with its unit at the end; it has the focus when the page is opened to record. */
export function LengthLine() {
    const unit = useUnit()
    const { register, setFocus } = useFormContext<LengthTyped>()
    const refused = useRefusal('length')
    const wantsFocus = useCalledFor('record')
    useEffect(() => {
        if (wantsFocus) {
            setFocus('length')
            document.getElementById('record')?.scrollIntoView({ block: 'start' })
        }
    }, [wantsFocus, setFocus])
    return (
        <Field.Root invalid={refused !== undefined}>
            <Field.Label srOnly>{messages.fish.length}</Field.Label>
            <Box position="relative" width="100%">
                <Input
                    {...register('length')}
                    size="lg"
                    inputMode={unit.word === 'cm' ? 'decimal' : 'text'}
                    autoComplete="off"
                    paddingInlineEnd="60px"
                    enterKeyHint="done"
                />
                <Box
                    position="absolute"
                    insetInlineEnd="14px"
                    top="20px"
                    color="ink2"
                    fontSize="part"
                    aria-hidden="true"
                >
                    {unit.word}
                </Box>
            </Box>
            <Field.ErrorText role="alert">{refused}</Field.ErrorText>
        </Field.Root>
    )
}
