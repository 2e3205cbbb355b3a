import { scaleLinear, scaleUtc } from 'd3-scale'
import type { AheadLength, FishSheet, Home, OtherFuture } from '../api/types'
import { addDays, toTime } from '../units/day'

export interface ChartSize {
    width: number
    height: number
    left: number
    right: number
    top: number
    bottom: number
}

/** A limit with the homes that share it. */
export interface LimitLine {
    home: Home
    names: string
}

/** Everything on the growth sheet that is a matter of scale, not of drawing. */
export interface Chart {
    size: ChartSize
    x: (day: string) => number
    y: (mm: number) => number
    /** Pixels per millimetre of length. */
    perMm: number
    ticksX: Date[]
    xOfTick: (tick: Date) => number
    ticksY: number[]
    end: string
    homes: LimitLine[]
}

const DAYS_AHEAD = 800
const DAYS_BEFORE_FIRST = 25
const DAYS_AFTER_WINDOW = 150
const HOMES_SHOWN = 3
const LABEL_HEIGHT = 22

/** Another future far above the present one runs out of the picture rather than squeeze it. */
const OTHER_ABOVE = 1.8

/** @param other a what-if to have in the picture too */
export function chartOf(
    sheet: FishSheet,
    width: number,
    height: number,
    mmPerUnit: number,
    other?: OtherFuture,
): Chart {
    const isNarrow = width < 500
    const size: ChartSize = {
        width,
        height,
        left: isNarrow ? 40 : 58,
        right: width - 8,
        top: 16,
        bottom: height - 62,
    }
    const end = lastDay(sheet)
    const homes = homesShown(sheet)
    const start = addDays(sheet.behind[0]?.date ?? sheet.today, -DAYS_BEFORE_FIRST)
    const own = longestAt(sheet.ahead, end)
    const toCome = Math.max(own, Math.min(longestAt(other?.ahead ?? [], end), OTHER_ABOVE * own))
    const longest = Math.max(
        toCome,
        ...sheet.measurements.map((one) => one.length_mm * (1 + 1.64 * one.error)),
        ...homes.slice(0, 2).map((home) => home.limit_mm * 1.06),
    )
    const x = scaleUtc()
        .domain([toTime(start), toTime(end)])
        .range([size.left, size.right])
    const top = cappedTop(longest, toCome, sheet)
    const y = scaleLinear().domain([0, top]).range([size.bottom, size.top])
    return {
        size,
        x: (day) => x(toTime(day)),
        y,
        perMm: (size.bottom - size.top) / top,
        ticksX: x.ticks(isNarrow ? 5 : 12),
        xOfTick: (tick) => x(tick),
        ticksY: scaleLinear()
            .domain([0, top / mmPerUnit])
            .ticks(6)
            .map((tick) => tick * mmPerUnit),
        end,
        homes: merged(
            homes.filter((home) => home.limit_mm <= top),
            y,
        ),
    }
}

const longestAt = (ahead: readonly AheadLength[], end: string): number =>
    ahead.filter((point) => point.date <= end).at(-1)?.quantiles_mm[8] ?? 0

/** Lines too near to each other for two labels become one. */
function merged(homes: Home[], y: (mm: number) => number): LimitLine[] {
    const lines: LimitLine[] = []
    for (const home of homes) {
        const near = lines.find((line) => Math.abs(y(line.home.limit_mm) - y(home.limit_mm)) < LABEL_HEIGHT)
        if (near === undefined) {
            lines.push({ home, names: home.name })
        } else if (near.home.limit_mm === home.limit_mm) {
            near.names += `, ${home.name}`
        }
    }
    return lines
}

function lastDay(sheet: FishSheet): string {
    const horizon = sheet.ahead[sheet.ahead.length - 1]?.date ?? sheet.today
    const window = sheet.fish.home.outgrows
    const wanted = [
        addDays(sheet.today, DAYS_AHEAD),
        ...[window.late, window.likely].flatMap((day) =>
            day === null ? [] : [addDays(day, DAYS_AFTER_WINDOW)],
        ),
    ]
    const latest = wanted.reduce((a, b) => (a > b ? a : b))
    return latest < horizon ? latest : horizon
}

/** Its home, the next of its chain, and larger ones of the right temperature, smallest first. */
function homesShown(sheet: FishSheet): Home[] {
    const { home } = sheet.fish
    const next = sheet.homes.find((one) => one.system_id === sheet.fish.next?.system_id) ?? null
    const larger = sheet.homes
        .filter(
            (one) =>
                one.temperature === 'suits' &&
                one.limit_mm > home.limit_mm &&
                one.system_id !== next?.system_id,
        )
        .sort((a, b) => a.limit_mm - b.limit_mm)
    return [home, ...(next === null ? [] : [next]), ...larger].slice(0, HOMES_SHOWN + 1)
}

/** A home far above everything the fish will be would squeeze the picture: it is named below instead. */
function cappedTop(longest: number, longestToCome: number, sheet: FishSheet): number {
    return (
        Math.min(
            longest,
            Math.max(
                longestToCome,
                sheet.fish.home.limit_mm > longestToCome * 1.8 ? 0 : sheet.fish.home.limit_mm,
            ) * 1.45,
        ) * 1.04
    )
}
