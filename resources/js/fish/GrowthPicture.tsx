import { messages } from '../messages'
import { whatIfWords } from '../messages/whatIf'
import { tickLabel } from '../units/ticks'
import type { FishSheet, OtherFuture } from '../api/types'
import { DimensionLine } from '../drawing/DimensionLine'
import { FishSide } from '../drawing/FishSide'
import { polygon, polyline } from '../drawing/geometry'
import type { Point } from '../drawing/geometry'
import { SurveyMark } from '../drawing/SurveyMark'
import { bandInk, ink } from '../theme/tokens'
import { daySpan, monthOfYear, shortDay } from '../units/day'
import type { LengthUnit } from '../units/length'
import { bare, measured } from '../units/length'
import type { ChartSize, Chart } from './chart'

interface Props {
    sheet: FishSheet
    chart: Chart
    unit: LengthUnit
    /** The future of a what-if, drawn beside. */
    other?: OtherFuture | undefined
}

const BANDS: [low: number, high: number][] = [
    [0, 8],
    [1, 7],
    [2, 6],
    [3, 5],
]
const LIKELY = 4
const LABEL_ROOM = 380
/** Room for a letter of the words at the window. */
const LETTER = 8

/** Growth against time: what was measured, what is likely, and the limits it meets. */
export function GrowthPicture({ sheet, chart, unit, other }: Props) {
    const { size } = chart
    return (
        <svg
            width={size.width}
            height={size.height}
            role="img"
            aria-label={`${messages.fish.title({ name: sheet.fish.name })}. ${messages.fish.table}`}
            style={{ display: 'block' }}
        >
            <Ground sheet={sheet} chart={chart} unit={unit} />
            <Curves sheet={sheet} chart={chart} />
            {other !== undefined && <OtherCurve other={other} chart={chart} />}
            <ToScale sheet={sheet} chart={chart} unit={unit} />
            <OutgrowSpan sheet={sheet} chart={chart} />
            <Limits sheet={sheet} chart={chart} unit={unit} />
            <TodayLine sheet={sheet} chart={chart} />
            <Measured sheet={sheet} chart={chart} />
        </svg>
    )
}

function Ground({ sheet, chart, unit }: Props) {
    const { size, y, ticksY } = chart
    const limit = Math.max(size.top, y(sheet.fish.home.limit_mm))
    return (
        <g>
            <rect
                x={size.left}
                y={limit}
                width={size.right - size.left}
                height={size.bottom - limit}
                fill={ink('water')}
                fillOpacity={0.55}
            />
            {ticksY.map((mm) => (
                <g key={mm}>
                    <path
                        d={`M${size.left - 7} ${y(mm)}H${size.left}`}
                        stroke={ink('ink')}
                        strokeWidth={1.4}
                    />
                    {mm > 0 && <path d={`M${size.left} ${y(mm)}H${size.right}`} stroke={ink('rule')} />}
                    <text x={size.left - 11} y={y(mm) + 5} textAnchor="end" fontSize={15} fill={ink('ink')}>
                        {Math.round(mm / unit.mm)}
                    </text>
                </g>
            ))}
            <text x={size.left - 11} y={size.top - 3} textAnchor="end" fontSize={15} fill={ink('ink2')}>
                {unit.word}
            </text>
            <path
                d={`M${size.left} ${size.top - 10}V${size.bottom}H${size.right}`}
                fill="none"
                stroke={ink('ink')}
                strokeWidth={1.6}
            />
            {chart.ticksX.map((tick) => {
                const isYear = tick.getUTCMonth() === 0
                const x = chart.xOfTick(tick)
                return (
                    <g key={tick.getTime()}>
                        <path
                            d={`M${x} ${size.bottom}v${isYear ? 12 : 7}`}
                            stroke={ink('ink')}
                            strokeWidth={1.4}
                        />
                        <text
                            x={Math.min(x, size.right - 12)}
                            y={size.bottom + 26}
                            textAnchor="middle"
                            fontSize={15}
                            fontWeight={isYear ? 700 : 500}
                            fill={ink('ink')}
                        >
                            {tickLabel(tick)}
                        </text>
                    </g>
                )
            })}
        </g>
    )
}

