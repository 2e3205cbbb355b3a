import { Box, Button, chakra } from '@chakra-ui/react'
import { useRef } from 'react'
import { useWidth } from '../frame/useWidth'
import { pictureWords } from '../messages/picture'
import { addressOf } from './addressOf'
import { Loupe } from './Loupe'
import { MarkLines } from './MarkLines'
import { pointOf } from './marks'
import type { Marking } from './useStage'
import { useStage } from './useStage'
import { whole, zoomed } from './window'

const words = pictureWords.measure

const ZOOM = 1.6

/** The picture with its marks: taps set them, fingers and arrows move them, two fingers or the wheel bring it nearer. */
export function Stage(marking: Marking) {
    const { picture, marks } = marking
    const svg = useRef<SVGSVGElement>(null)
    const [box, wide] = useWidth<HTMLDivElement>()
    const stage = useStage(svg, marking)
    const { window, chosen } = stage
    const height = (window.width * picture.height) / picture.width
    const shown = chosen === null ? undefined : pointOf(marks, chosen)
    const middle = { x: window.x + window.width / 2, y: window.y + height / 2 }
    const zoom = (by: number) => () => stage.setWindow(zoomed(window, picture, by, shown ?? middle))
    return (
        <Box ref={box}>
            <Box position="relative">
                <chakra.svg
                    ref={svg}
                    role="application"
                    aria-label={words.stage}
                    tabIndex={0}
                    width="100%"
                    viewBox={`${window.x} ${window.y} ${window.width} ${height}`}
                    display="block"
                    touchAction="none"
                    cursor="crosshair"
                    border="1.4px solid"
                    borderColor="edge"
                    onPointerDown={(event) => stage.down(event, null)}
                    onPointerMove={stage.move}
                    onPointerUp={stage.up}
                    onPointerCancel={stage.cancel}
                    onKeyDown={stage.press}
                >
                    <image
                        href={addressOf(picture.id, 'full')}
                        width={picture.width}
                        height={picture.height}
                    />
                    <MarkLines
                        marks={marks}
                        perPixel={window.width / Math.max(1, wide)}
                        chosen={chosen}
                        onGrab={stage.down}
                        onChoose={stage.choose}
                    />
                </chakra.svg>
                {shown !== undefined && <Loupe picture={picture} at={shown} isRight={shown.x < middle.x} />}
            </Box>
            <Box display="flex" flexWrap="wrap" gap="8px" paddingTop="8px">
                <Button onClick={zoom(ZOOM)}>{words.bigger}</Button>
                <Button onClick={zoom(1 / ZOOM)}>{words.smaller}</Button>
                <Button onClick={() => stage.setWindow(whole(picture))}>{words.whole}</Button>
                {shown !== undefined && <Button onClick={stage.remove}>{words.remove}</Button>}
            </Box>
        </Box>
    )
}
