import { Box, Button, chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate, useParams } from '@tanstack/react-router'
import { useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { write } from '../api/client'
import { fishListQuery } from '../api/queries'
import type { MarksRequest, PictureLengths, PictureRow } from '../api/types'
import { AskingScope } from '../entry/FieldForm'
import { Chips } from '../entry/Chips'
import { ChoiceField, optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { useUnit } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { SheetBody } from '../frame/SheetBody'
import { pictureWords } from '../messages/picture'
import { measured } from '../units/length'
import type { Marks, MeasureTyped, Tool } from './marks'
import { NOTHING_MARKED, reopened, requestOf } from './marks'
import { MeasureFields } from './MeasureFields'
import { pictureQuery } from './queries'
import { Read } from './Read'
import { Stage } from './Stage'
import { useReading } from './useReading'
import { useSteps } from './useSteps'
import { likeliestFirst, onlyOne } from './whose'

const words = pictureWords.measure

/** A length is read from a picture: its scale and its fish are marked, and the water's bending of light is undone. */
export function MeasurePage() {
    const { id } = useParams({ from: '/pictures/$id/measure' })
    return (
        <Waiting key={id} query={useQuery(pictureQuery(id))}>
            {(picture) => <Sheet picture={picture} />}
        </Waiting>
    )
}

function Sheet({ picture }: { picture: PictureRow }) {
    const [kept] = useState(() => reopened(picture.marks as MarksRequest | null))
    const marks = useSteps(kept.marks)
    const [tool, setTool] = useState<Tool>('scale')
    const [line, setLine] = useState(Math.max(0, kept.marks.lines.length - 1))
    const form = useForm<MeasureTyped>({ defaultValues: kept.typed })
    const typed = useWatch({ control: form.control }) as MeasureTyped
    const asked = requestOf(marks.now, typed)
    const reading = useReading(picture.id, asked)
    const fish = likeliestFirst(useQuery(fishListQuery).data ?? [], picture)
    const [chosen, setWhose] = useState<string | null>(null)
    const whose = chosen ?? onlyOne(fish, picture)
    const name = fish.find(({ id }) => String(id) === whose)?.name ?? words.nobody
    const first = reading.answer?.lengths[0]
    useNameSheet(words.title)
    return (
        <>
            <SheetHead
                sentence={
                    first === undefined
                        ? words.headline({ name })
                        : words.headlineRead({ name, sentence: reading.answer?.shoal ?? first.sentence })
                }
                comment={words.comment}
            />
            <SheetBody columns="minmax(0, 1fr) 380px">
                <Box display="flex" flexDirection="column" gap="10px">
                    <Tools
                        way={typed.way}
                        tool={tool}
                        onTool={setTool}
                        marks={marks}
                        onNext={() => {
                            setTool('fish')
                            setLine(marks.now.lines.filter((one) => one.length > 0).length)
                        }}
                        onClear={() => {
                            marks.change(NOTHING_MARKED)
                            setLine(0)
                            setTool('scale')
                        }}
                    />
                    <Stage
                        picture={picture}
                        marks={marks.now}
                        tool={tool}
                        line={line}
                        onChange={(next, isGoing) => {
                            marks.change(next, isGoing)
                            // The scale has both its marks: on to the fish.
                            if (tool === 'scale' && marks.now.scale.length < 2 && next.scale.length === 2) {
                                setTool('fish')
                            }
                        }}
                    />
                </Box>
                <Box display="flex" flexDirection="column" gap="16px">
                    <Answer answer={reading.answer} refused={reading.refused?.message} />
                    <Whose whose={whose} all={fish} onChange={setWhose} />
                    <AskingScope form={form} refused={reading.refused}>
                        <MeasureFields picture={picture} />
                    </AskingScope>
                    {asked !== null && reading.answer !== undefined && (
                        <Save
                            picture={picture}
                            marks={asked}
                            fish={whose === '' ? null : Number(whose)}
                            name={name}
                            isShoal={reading.answer.shoal !== null}
                        />
                    )}
                </Box>
            </SheetBody>
        </>
    )
}

interface ToolsProps {
    way: MeasureTyped['way']
    tool: Tool
    onTool: (tool: Tool) => void
    marks: ReturnType<typeof useSteps<Marks>>
    onNext: () => void
    onClear: () => void
}

/** What is to be marked next, and the way back. */
function Tools({ way, tool, onTool, marks, onNext, onClear }: ToolsProps) {
    const tools = {
        scale: words.scale,
        fish: words.fish,
        foot: words.foot,
        ...(way === 'seen' ? { back: words.back } : {}),
    }
    return (
        <Box display="flex" flexWrap="wrap" gap="8px 16px" alignItems="flex-end">
            <Chips
                label={words.tools}
                options={optionsOf(tools)}
                chosen={[tool]}
                onToggle={(value) => onTool(value as Tool)}
            />
            {(marks.canUndo || marks.now !== NOTHING_MARKED) && (
                <Box display="flex" flexWrap="wrap" gap="8px">
                    <Button onClick={onNext}>{words.nextFish}</Button>
                    <Button disabled={!marks.canUndo} onClick={marks.undo}>
                        {words.undo}
                    </Button>
                    <Button onClick={onClear}>{words.clear}</Button>
                </Box>
            )}
        </Box>
    )
}

interface WhoseProps {
    /** '': not said. */
    whose: string
    all: readonly { id: number; name: string }[]
    onChange: (whose: string) => void
}

function Whose({ whose, all, onChange }: WhoseProps) {
    return (
        <ChoiceField
            label={words.whose}
            value={whose}
            onChange={onChange}
            options={[
                { value: '', text: '–' },
                ...all.map(({ id, name }) => ({ value: String(id), text: name })),
            ]}
        />
    )
}

function Answer({ answer, refused }: { answer: PictureLengths | undefined; refused: string | undefined }) {
    if (refused !== undefined) {
        return (
            <chakra.p role="alert" color="over" fontWeight={600}>
                {refused}
            </chakra.p>
        )
    }
    return answer === undefined ? <p>{words.waiting}</p> : <Read {...answer} />
}

interface SaveProps {
    picture: PictureRow
    marks: MarksRequest
    /** Whose length it is; null: not said. */
    fish: number | null
    name: string
    isShoal: boolean
}

/** Keeps the marks, and writes the length down for whom it is. */
function Save({ picture, marks, fish, name, isShoal }: SaveProps) {
    const unit = useUnit()
    const navigate = useNavigate()
    const named = { picture: picture.id }
    const keep = useWrite('PUT', '/api/v1/pictures/{picture}/marks', named, {
        notice: () => words.keptMarks,
    })
    const measure = useWrite('POST', '/api/v1/pictures/{picture}/measurement', named, {
        notice: ({ length_mm }) => words.saved({ length: measured(length_mm, unit), name }),
        undo: ({ id }) => write('DELETE', '/api/v1/measurements/{measurement}', { measurement: id }),
        onDone: ({ fish_id }) => navigate({ to: '/fish/$id', params: { id: fish_id } }),
    })
    const save = (isKept: boolean): void => {
        if (fish !== null) {
            // The length is read from the marks that are kept.
            void write('PUT', '/api/v1/pictures/{picture}/marks', named, marks)
                .then(() => measure.save({ fish_id: fish, ...(isKept ? { keep: true } : {}) }))
                .catch(() => keep.save(marks))
        }
    }
    const error = measure.error ?? keep.error
    return (
        <Box display="flex" flexDirection="column" gap="10px">
            {error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {error}
                </chakra.p>
            )}
            <Button
                variant="solid"
                minHeight={{ base: '58px', lg: '44px' }}
                disabled={fish === null || measure.isSaving}
                onClick={() => save(false)}
            >
                {isShoal ? words.saveShoal : words.save}
            </Button>
            {measure.problem?.question != null && (
                <Button disabled={measure.isSaving} onClick={() => save(true)}>
                    {words.keep}
                </Button>
            )}
            <Button disabled={keep.isSaving} onClick={() => keep.save(marks)}>
                {words.keepMarks}
            </Button>
        </Box>
    )
}
