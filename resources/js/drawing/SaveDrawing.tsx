import { Box, Button } from '@chakra-ui/react'
import type { RefObject } from 'react'
import { messages } from '../messages'
import type { DrawingKind } from './saveDrawing'

interface Props {
    /** The drawing, or what holds it. */
    of: RefObject<Element | null>
    /** What stands to the left of it and belongs to it. */
    beside?: RefObject<SVGSVGElement | null>
    /** Of the file, without its end. */
    name: string
}

const KINDS: readonly DrawingKind[] = ['svg', 'png']

/** Takes a drawing along as a file; at the desk, where files are kept. */
export function SaveDrawing({ of, beside, name }: Props) {
    const save = async (kind: DrawingKind): Promise<void> => {
        const { saveDrawing } = await import('./saveDrawing')
        const drawing = of.current instanceof SVGSVGElement ? of.current : of.current?.querySelector('svg')
        if (drawing instanceof SVGSVGElement) {
            await saveDrawing(beside?.current ? [beside.current, drawing] : [drawing], name, kind)
        }
    }
    return (
        <Box display={{ base: 'none', md: 'flex' }} className="no-print">
            {KINDS.map((kind) => (
                <Button key={kind} variant="plain" fontSize="note" onClick={() => void save(kind)}>
                    {messages.frame.saveAs({ kind: kind.toUpperCase() })}
                </Button>
            ))}
        </Box>
    )
}
