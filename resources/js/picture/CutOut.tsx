import { ink } from '../theme/tokens'
import { addressOf } from './addressOf'
import type { Scaled } from './scaled'

interface Props {
    scaled: Scaled
    /** Pixels of the screen for a millimetre. */
    scale: number
    label: string
}

/** The part of a picture around the fish, to scale. */
export function CutOut({ scaled: { picture, crop, mmPerPixel }, scale, label }: Props) {
    return (
        <svg
            role="img"
            aria-label={label}
            width={crop.width * mmPerPixel * scale}
            height={crop.height * mmPerPixel * scale}
            viewBox={`${crop.x} ${crop.y} ${crop.width} ${crop.height}`}
            style={{ display: 'block', border: `1.4px solid ${ink('edge')}` }}
        >
            <image href={addressOf(picture.id, 'sheet')} width={picture.width} height={picture.height} />
        </svg>
    )
}
