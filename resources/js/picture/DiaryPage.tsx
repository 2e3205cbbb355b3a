import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from '@tanstack/react-router'
import { fishQuery } from '../api/queries'
import type { PictureRow } from '../api/types'
import { useKeeper, useUnit } from '../frame/keeper'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { useWidth } from '../frame/useWidth'
import { Waiting } from '../frame/Waiting'
import { pictureWords } from '../messages/picture'
import { daysBetween, longDay } from '../units/day'
import { measured } from '../units/length'
import { AddPictures } from './AddPictures'
import { Comparison } from './Comparison'
import { CutOut } from './CutOut'
import { picturesQuery } from './queries'
import type { Scaled } from './scaled'
import { after, scaled } from './scaled'
import { Thumbs } from './Thumbs'

const words = pictureWords.diaryPage

/** The widest picture, so that two stand side by side on a desk. Pixels. */
const WIDEST = 600

/** The pictures of a fish by date; those with a length to one scale, so that it is seen to grow. */
export function DiaryPage() {
    const { id } = useParams({ from: '/fish/$id/diary' })
    const name = useQuery(fishQuery(id)).data?.fish.name ?? ''
    return (
        <Waiting key={id} query={useQuery(picturesQuery({ fish: id }))}>
            {(pictures) => <Sheet fish={id} name={name} pictures={[...pictures].reverse()} />}
        </Waiting>
    )
}

interface SheetProps {
    fish: number
    name: string
    /** The oldest first. */
    pictures: readonly PictureRow[]
}

function Sheet({ fish, name, pictures }: SheetProps) {
    const [box, width] = useWidth<HTMLDivElement>()
    useNameSheet(words.title({ name }))
    const drawn = pictures.map(scaled).filter((one) => one !== null)
    const others = pictures.filter(({ id }) => !drawn.some(({ picture }) => picture.id === id))
    const widest = Math.max(1, ...drawn.map(({ crop, mmPerPixel }) => crop.width * mmPerPixel))
    const scale = (Math.min(WIDEST, width) - 4) / widest
    const headline = useHeadline(name, pictures, drawn)
    return (
        <>
            <SheetHead sentence={headline} comment={words.comment} />
            <Box
                ref={box}
                display="flex"
                flexDirection="column"
                gap="24px"
                padding={{ base: '12px 2px 30px', md: '14px 10px 30px' }}
            >
                {width > 0 && drawn.length > 0 && (
                    <Box display="flex" flexWrap="wrap" gap="20px" alignItems="flex-end">
                        {drawn.map((one) => (
                            <Day key={one.picture.id} one={one} first={drawn[0]} scale={scale} name={name} />
                        ))}
                    </Box>
                )}
                {width > 0 && drawn.length > 1 && (
                    <Box _print={{ display: 'none' }}>
                        <Comparison all={drawn} scale={scale} />
                    </Box>
                )}
                {others.length > 0 && (
                    <Section title={words.notMeasured}>
                        <Box paddingTop="10px">
                            <Thumbs pictures={others} name={name} />
                        </Box>
                    </Section>
                )}
                <Box
                    display="flex"
                    flexWrap="wrap"
                    gap="12px"
                    alignItems="flex-start"
                    _print={{ display: 'none' }}
                >
                    <AddPictures of={{ fish }} />
                    <Button onClick={() => window.print()}>{words.print}</Button>
                    <Link to="/fish/$id" params={{ id: fish }}>
                        {words.back}
                    </Link>
                </Box>
            </Box>
        </>
    )
}

function useHeadline(name: string, pictures: readonly PictureRow[], drawn: readonly Scaled[]): string {
    const unit = useUnit()
    const [first, last] = [drawn[0], drawn.at(-1)]
    if (first !== undefined && last !== undefined && first !== last) {
        const span = words.span(after(daysBetween(first.picture.date, last.picture.date)))
        return words.headline({
            name,
            span,
            first: measured(first.lengthMm, unit),
            last: measured(last.lengthMm, unit),
        })
    }
    if (pictures.length === 0) {
        return words.none({ name })
    }
    return pictures.length === 1
        ? words.headlineOne({ name })
        : words.headlineShort({ n: pictures.length, name })
}

function afterWords(days: number): string {
    const span = after(days)
    return span.n === 0 ? words.sameWeek : words.after({ span: words.span(span) })
}

interface DayProps {
    one: Scaled
    first: Scaled | undefined
    scale: number
    name: string
}

function Day({ one, first, scale, name }: DayProps) {
    const { today } = useKeeper()
    const unit = useUnit()
    const { picture, lengthMm } = one
    const day = longDay(picture.date, today)
    return (
        <chakra.figure margin="0" maxWidth="100%" breakInside="avoid">
            <Link
                to="/pictures/$id/measure"
                params={{ id: picture.id }}
                aria-label={pictureWords.of({ name, day })}
            >
                <CutOut scaled={one} scale={scale} label={pictureWords.of({ name, day })} />
            </Link>
            <chakra.figcaption fontSize="text" paddingTop="4px">
                <b>{measured(lengthMm, unit)}</b>, {day}
                <br />
                <chakra.span color="ink2">
                    {first === undefined || first === one
                        ? words.begin
                        : afterWords(daysBetween(first.picture.date, picture.date))}
                    {picture.note !== null && `. ${picture.note}`}
                </chakra.span>
            </chakra.figcaption>
        </chakra.figure>
    )
}
