import { useLocation } from '@tanstack/react-router'

/** Whether the page is opened for this part of it, by its anchor. */
export function useCalledFor(anchor: string | undefined): boolean {
    return useLocation({ select: ({ hash }) => anchor !== undefined && hash === anchor })
}
