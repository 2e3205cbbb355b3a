import { useEffect } from 'react'

/**
 * What was refused is gone to where it can be mended: on a long form the field may be far from the button that was pressed.
 *
 * @param refusal another one with each; undefined: there is none
 */
export function useGoToRefused(refusal: object | undefined): void {
    useEffect(() => {
        if (refusal !== undefined) {
            const slip = document.querySelector('[role=dialog]') ?? document
            slip.querySelector<HTMLElement>('[aria-invalid=true]')?.focus()
        }
    }, [refusal])
}
