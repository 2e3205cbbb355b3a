import type {
    CheckItem,
    InterventionRequest,
    MoveSheetPage,
    Moves,
    ProductClass,
    RunStep,
    WatchSheet,
} from '../api/types'
import { number } from './en'

/** Every word about moves, the watch after and quarantine, in one place. */

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

export const moveWords = {
    title: 'Moves',
    comment: 'Prepared, run step by step, and watched until they have settled.',
    planned: 'Planned',
    none: 'No move is planned.',
    plan: 'Plan a move',
    planTitle: 'Who goes where?',
    from: 'From',
    who: 'Who',
    howMany: (name: string, there: number) => `How many of ${name} (${there} there)`,
    to: 'To',
    date: 'On',
    until: 'Interim: until',
    untilHelp: 'Empty: it stays.',
    timeOut: 'A time-out: it is decided then what becomes of it',
    container: 'Container, litres to the brim',
    mixing: 'Mixing',
    mixings: {
        'take-out': 'take out, then add',
        'fill-up': 'fill up, keep all',
        'pour-off': 'add, then pour off',
    },
    save: 'Prepare the sheet',
    choose: 'Choose…',
    past: 'Done lately',
    noPast: 'Nothing was moved from a sheet yet.',
    states: { planned: 'planned', begun: 'begun', finished: 'done', cancelled: 'dropped' },
    due: 'due',
    row: (fish: readonly string[], from: string, to: string) => `${fish.join(', ')}: ${from} to ${to}`,
    interim: (day: string) => `until ${day}`,
    timeOuts: (all: number, settled: number) =>
        all === 0
            ? ''
            : `${capital(number(all))} ${all === 1 ? 'time-out' : 'time-outs'} so far, ${number(settled)} came back and settled.`,

    sheet: {
        title: (fish: readonly string[], to: string) => `${fish.join(', ')} to ${to}`,
        broken: 'A fish of this sheet is not there any more. Drop it and make a new one.',
        objections: 'What speaks against it',
        noObjection: 'Nothing speaks against it.',
        override: 'Why it is done all the same',
        overrideSave: 'Keep this reason',
        overrideSaved: 'The reason is kept.',
        atHand: 'Have at hand',
        waters: 'The two waters',
        drip: (litres: number) => `Or let it drip: ${litres} l an hour.`,
        minutes: (minutes: number) => `${Math.round(minutes)} minutes of mixing.`,
        finish: 'It is done: write it down',
        finished: (to: string) => `Written down: they live in ${to} now. The watch begins.`,
        drop: 'Drop the sheet',
        takenBack: 'Taken back: everybody is where they were.',
        dropped: 'The sheet is dropped.',
        takeBack: 'Take it back',
        print: 'Print',
        tick: (words: string) => `Done: ${words}`,
        untick: (words: string) => `Undo: ${words}`,
        start: 'Start the clock',
        left: (text: string) => `${text} left`,
        over: 'time is up',
        forecast: 'Ammonia and nitrite where they go',
        testDates: (from: string, until: string) =>
            `Test ammonia and nitrite each day from ${from} to ${until}.`,
        note: 'Note',
        saveNote: 'Keep these',
        change: 'Day, container, mixing',
        changed: 'The sheet is worked out anew.',
        watch: 'To the watch',
    },

    watch: {
        title: 'Watched',
        none: 'Nobody is watched.',
        allGood: 'All good',
        eaten: 'It ate',
        look: 'Write the look down',
        looked: (name: string) => `Looked at ${name}.`,
        chased: 'Chased by',
        nobody: 'nobody',
        note: 'Note',
        rounds: 'Looks',
        missed: (n: number) =>
            n === 0 ? '' : `${capital(number(n))} ${n === 1 ? 'look was' : 'looks were'} missed.`,
        next: (when: string, why: string) => `Next look ${when}: ${why}.`,
        advice: 'Try next:',
        measure: 'What is tried',
        measures: {
            'lights-off': 'Lights off',
            distract: 'Feed and change water',
            'move-decor': 'Move the decor',
            'refuge-net': 'A refuge net',
            divider: 'A divider',
            'take-out-victim': 'Take the victim out',
            'take-out-bully': 'Take the bully out',
        } satisfies Record<NonNullable<InterventionRequest['intervention']>, string>,
        tryIt: 'Tried now',
        stopAt: 'If still chased at',
        tried: (words: string) => `Tried: ${words.toLowerCase()}.`,
        successes: { 'only-while-i-stood': 'only while I stood there', lasted: 'it lasted', no: 'no' },
        unknown: 'not known yet',
        outcome: 'What came of it',
        settle: 'It has settled',
        settled: (name: string) => `${name} has settled: the watch is over.`,
        takeOut: 'Take it out: a time-out',
        began: (when: string) => `since ${when}`,
    },

    quarantine: {
        title: 'Quarantine',
        none: 'Nobody is in quarantine.',
        begin: 'Begin a quarantine',
        fish: 'Fish',
        from: 'Since',
        days: 'Days',
        daysHelp: 'Empty: as the rulebook says.',
        credit: "Days served at the seller's",
        begun: (name: string) => `${name} is in quarantine.`,
        ends: (day: string) => `until ${day}`,
        look: 'A look',
        eats: 'It eats',
        sign: 'Sign of disease, if any',
        looked: (name: string) => `Looked at ${name}.`,
        release: 'Release it',
        released: (name: string) => `${name} may go.`,
        treat: 'A treatment',
        product: 'What it is',
        dose: 'Dose, as the label gives it',
        first: 'First day',
        last: 'Last day',
        withdrawal: 'Works on until',
        treated: 'Written down. The label and a vet decide.',
        help: 'Follow the label; a vet decides. Change water as it says, and never let copper or other killers of invertebrates into the display or its rock.',
    },

    calendar: {
        title: 'Calendar',
        help: 'Moves, steps of preparation, looks, quarantine ends and measurements, for any calendar program. Whoever knows the address can read it.',
        make: 'Make an address',
        again: 'A new address',
        close: 'Close it',
        made: 'Give this address to your calendar program.',
        closed: 'Nobody can read it any more.',
    },
}

