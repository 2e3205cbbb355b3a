import { useRef } from 'react'

/** So long a finger rests before it means something else than a tap. */
const HOLD_MS = 500

/** A tap does one thing, a press that is held another. */
export function useLongPress(onTap: () => void, onHold: () => void) {
    const timer = useRef<number | undefined>(undefined)
    const wasHeld = useRef(false)
    const end = (): void => window.clearTimeout(timer.current)
    return {
        onPointerDown: () => {
            wasHeld.current = false
            timer.current = window.setTimeout(() => {
                wasHeld.current = true
                onHold()
            }, HOLD_MS)
        },
        onPointerUp: end,
        onPointerLeave: end,
        onPointerCancel: end,
        // A held finger asks for no menu.
        onContextMenu: (event: React.MouseEvent) => event.preventDefault(),
        onClick: () => {
            if (!wasHeld.current) {
                onTap()
            }
            wasHeld.current = false
        },
    }
}