function Curves({ sheet, chart }: Pick<Props, 'sheet' | 'chart'>) {
    const { x, y } = chart
    const colour = bandInk(sheet.fish.band)
    const ahead = sheet.ahead.filter((point) => point.date <= chart.end)
    const at =
        (i: number) =>
        (point: (typeof ahead)[number]): Point => [x(point.date), y(point.quantiles_mm[i] ?? 0)]
    const behind = sheet.behind
    return (
        <g>
            <path
                d={polygon([
                    ...behind.map((p): Point => [x(p.date), y(p.length_mm.high)]),
                    ...behind.map((p): Point => [x(p.date), y(p.length_mm.low)]).reverse(),
                ])}
                fill={colour}
                fillOpacity={0.14}
            />
            {BANDS.map(([low, high]) => (
                <path
                    key={low}
                    d={polygon([...ahead.map(at(high)), ...ahead.map(at(low)).reverse()])}
                    fill={colour}
                    fillOpacity={0.14}
                />
            ))}
            <path
                d={polyline(behind.map((p): Point => [x(p.date), y(p.length_mm.likely)]))}
                fill="none"
                stroke={colour}
                strokeWidth={2.6}
            />
            <path
                d={polyline(ahead.map(at(LIKELY)))}
                fill="none"
                stroke={colour}
                strokeWidth={2.6}
                strokeDasharray="9 4"
            />
        </g>
    )
}

function OtherCurve({ other, chart }: { other: OtherFuture; chart: Chart }) {
    const { x, y, size } = chart
    const ahead = other.ahead.filter((point) => point.date <= chart.end)
    const at =
        (i: number) =>
        (point: (typeof ahead)[number]): Point => [
            x(point.date),
            Math.max(size.top, y(point.quantiles_mm[i] ?? 0)),
        ]
    const end = ahead.at(-1)
    return (
        <g>
            <path
                d={polygon([...ahead.map(at(8)), ...ahead.map(at(0)).reverse()])}
                fill={ink('accent')}
                fillOpacity={0.12}
            />
            <path
                d={polyline(ahead.map(at(LIKELY)))}
                fill="none"
                stroke={ink('accent')}
                strokeWidth={2.6}
                strokeDasharray="2 5"
                strokeLinecap="round"
            />
            {end !== undefined && (
                <text
                    x={size.right - 6}
                    y={Math.max(size.top + 16, at(LIKELY)(end)[1] - 9)}
                    textAnchor="end"
                    fontSize={15}
                    fontWeight={700}
                    fill={ink('accent')}
                    paintOrder="stroke"
                    stroke={ink('paper')}
                    strokeWidth={4}
                >
                    {whatIfWords.line}
                </text>
            )}
        </g>
    )
}

/** Today's fish inside its own later outline, to the scale of the axis, where there is room for it. */
function ToScale({ sheet, chart, unit }: Props) {
    const { size, perMm, y } = chart
    const last = sheet.ahead.filter((point) => point.date <= chart.end).at(-1)
    const later = last?.quantiles_mm[LIKELY] ?? 0
    const [lengthNow, lengthLater] = [sheet.fish.length_mm.likely * perMm, later * perMm]
    const left = size.right - lengthLater - 40
    const floor = Math.min(
        ...sheet.ahead
            .filter((point) => chart.x(point.date) >= left)
            .map((point) => point.quantiles_mm[0] ?? 0),
    )
    const room = size.bottom - y(floor)
    const tall = lengthLater * 0.46
    if (last === undefined || size.width < 600 || left < chart.x(sheet.today) + 30 || tall + 62 > room) {
        return null
    }
    const middle = size.bottom - 52 - tall / 2
    return (
        <g>
            <FishSide
                form={sheet.fish.form}
                band={sheet.fish.band}
                x={left + lengthLater / 2}
                y={middle}
                length={lengthLater}
                outlineOnly
            />
            <FishSide
                form={sheet.fish.form}
                band={sheet.fish.band}
                x={left + lengthNow / 2}
                y={middle}
                length={lengthNow}
            />
            <DimensionLine
                x1={left}
                x2={left + lengthNow}
                y={size.bottom - 36}
                label={`${bare(sheet.fish.length_mm.likely, unit)} ${messages.fish.today}`}
                behind="water"
            />
            <DimensionLine
                x1={left}
                x2={left + lengthLater}
                y={size.bottom - 13}
                label={messages.fish.lengthIn({
                    length: bare(later, unit),
                    month: monthOfYear(last.date),
                })}
                behind="water"
            />
        </g>
    )
}

/** Beside the window where there is room, else below it. */
function placeOfWords(room: number, from: number, until: number, size: ChartSize) {
    if (until + 12 + room <= size.right) {
        return { x: until + 12, y: size.bottom + 47, anchor: 'start' as const }
    }
    return room <= from - 12
        ? { x: from - 12, y: size.bottom + 47, anchor: 'end' as const }
        : { x: size.right, y: size.bottom + 59, anchor: 'end' as const }
}

