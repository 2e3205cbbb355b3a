import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { ChoiceField } from '../entry/fields'
import { useKeeper, useUnit } from '../frame/keeper'
import { Section } from '../frame/Section'
import { pictureWords } from '../messages/picture'
import { ink } from '../theme/tokens'
import { longDay } from '../units/day'
import { measured } from '../units/length'
import { addressOf } from './addressOf'
import type { Scaled } from './scaled'

const words = pictureWords.diaryPage

const ALL = 100

interface Props {
    /** The oldest first; two or more. */
    all: readonly Scaled[]
    /** Pixels of the screen for a millimetre. */
    scale: number
}

/** Two days, one over the other, at one scale: a slider draws the later one across. */
export function Comparison({ all, scale }: Props) {
    const { today } = useKeeper()
    const unit = useUnit()
    const [earlier, setEarlier] = useState(0)
    const [later, setLater] = useState(all.length - 1)
    const [seen, setSeen] = useState(50)
    const [one, other] = [all[earlier], all[later]]
    const options = all.map(({ picture, lengthMm }, i) => ({
        value: String(i),
        text: `${longDay(picture.date, today)}, ${measured(lengthMm, unit)}`,
    }))
    if (one === undefined || other === undefined) {
        return null
    }
    const [width, height] = [
        Math.max(wide(one), wide(other)) * scale,
        Math.max(high(one), high(other)) * scale,
    ]
    return (
        <Section title={words.compare}>
            <Box
                display="grid"
                gridTemplateColumns="repeat(2, minmax(0, 1fr))"
                maxWidth="600px"
                gap="12px"
                paddingBlock="10px"
            >
                <ChoiceField
                    label={words.earlier}
                    value={String(earlier)}
                    onChange={(value) => setEarlier(Number(value))}
                    options={options}
                />
                <ChoiceField
                    label={words.later}
                    value={String(later)}
                    onChange={(value) => setLater(Number(value))}
                    options={options}
                />
            </Box>
            <svg
                role="img"
                aria-label={`${options[earlier]?.text ?? ''}; ${options[later]?.text ?? ''}`}
                width={width}
                height={height}
                style={{ maxWidth: '100%', display: 'block', border: `1.4px solid ${ink('edge')}` }}
                viewBox={`0 0 ${width} ${height}`}
            >
                <Placed scaled={one} scale={scale} width={width} height={height} until={width} />
                <Placed
                    scaled={other}
                    scale={scale}
                    width={width}
                    height={height}
                    until={(seen / ALL) * width}
                />
                <path d={`M${(seen / ALL) * width} 0V${height}`} stroke={ink('paper')} strokeWidth="3" />
            </svg>
            <chakra.label display="block" paddingTop="8px">
                {words.slider}
                <chakra.input
                    type="range"
                    min={0}
                    max={ALL}
                    value={seen}
                    onChange={(event) => setSeen(Number(event.target.value))}
                    display="block"
                    width="100%"
                    maxWidth={`${width}px`}
                    minHeight="44px"
                    accentColor="accent"
                />
            </chakra.label>
        </Section>
    )
}

const wide = ({ crop, mmPerPixel }: Scaled): number => crop.width * mmPerPixel

const high = ({ crop, mmPerPixel }: Scaled): number => crop.height * mmPerPixel

interface PlacedProps {
    scaled: Scaled
    scale: number
    width: number
    height: number
    /** From here on the right it is not seen. */
    until: number
}

/** In the middle, cut where the other begins. */
function Placed({ scaled, scale, width, height, until }: PlacedProps) {
    const { picture, crop, mmPerPixel } = scaled
    const by = mmPerPixel * scale
    return (
        <svg x={0} y={0} width={Math.max(0, until)} height={height}>
            <rect width={width} height={height} fill={ink('water')} />
            <svg
                x={(width - crop.width * by) / 2}
                y={(height - crop.height * by) / 2}
                width={crop.width * by}
                height={crop.height * by}
                viewBox={`${crop.x} ${crop.y} ${crop.width} ${crop.height}`}
            >
                <image href={addressOf(picture.id, 'sheet')} width={picture.width} height={picture.height} />
            </svg>
        </svg>
    )
}
