import type { KeyboardEvent, PointerEvent, RefObject } from 'react'
import { useEffect, useRef, useState } from 'react'
import type { MarkedPoint, PictureRow } from '../api/types'
import type { MarkAt, Marks, Tool } from './marks'
import { moved, pointOf, withMark, without } from './marks'
import type { Window } from './window'
import { panned, whole, zoomed } from './window'

/** A finger that went no farther has tapped. Pixels of the screen. */
const TAP = 6

const WHEEL = 1.15

const STRIDE = 10

const ARROWS: Record<string, readonly [x: number, y: number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
}

export interface Marking {
    picture: PictureRow
    marks: Marks
    tool: Tool
    /** Which fish is being marked. */
    line: number
    onChange: (marks: Marks, isGoing?: boolean) => void
}

interface Gesture {
    /** The mark that is dragged; null: the picture is. */
    mark: MarkAt | null
    from: MarkedPoint
    hasMoved: boolean
}

/** What fingers, wheel and keys do to a picture that is being marked, and which part of it is seen. */
export function useStage(stage: RefObject<SVGSVGElement | null>, marking: Marking) {
    const { picture, marks, tool, line, onChange } = marking
    const [window, setWindow] = useState<Window>(() => whole(picture))
    const [chosen, choose] = useState<MarkAt | null>(null)
    const [gesture, setGesture] = useState<Gesture | null>(null)
    const fingers = useRef(new Map<number, MarkedPoint>())

    const at = ({ clientX, clientY }: { clientX: number; clientY: number }): MarkedPoint => {
        const box = stage.current?.getBoundingClientRect()
        const height = (window.width * picture.height) / picture.width
        return box === undefined
            ? { x: 0, y: 0 }
            : rounded({
                  x: window.x + ((clientX - box.left) / box.width) * window.width,
                  y: window.y + ((clientY - box.top) / box.height) * height,
              })
    }
    useWheel(stage, (event) =>
        setWindow((now) => zoomed(now, picture, event.deltaY < 0 ? WHEEL : 1 / WHEEL, at(event))),
    )
    const down = (event: PointerEvent, mark: MarkAt | null): void => {
        event.stopPropagation()
        const now = placeOf(event)
        stage.current?.setPointerCapture(event.pointerId)
        fingers.current.set(event.pointerId, now)
        choose(mark ?? chosen)
        setGesture({ mark, from: now, hasMoved: false })
    }
    const move = (event: PointerEvent): void => {
        const before = fingers.current.get(event.pointerId)
        if (before === undefined || gesture === null) {
            return
        }
        const now = placeOf(event)
        const other = [...fingers.current].find(([id]) => id !== event.pointerId)?.[1]
        fingers.current.set(event.pointerId, now)
        const hasMoved = gesture.hasMoved || other !== undefined || apart(now, gesture.from) > TAP
        if (other !== undefined) {
            setWindow((seen) =>
                zoomed(seen, picture, apart(now, other) / Math.max(1, apart(before, other)), at(event)),
            )
        } else if (hasMoved && gesture.mark !== null) {
            onChange(moved(marks, gesture.mark, at(event)), gesture.hasMoved)
        } else if (hasMoved) {
            const perPixel = window.width / Math.max(1, stage.current?.clientWidth ?? 1)
            setWindow((seen) =>
                panned(seen, picture, (now.x - before.x) * perPixel, (now.y - before.y) * perPixel),
            )
        }
        setGesture({ ...gesture, hasMoved })
    }
    const up = (event: PointerEvent): void => {
        fingers.current.delete(event.pointerId)
        if (gesture !== null && !gesture.hasMoved && gesture.mark === null) {
            const next = withMark(marks, tool, line, at(event))
            onChange(next.marks)
            choose(next.chosen)
        }
        setGesture(null)
    }
    const cancel = (): void => {
        fingers.current.clear()
        setGesture(null)
    }
    return { window, setWindow, chosen, choose, down, move, up, cancel, ...keysOf(marking, chosen, choose) }
}

/** What keys do to the chosen mark: arrows move it, Delete takes it away. */
function keysOf({ marks, onChange }: Marking, chosen: MarkAt | null, choose: (mark: MarkAt | null) => void) {
    const remove = (): void => {
        if (chosen !== null) {
            onChange(without(marks, chosen))
            choose(null)
        }
    }
    const press = (event: KeyboardEvent): void => {
        const point = chosen === null ? undefined : pointOf(marks, chosen)
        const arrow = ARROWS[event.key]
        if (chosen === null || point === undefined) {
            return
        }
        if (arrow !== undefined) {
            event.preventDefault()
            const step = event.shiftKey ? STRIDE : 1
            onChange(moved(marks, chosen, { x: point.x + step * arrow[0], y: point.y + step * arrow[1] }))
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            event.preventDefault()
            remove()
        }
    }
    return { remove, press }
}

const placeOf = ({ clientX, clientY }: PointerEvent): MarkedPoint => ({ x: clientX, y: clientY })

const apart = (one: MarkedPoint, other: MarkedPoint): number => Math.hypot(one.x - other.x, one.y - other.y)

const rounded = ({ x, y }: MarkedPoint): MarkedPoint => ({
    x: Math.round(x * 10) / 10,
    y: Math.round(y * 10) / 10,
})

/** React listens to wheels passively: such a one could not be kept from scrolling the page. */
function useWheel(element: RefObject<SVGSVGElement | null>, onWheel: (event: WheelEvent) => void): void {
    const latest = useRef(onWheel)
    useEffect(() => {
        latest.current = onWheel
    })
    useEffect(() => {
        const stage = element.current
        const listen = (event: WheelEvent): void => {
            event.preventDefault()
            latest.current(event)
        }
        stage?.addEventListener('wheel', listen, { passive: false })
        return () => stage?.removeEventListener('wheel', listen)
    }, [element])
}
