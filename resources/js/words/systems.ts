import type {
    Fitting,
    GrowingFish,
    PreparationSheet,
    Quantity,
    StandingSide,
    SystemSheet,
    WaterWorkRow,
} from '../api/types'
import { longDay } from '../units/day'
import { percent } from '../units/share'
import { number } from './en'

/** Every word about systems and their water, in one place. */

export const systemWords = {
    open: 'Plan, water and load',
    add: 'Add a system',
    addTitle: 'A new system',
    edit: 'Change it',
    editTitle: (name: string) => `Change ${name}`,
    save: 'Save',
    saved: (name: string) => `Written down: ${name}.`,
    removed: (name: string) => `${name} is taken out.`,
    remove: 'Delete it',
    card: 'Print the tank card',
    print: 'Print',
    cardCautions:
        'Power off at the plug before hands go in. Nothing from this water into the wild. Cuts on hands: gloves.',
    back: 'Back to the system',
    title: (name: string) => `${name}, from above`,
    dragDate: 'Date of the plan',
    asTable: 'Show as a table',
    asPicture: 'Show as a picture',
    columns: {
        fish: 'fish',
        length: 'length then',
        run: 'swimming length needed',
        outgrows: 'no longer fits',
    },
    runOf: (needed: string, there: string) => `${needed} of ${there}`,
    fits: 'fits throughout',
    from: (day: string) => `from ${day}`,
    floorUsed: 'Floor used',
    feedFilter: 'Feed for the filter',
    layers: { bottom: 'at the bottom', middle: 'in the middle', top: 'at the top' },
    noMedia: 'filter media not written down',
    tooMuch: 'too much',
    turns: (name: string, size: string) => `${name} turns in ${size}`,
    drain: 'drain',
    divider: 'divider',
    inside: (length: string) => `${length} inside`,
    runHalf: (run: string) => `swimming length: half the wall, ${run}`,
    needs: (name: string, run: string) => `${name} needs ${run}`,
    noLonger: 'no longer fits',
    empty: 'Nobody lives here.',
    notYet: (day: string) => `In use from ${day}.`,

    water: {
        title: 'Water',
        all: 'No alarm: what was measured is as it should be.',
        never: 'Never tested. Ammonia, nitrite, nitrate and pH tell most.',
        tested: (day: string) => `Last tested ${day}.`,
        next: 'What to do:',
        test: 'Water test',
        testTitle: (name: string) => `A test of ${name}`,
        testHelp:
            'Fill in what was measured; leave the rest. Type 78 F, 0.25 ppm or 0.2 mg/l N if the kit says so.',
        more: 'More values',
        note: 'Note',
        date: 'Day',
        keep: 'They are right, keep them',
        recorded: (name: string) => `Recorded: a water test of ${name}.`,
        work: 'Water or filter work',
        workTitle: 'What was done?',
        percent: 'How much of the water, %',
        done: 'Written down.',
        chart: 'Over time',
        quantity: 'Show',
        span: 'Span',
        spans: {
            2: 'two days, every reading',
            30: 'a month',
            90: 'three months',
            365: 'a year',
            730: 'two years',
        } as Record<number, string>,
        noValues: 'Nothing was measured in this span.',
        legend: { mean: 'mean of the day', band: 'lowest to highest', test: 'test by hand' },
        tests: 'Tests and work',
        freeAmmonia: (value: number) => `Harmful part of the ammonia: ${value.toFixed(3)} mg/l N.`,
        saturation: (share: number) => `Oxygen at ${percent(share)} of what the water can hold.`,
        takeOut: 'Delete',
        noEntries: 'Nothing written down yet.',
    },

    load: {
        title: 'Load',
        mass: 'Fish',
        feed: 'Dry food a day',
        ammonia: 'Ammonia made a day',
        capacity: 'The filter carries',
        filter: 'Filter used',
        turnover: 'Water through the filter',
        perHour: (times: number, least: number, most: number) =>
            `${times.toFixed(1)} times an hour; ${least} to ${most} is usual`,
        turnoverUnknown: (least: number, most: number) =>
            `pump not written down; ${least} to ${most} times an hour is usual`,
        change: 'Weekly change',
        changeOf: (share: number, least: number) =>
            `${percent(share)}; ${least > 1 ? 'not even all of it would do' : `at least ${percent(least)} holds nitrate`}`,
        pump: 'Pump off',
        pumpHours: (hours: number) =>
            `about ${hours < 10 ? hours.toFixed(1) : hours.toFixed(0)} hours of oxygen, the surface not counted`,
        weight: 'Filled weight',
        weightOf: (weight: string, perArea: string) =>
            `${weight}, ${perArea} on its floor. Whether a floor bears it, an engineer decides.`,
        ahead: 'As they grow',
        months: { date: 'On', mass: 'Fish', feed: 'Food a day', filter: 'Filter', change: 'Weekly change' },
        nitrate: 'Nitrate',
        nitrateColumns: { how: '', peak: 'before a change', trough: 'after it', least: 'least change' },
        byBook: 'by the book',
        byTests: (spans: number) => `by your tests (${spans} spans)`,
        bookNote:
            'The book counts all nitrogen of the food: plants and sludge take some away, so it is an upper bound.',
        testsNote: (share: number) => `Your tests show ${percent(share)} of it.`,
        noTests: 'Two nitrate tests a few days apart show how much of it this system really has.',
    },

    change: {
        title: 'Before and after',
        help: 'Think of a change: both sides are worked out, nothing is written.',
        species: 'Add a species',
        count: 'How many',
        length: 'How long',
        care: 'The filter was just',
        cares: {
            '': 'left as it is',
            rinsed: 'rinsed in tank water',
            'half-removed': 'half emptied',
            'deep-cleaned': 'deep-cleaned',
            scrubbed: 'scrubbed',
            'chlorinated-tap': 'washed under the tap',
        },
        media: 'Filter media then',
        mediaLitres: 'Litres of media',
        weekly: 'Weekly change, %',
        turnover: 'Pump, an hour',
        divider: 'Divider from the left',
        leaving: 'Leaves',
        nobody: 'nobody',
        asNow: 'as now',
        clear: 'Clear',
        columns: { what: '', before: 'now', after: 'then' },
        rows: {
            mass_g: 'Fish',
            feed_g: 'Food a day',
            ammonia_g: 'Ammonia a day',
            floor: 'Floor used',
            filter_share: 'Filter used',
            turnover: 'Times an hour',
            weekly_change: 'Weekly change',
            weekly_change_least: 'At least',
            nitrate_peak: 'Nitrate before a change',
        } satisfies Partial<Record<keyof StandingSide, string>>,
        objections: 'Would not fit',
        forecast: 'Ammonia and nitrite after it',
        unknownSpecies: 'No species here has this name.',
        atOnce: (n: number) => `The filter bears ${number(n)} of them at once.`,
    },

    ready: {
        title: 'Ready a home',
        begin: 'Plan its preparation',
        change: 'Change the plan',
        end: 'Preparation is over',
        ended: 'No longer prepared.',
        planTitle: (name: string) => `Ready ${name}`,
        help: 'Steps are counted back from the day it is wanted; how long the filter takes follows from what is to live there.',
        wanted: 'Wanted on',
        isBuilt: 'It stands, holds water and has power',
        tap: 'Filled with chlorinated tap water',
        starter: 'Starter fish run it in',
        donor: 'Filter media from',
        noDonor: 'no running filter',
        donorShare: 'Share of those media, %',
        stock: 'First stock',
        count: 'How many',
        length: 'How long',
        save: 'Count back',
        planned: 'The steps are counted back.',
        step: 'Step',
        days: (begin: string, end: string) => (begin === end ? begin : `${begin} to ${end}`),
        done: (day: string) => `done ${day}`,
        tick: (words: string) => `Tick: ${words}`,
        ticked: (words: string) => `Done: ${words}.`,
        late: 'late',
        due: 'now',
        cycle: 'The filter',
        findings: 'Before fish come:',
        forecast: 'If the stock moved in on the first day',
    },

    sums: {
        title: 'Water calculators',
        refill: 'Refill',
        percent: 'Change, %',
        cold: 'Cold water',
        hot: 'Hot water',
        fill: 'Fill with',
        dose: 'Product, ml per 100 l',
        doseOf: (ml: number) => `${ml} ml of the product for the new water; its label decides.`,
        cool: (degrees: number) => `With cold water alone it would cool by ${degrees} °C.`,
        tub: 'A tub without air',
        litres: 'Water in the tub',
        celsius: 'Its temperature',
        fish: 'Fish',
        choose: 'Choose…',
        tubHelp: 'For a wait or a ride. The surface is not counted, so it lasts a little longer.',
    },

    probes: {
        title: 'Probes',
        none: 'No probe posts readings of this system.',
        add: 'Add a probe',
        name: 'Name',
        heard: (when: string) => `last heard ${when}`,
        never: 'not heard yet',
        token: 'Its token, shown this once: give it to the device.',
        how: 'A device posts to /api/v1/device/readings with this token. The simulated one:',
        remove: 'Delete',
        removed: 'Its token no longer holds; its readings stay.',
        close: 'I have it',
    },

    form: {
        name: 'Name',
        kind: 'What it is',
        kinds: { tank: 'tank', vat: 'vat', pond: 'pond' } satisfies Record<SystemSheet['kind'], string>,
        pool: (n: number, many: boolean) => (many ? `Pool ${n}` : 'Shape'),
        addPool: 'Linked tank',
        removePool: 'Take this pool out',
        shape: 'Shape',
        shapes: { box: 'box', round: 'round', l: 'L', bow: 'bow front', outline: 'outline by its corners' },
        outside: 'Outside sizes: glass comes off',
        glass: 'Glass or wall',
        sizes: {
            length: 'Length',
            width: 'Front to back',
            depth: 'Depth of the water',
            diameter: 'Diameter',
            leg_length: 'Second leg, length',
            leg_width: 'Second leg, width',
            bow: 'How far the front bulges',
        },
        corners: 'Corners',
        cornersHelp:
            'Tap the grid to set corners in order round the edge; each square is half a metre. Or type them: metres from the left and from the back.',
        cornersText: 'Corners, one a line: from the left, from the back (m)',
        undoCorner: 'Take the last corner back',
        water: 'Water',
        temperature: 'Target temperature',
        byMonth: 'Follows the seasons',
        months: ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'],
        monthsTitle: 'Means of the months',
        salinity: 'Water type',
        salinities: { fresh: 'fresh', brackish: 'brackish', marine: 'marine' },
        ph: 'pH',
        gh: 'General hardness',
        source: 'Comes from',
        weekly: 'Weekly change, %',
        weeklyHelp: 'Empty: as the rulebook says.',
        equipment: 'Equipment',
        sump: 'Sump',
        sumpHelp: 'Counts as water, never as room.',
        media: 'Filter media',
        noMedia: 'not known',
        medias: {
            sponge: 'sponge',
            mat: 'matting',
            carriers: 'plastic carriers',
            'porous-stone': 'porous stone',
            gravel: 'gravel',
        },
        mediaLitres: 'How much of them',
        turnover: 'Pump, an hour',
        heater: 'Heater, watts',
        heaterHelp:
            'On a residual-current device, with a drip loop; an electrician connects it. Big fish break unguarded ones.',
        slot: 'Overflow slots',
        lights: 'Light',
        on: 'On',
        dim: 'Dim or blue from',
        off: 'Off',
        window: 'Daylight reaches it',
        inside: 'Inside',
        fittings: 'Fittings',
        fittingWords: {
            lid: 'lid',
            'tight-lid': 'tight lid',
            sand: 'sand',
            'open-floor': 'open floor',
            hides: 'hides',
            'sight-breaks': 'sight breaks',
            flow: 'flow',
            air: 'air',
            plants: 'plants',
            'dim-light': 'dim light',
            buffering: 'buffering substrate',
            'guarded-heater': 'guarded heater',
            'guarded-overflow': 'guarded overflow',
            'liner-safe': 'liner out of reach',
            'levelling-mat': 'levelling mat',
        } satisfies Record<Fitting, string>,
        substrate: 'Substrate',
        decorFloor: 'Floor under rock and wood, %',
        decorLitres: 'Water they take the place of',
        decorKilograms: 'Rock, wood, substrate, kg',
        dividers: 'Dividers',
        addDivider: 'A divider',
        at: 'From the left end',
        from: 'In since',
        until: 'Out on',
        removeDivider: 'Take this one out',
        place: 'Place',
        site: 'Site',
        walk: 'Position on my route',
        available: 'In use from',
        availableHelp: 'Empty: it is in use.',
        comesTo: 'It comes to',
        litres: 'Water',
        floor: 'Free floor',
        weight: 'Filled weight',
        floorLoad: 'On its floor',
        run: 'Swimming length',
        turning: 'Turning width',
        pump: 'Pump at least',
        engineer:
            'More than a usual floor of a dwelling is built for: a structural engineer decides. Mind your back: two to carry a tank, none with water in it.',
        pond: 'Fence or net it where children can reach it: they drown in shallow water.',
        typing: 'Type its sizes: what it comes to is worked out here.',
    },
}