function OutgrowSpan({ sheet, chart }: Pick<Props, 'sheet' | 'chart'>) {
    const { early, likely, late } = sheet.fish.home.outgrows
    const { size, x, y } = chart
    if (early === null || early > chart.end || !sheet.fish.home.fits_now) {
        return null
    }
    const [from, until, top] = [
        x(early),
        Math.min(size.right, late === null ? size.right : x(late)),
        y(sheet.fish.home.limit_mm),
    ]
    const span =
        late === null
            ? messages.fish.fromOn({ day: shortDay(early, sheet.today) })
            : daySpan(early, late, sheet.today, 'range', 'short')
    const label = messages.fish.outgrows({ home: sheet.fish.home.name, span })
    const words = size.width < 500 ? span : label
    const place = placeOfWords(words.length * LETTER, from, until, size)
    return (
        <g>
            <rect
                x={from}
                y={top}
                width={Math.max(2, until - from)}
                height={size.bottom - top}
                fill="url(#hatch-unc)"
                fillOpacity={0.5}
            />
            <path
                d={`M${from} ${top}V${size.bottom + 36}M${until} ${top}V${size.bottom + 36}`}
                stroke={ink('unc')}
                strokeWidth={1.4}
            />
            {likely !== null && likely <= chart.end && (
                <>
                    <path d={`M${x(likely)} ${top}V${size.bottom}`} stroke={ink('unc')} strokeWidth={2} />
                    <circle
                        cx={x(likely)}
                        cy={top}
                        r={5}
                        fill={ink('paper')}
                        stroke={ink('unc')}
                        strokeWidth={2.4}
                    />
                </>
            )}
            <DimensionLine x1={from} x2={until} y={size.bottom + 41} colour="unc" />
            <text
                x={place.x}
                y={place.y}
                textAnchor={place.anchor}
                fontSize={size.width < 500 ? 14 : 16}
                fontWeight={700}
                fill={ink('unc')}
            >
                {words}
            </text>
        </g>
    )
}

function Limits({ sheet, chart, unit }: Props) {
    const { size, x, y, homes } = chart
    const { early } = sheet.fish.home.outgrows
    return (
        <g>
            {homes.map(({ home, names }) => {
                const isCurrent = home.system_id === sheet.fish.home.system_id
                const at = y(home.limit_mm)
                // The label of its own limit keeps clear of the window on it.
                const toTheRight = isCurrent && early !== null && x(early) < size.left + LABEL_ROOM
                return (
                    <g key={home.system_id}>
                        <path
                            d={`M${size.left} ${at}H${size.right}`}
                            stroke={ink('ink')}
                            strokeWidth={isCurrent ? 2 : 1.4}
                            strokeDasharray={isCurrent ? '12 5' : '7 5'}
                        />
                        <text
                            x={toTheRight ? size.right - 6 : size.left + 10}
                            textAnchor={toTheRight ? 'end' : 'start'}
                            y={at - 7}
                            fontSize={size.width < 500 ? 14 : 15}
                            fill={ink('ink')}
                            paintOrder="stroke"
                            stroke={ink('paper')}
                            strokeWidth={4}
                            strokeLinejoin="round"
                        >
                            <tspan fontWeight={700}>
                                {isCurrent ? messages.fish.ofHome({ home: names }) : names}
                            </tspan>
                            <tspan fill={ink('ink2')}>
                                : {measured(home.limit_mm, unit)}
                                {size.width < 500 ? '' : `, ${home.reason}`}
                            </tspan>
                        </text>
                    </g>
                )
            })}
        </g>
    )
}

function TodayLine({ sheet, chart }: Pick<Props, 'sheet' | 'chart'>) {
    const { size, x, y } = chart
    const at = x(sheet.today)
    return (
        <g>
            <path
                d={`M${at} ${y(sheet.fish.length_mm.likely)}V${size.bottom}`}
                stroke={ink('ink')}
                strokeWidth={1.6}
            />
            <path d={`M${at - 7} ${size.bottom + 11}h14l-7-10z`} fill={ink('ink')} />
            <text
                x={at - 9}
                y={size.bottom - 9}
                textAnchor="end"
                fontSize={15}
                fontWeight={700}
                fill={ink('ink')}
                paintOrder="stroke"
                stroke={ink('water')}
                strokeWidth={4}
            >
                {messages.fish.today}
            </text>
        </g>
    )
}

function Measured({ sheet, chart }: Pick<Props, 'sheet' | 'chart'>) {
    const { x, y } = chart
    const flagged = new Set(sheet.flagged)
    return (
        <g>
            {sheet.measurements.map((one) => {
                const [cx, high, low] = [
                    x(one.date),
                    y(one.length_mm * (1 + 1.64 * one.error)),
                    y(one.length_mm * (1 - 1.64 * one.error)),
                ]
                return (
                    <g key={one.id}>
                        <path
                            d={`M${cx} ${high}V${low}M${cx - 5} ${high}h10M${cx - 5} ${low}h10`}
                            stroke={ink('ink')}
                            strokeWidth={1.5}
                        />
                        <SurveyMark
                            band={sheet.fish.band}
                            x={cx}
                            y={y(one.length_mm)}
                            r={4.6}
                            hollow={flagged.has(one.date)}
                        />
                    </g>
                )
            })}
        </g>
    )
}
