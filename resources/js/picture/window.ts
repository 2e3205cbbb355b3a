import type { MarkedPoint } from '../api/types'

/** The part of a picture that is seen: its upper left corner and width, in pixels of the picture. */
export interface Window {
    x: number
    y: number
    width: number
}

interface Size {
    width: number
    height: number
}

/** Nearer than so many pixels across nothing more is seen. */
const LEAST = 60

export const whole = ({ width }: Size): Window => ({ x: 0, y: 0, width })

/** Nearer or farther, so that a point stays where it is; never beyond the picture. */
export function zoomed(window: Window, size: Size, by: number, about: MarkedPoint): Window {
    const width = Math.min(size.width, Math.max(LEAST, window.width / by))
    const share = width / window.width
    return within(
        { x: about.x - (about.x - window.x) * share, y: about.y - (about.y - window.y) * share, width },
        size,
    )
}

export const panned = (window: Window, size: Size, dx: number, dy: number): Window =>
    within({ ...window, x: window.x - dx, y: window.y - dy }, size)

function within({ x, y, width }: Window, size: Size): Window {
    const height = (width * size.height) / size.width
    return {
        x: Math.max(0, Math.min(size.width - width, x)),
        y: Math.max(0, Math.min(size.height - height, y)),
        width,
    }
}