export const quantityWords: Record<Quantity, { name: string; hint: string }> = {
    temperature_c: { name: 'Temperature', hint: '°C' },
    ph: { name: 'pH', hint: '' },
    ammonia_mg_l: { name: 'Ammonia', hint: 'mg/l' },
    nitrite_mg_l: { name: 'Nitrite', hint: 'mg/l' },
    nitrate_mg_l: { name: 'Nitrate', hint: 'mg/l' },
    kh_dkh: { name: 'Carbonate hardness', hint: '°dH' },
    gh_dgh: { name: 'General hardness', hint: '°dH' },
    conductivity_us: { name: 'Conductivity', hint: 'µS/cm' },
    salinity_ppt: { name: 'Salinity', hint: 'ppt' },
    oxygen_mg_l: { name: 'Oxygen', hint: 'mg/l' },
    copper_mg_l: { name: 'Copper', hint: 'mg/l' },
    chlorine_mg_l: { name: 'Chlorine', hint: 'mg/l' },
    phosphate_mg_l: { name: 'Phosphate', hint: 'mg/l' },
}

/** The values that most keepers measure; the rest is a tap further. */
export const usualQuantities: readonly Quantity[] = [
    'temperature_c',
    'ph',
    'ammonia_mg_l',
    'nitrite_mg_l',
    'nitrate_mg_l',
    'kh_dkh',
]

