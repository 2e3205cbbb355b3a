import { messages } from '../messages'
import { Box, Button, chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'

interface Props {
    act: string
    isSaving: boolean
    error: string | undefined
    onSave: () => void
    /** None: it stands on the page, always open, with one broad button for wet hands. */
    onCancel?: (() => void) | undefined
    children: ReactNode
}

/** On a desk it need not be as wide as the page. */
const BROAD = { flex: { base: '1', lg: '0 0 320px' }, minHeight: '58px' }

/** The fields of an entry with its two buttons. */
export function EntryForm({ act, isSaving, error, onSave, onCancel, children }: Props) {
    return (
        <chakra.form
            display="flex"
            flexDirection="column"
            gap="14px"
            onSubmit={(event) => {
                event.preventDefault()
                onSave()
            }}
        >
            {children}
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
            <Box display="flex" gap="12px" justifyContent={onCancel === undefined ? undefined : 'flex-end'}>
                {onCancel !== undefined && (
                    <Button type="button" onClick={onCancel}>
                        {messages.frame.cancel}
                    </Button>
                )}
                <Button
                    type="submit"
                    variant="solid"
                    disabled={isSaving}
                    {...(onCancel === undefined ? BROAD : {})}
                >
                    {act}
                </Button>
            </Box>
        </chakra.form>
    )
}