export const phaseWords: Record<RunStep['phase'], string> = {
    before: 'Before',
    catching: 'Catching',
    carrying: 'Carrying',
    mixing: 'Mixing',
    release: 'Letting go',
    after: 'After',
}

export const matchWords: Record<NonNullable<MoveSheetPage['match']>, string> = {
    'straight-across': 'Straight across.',
    mix: 'Mix.',
    'slow-mix': 'Mix slowly.',
    'not-yet': 'Not yet.',
}

export const itemWords: Record<CheckItem, string> = {
    breathing: 'breathes hard',
    eating: 'does not eat',
    hiding: 'hides',
    colour: 'off colour',
    fins: 'torn fins',
    scales: 'scales missing',
    eyes: 'cloudy eye',
    surface: 'stuck at the surface',
    disc: 'disc curls',
}

export const productWords: Record<ProductClass, string> = {
    copper: 'copper',
    formalin: 'formalin',
    antiparasitic: 'against parasites',
    wormer: 'against worms',
    antibiotic: 'antibiotic',
    antifungal: 'against fungus',
    salt: 'salt',
}

export function movesSentence(moves: Moves): string {
    const urgent = moves.watches.find((one) => one.outcome === 'take-out')
    if (urgent !== undefined) {
        return urgent.sentence
    }
    const parts = [
        moves.open.length > 0
            ? `${number(moves.open.length)} ${moves.open.length === 1 ? 'move is' : 'moves are'} planned`
            : '',
        moves.watches.length > 0
            ? `${number(moves.watches.length)} fish ${moves.watches.length === 1 ? 'is' : 'are'} watched`
            : '',
        moves.quarantines.length > 0 ? `${number(moves.quarantines.length)} in quarantine` : '',
    ].filter((part) => part !== '')
    return parts.length === 0 ? 'Nobody is on the move.' : `${capital(parts.join(', '))}.`
}

export const watchColour = (watch: WatchSheet): 'over' | 'fit' | 'close' =>
    watch.outcome === 'take-out' ? 'over' : watch.outcome === 'settled' ? 'fit' : 'close'