export const workWords: Record<WaterWorkRow['kind'], string> = {
    'water-change': 'water change',
    rinsed: 'filter rinsed in tank water',
    'half-removed': 'half of the media removed',
    'deep-cleaned': 'filter deep-cleaned',
    scrubbed: 'filter scrubbed',
    'chlorinated-tap': 'filter washed under the tap',
}

/** The sentence above the floor plan on its date. */
export function planSentence(
    system: SystemSheet,
    names: Map<number, string>,
    fish: readonly GrowingFish[],
    at: number,
    date: string,
    today: string,
    fullest: number,
): string {
    const day = date === today ? 'Today' : `On ${longDay(date, today)}`
    const over = fish.filter((one) => one.outgrown_on !== null && one.outgrown_on <= date)
    const first = over[0]
    if (fish.length === 0) {
        return `${system.name} stands empty.`
    }
    if (first !== undefined) {
        const others = over.length - 1
        const more = others === 0 ? '' : `, nor ${others === 1 ? 'one other' : `${number(others)} others`}`
        return `${day} ${system.name} no longer fits ${names.get(first.id) ?? ''}${more}: ${first.reason}.`
    }
    const most = [...fish].sort(
        (a, b) => (b.likely_mm[at] ?? 0) / b.limit_mm - (a.likely_mm[at] ?? 0) / a.limit_mm,
    )[0]
    if (fullest > 1) {
        return `${day} everybody fits ${system.name} one by one, but together they need ${percent(fullest)} of its floor.`
    }
    const all =
        fish.length === 1
            ? (names.get(fish[0]?.id ?? 0) ?? '')
            : fish.length === 2
              ? 'both'
              : `all ${number(fish.length)}`
    return fish.length === 1
        ? `${day} ${system.name} ${date === today ? 'holds' : 'still holds'} ${all}.`
        : `${day} ${system.name} ${date === today ? 'holds' : 'still holds'} ${all}; ${names.get(most?.id ?? 0) ?? ''} is nearest to its limit.`
}

export function preparationState(sheet: PreparationSheet): 'fit' | 'close' | 'over' {
    return sheet.is_ready ? 'fit' : sheet.is_late ? 'over' : 'close'
}
