import { Box, Button } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useForm, useWatch } from 'react-hook-form'
import type { Body } from '../api/client'
import type { FeedingRow } from '../api/types'
import { Chips } from '../entry/Chips'
import { FieldForm, fieldsOf } from '../entry/FieldForm'
import { useWrite } from '../entry/useWrite'
import { PaperDialog } from '../frame/PaperDialog'
import { Waiting } from '../frame/Waiting'
import { foodWords } from '../messages/food'
import { typedNumber } from './amounts'
import { foodQuery } from './queries'

const words = foodWords.home

/** So many foods can stand in a plan. */
const PARTS = 4

interface Values {
    food0: string
    share0: string
    food1: string
    share1: string
    food2: string
    share2: string
    food3: string
    share3: string
    of_ration_percent: string
    times: string
    fasting: string[]
    medicine: string
    medicine_until: string
}

const { Text, Choice } = fieldsOf<Values>()

/** What is fed at a table, how much, how often, and on which days not. */
export function PlanDialog({ row, onClose }: { row: FeedingRow | null; onClose: () => void }) {
    const query = useQuery(foodQuery)
    return (
        <PaperDialog
            title={row === null ? '' : words.planOf({ name: row.names })}
            open={row !== null}
            onClose={onClose}
        >
            {row !== null && (
                <Waiting query={query}>
                    {(sheet) => (
                        <PlanForm
                            row={row}
                            foods={sheet.foods
                                .filter((food) => !food.is_forbidden)
                                .map((food) => ({ value: String(food.id), text: food.name }))}
                            onDone={onClose}
                        />
                    )}
                </Waiting>
            )}
        </PaperDialog>
    )
}

interface FormProps {
    row: FeedingRow
    foods: { value: string; text: string }[]
    onDone: () => void
}

function PlanForm({ row, foods, onDone }: FormProps) {
    const form = useForm<Values>({ defaultValues: typedOf(row.plan) })
    const [medicine, fasting, ...chosen] = useWatch({
        control: form.control,
        name: ['medicine', 'fasting', 'food0', 'food1', 'food2'],
    })
    const filled = chosen.findIndex((one) => one === '')
    const rows = Math.min(PARTS, (filled === -1 ? chosen.length : filled) + 1)
    const entry = usePlan(row, onDone)
    return (
        <FieldForm
            form={form}
            entry={entry}
            act={words.save}
            onCancel={onDone}
            onSave={(typed) => entry.save(bodyOf(typed))}
        >
            {([0, 1, 2, 3] as const).slice(0, rows).map((i) => (
                <FoodOfPlan key={i} at={i} foods={foods} />
            ))}
            <Text name="of_ration_percent" label={words.of} help={words.ofHelp} inputMode="numeric" />
            <Text name="times" label={words.times} inputMode="numeric" />
            <Chips
                label={words.fastingDays}
                options={words.days.map((text, i) => ({ value: String(i + 1), text }))}
                chosen={fasting}
                isMany
                onToggle={(day) =>
                    form.setValue(
                        'fasting',
                        fasting.includes(day) ? fasting.filter((one) => one !== day) : [...fasting, day],
                    )
                }
                error={entry.fieldError('fasting')}
            />
            <Text name="medicine" label={words.medicine} help={words.medicineHelp} maxLength={200} />
            {medicine !== '' && <Text name="medicine_until" label={words.medicineUntil} type="date" />}
            {row.plan !== null && (
                <Button variant="plain" alignSelf="flex-start" onClick={entry.drop}>
                    {row.fish_id === null ? words.drop : words.together}
                </Button>
            )}
        </FieldForm>
    )
}

function typedOf(plan: FeedingRow['plan']): Values {
    const food = (i: number): string => String(plan?.parts[i]?.food_id ?? '')
    const share = (i: number): string => String(plan?.parts[i]?.percent ?? '')
    return {
        food0: food(0),
        share0: plan === null ? '100' : share(0),
        food1: food(1),
        share1: share(1),
        food2: food(2),
        share2: share(2),
        food3: food(3),
        share3: share(3),
        of_ration_percent: String(plan?.of_ration_percent ?? 100),
        times: String(plan?.times ?? 1),
        fasting: (plan?.fasting ?? []).map(String),
        medicine: plan?.medicine ?? '',
        medicine_until: plan?.medicine_until ?? '',
    }
}

function FoodOfPlan({ at, foods }: { at: 0 | 1 | 2 | 3; foods: FormProps['foods'] }) {
    return (
        <Box display="grid" gridTemplateColumns="minmax(0, 1fr) 104px" columnGap="12px">
            <Choice
                name={`food${at}`}
                refusedAs={at === 0 ? 'parts' : `parts.${at}.food_id`}
                label={words.food({ n: at + 1 })}
                options={[{ value: '', text: words.none }, ...foods]}
            />
            <Text
                name={`share${at}`}
                refusedAs={`parts.${at}.percent`}
                label={words.share}
                inputMode="numeric"
            />
        </Box>
    )
}

type PlanBody = Body<'PUT', '/api/v1/systems/{system}/feeding-plan'>

function bodyOf(typed: Values): PlanBody {
    const parts = ([0, 1, 2, 3] as const).flatMap((i) =>
        typed[`food${i}`] === ''
            ? []
            : [{ food_id: Number(typed[`food${i}`]), percent: typedNumber(typed[`share${i}`]) ?? NaN }],
    )
    return {
        parts,
        of_ration_percent: typedNumber(typed.of_ration_percent) ?? NaN,
        times: typedNumber(typed.times) ?? NaN,
        fasting: typed.fasting.map(Number).sort((a, b) => a - b),
        medicine: typed.medicine.trim() === '' ? null : typed.medicine,
        medicine_until:
            typed.medicine.trim() === '' || typed.medicine_until === '' ? null : typed.medicine_until,
    }
}

/** Of all in a home, or of one that is fed by itself. */
function usePlan(row: FeedingRow, onDone: () => void) {
    const [system, fish] = [{ system: row.system_id }, { fish: row.fish_id ?? 0 }]
    const planned = { notice: () => words.planned, onDone }
    const dropped = { notice: () => words.dropped, onDone }
    const ofSystem = useWrite('PUT', '/api/v1/systems/{system}/feeding-plan', system, planned)
    const ofFish = useWrite('PUT', '/api/v1/fish/{fish}/feeding-plan', fish, planned)
    const dropOfSystem = useWrite('DELETE', '/api/v1/systems/{system}/feeding-plan', system, dropped)
    const dropOfFish = useWrite('DELETE', '/api/v1/fish/{fish}/feeding-plan', fish, dropped)
    return row.fish_id === null
        ? { ...ofSystem, drop: () => dropOfSystem.save(undefined) }
        : { ...ofFish, drop: () => dropOfFish.save(undefined) }
}
