import { chakra } from '@chakra-ui/react'
import { useCallback } from 'react'

/** A picture that waits on this device, as a small print. */
export function WaitingPrint({ file, alt }: { file: Blob; alt: string }) {
    const show = useCallback(
        (print: HTMLImageElement) => {
            const address = URL.createObjectURL(file)
            print.src = address
            return () => URL.revokeObjectURL(address)
        },
        [file],
    )
    return (
        <chakra.img
            ref={show}
            alt={alt}
            width="66px"
            aspectRatio="4 / 3"
            objectFit="cover"
            border="1.4px solid"
            borderColor="edge"
        />
    )
}
