import { Dialog, Portal } from '@chakra-ui/react'
import type { ReactNode } from 'react'

interface Props {
    title: string
    open: boolean
    onClose: () => void
    children: ReactNode
}

/** A slip of paper over the sheet. */
export function PaperDialog({ title, open, onClose, children }: Props) {
    return (
        <Dialog.Root open={open} onOpenChange={(details) => !details.open && onClose()} lazyMount unmountOnExit>
            <Portal>
                <Dialog.Backdrop />
                <Dialog.Positioner>
                    <Dialog.Content>
                        <Dialog.Header>
                            <Dialog.Title>{title}</Dialog.Title>
                        </Dialog.Header>
                        <Dialog.Body>{children}</Dialog.Body>
                    </Dialog.Content>
                </Dialog.Positioner>
            </Portal>
        </Dialog.Root>
    )
}
