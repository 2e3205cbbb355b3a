import { Dialog, Portal } from '@chakra-ui/react'
import type { ReactNode } from 'react'

export interface Props {
    title: string
    open: boolean
    onClose: () => void
    children: ReactNode
    /** For forms that need more room. */
    isWide?: boolean
}

/** A slip of paper over the sheet. */
export function PaperSlip({ title, open, onClose, children, isWide = false }: Props) {
    return (
        <Dialog.Root
            open={open}
            onOpenChange={(details) => !details.open && onClose()}
            lazyMount
            unmountOnExit
        >
            <Portal>
                <Dialog.Backdrop />
                <Dialog.Positioner>
                    <Dialog.Content width={isWide ? { base: '100%', md: '760px' } : undefined}>
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
