import type { MarkedPoint, PictureRow } from '../api/types'
import { ink } from '../theme/tokens'
import { addressOf } from './addressOf'

/** Of the screen. */
const SIZE = 132

/** How many pixels of the picture it shows across. */
const SHOWN = 44

interface Props {
    picture: PictureRow
    at: MarkedPoint
    /** In the corner where the finger is not. */
    isRight: boolean
}

/** What is under the mark that is being moved, much nearer, with a cross on its very pixel. */
export function Loupe({ picture, at, isRight }: Props) {
    const half = SHOWN / 2
    return (
        <svg
            width={SIZE}
            height={SIZE}
            viewBox={`${at.x - half} ${at.y - half} ${SHOWN} ${SHOWN}`}
            aria-hidden="true"
            style={{
                position: 'absolute',
                top: 8,
                [isRight ? 'right' : 'left']: 8,
                background: ink('paper'),
                border: `2px solid ${ink('ink')}`,
                borderRadius: '50%',
                pointerEvents: 'none',
            }}
        >
            <image
                href={addressOf(picture.id, 'full')}
                width={picture.width}
                height={picture.height}
                style={{ imageRendering: 'pixelated' }}
            />
            <path
                d={`M${at.x - half} ${at.y}H${at.x - 2}M${at.x + 2} ${at.y}H${at.x + half}M${at.x} ${at.y - half}V${at.y - 2}M${at.x} ${at.y + 2}V${at.y + half}`}
                stroke={ink('over')}
                strokeWidth="0.5"
            />
        </svg>
    )
}
