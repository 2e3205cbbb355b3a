import { messages } from '../messages'

interface Place {
    to:
        | '/'
        | '/fish'
        | '/systems'
        | '/moves'
        | '/plan'
        | '/company'
        | '/food'
        | '/weigh-up'
        | '/log'
        | '/species'
        | '/rulebook'
        | '/settings'
    letter: string
    word: string
    /** In the room, at the desk, or on the shelf: the stretches of the tape. */
    stretch: 'room' | 'desk' | 'shelf'
}

/** The places of the work, along the day. */
export const places: readonly Place[] = [
    { to: '/', letter: 'T', word: messages.frame.places.today, stretch: 'room' },
    { to: '/fish', letter: 'F', word: messages.frame.places.fish, stretch: 'room' },
    { to: '/systems', letter: 'S', word: messages.frame.places.systems, stretch: 'room' },
    { to: '/moves', letter: 'M', word: messages.frame.places.moves, stretch: 'room' },
    { to: '/plan', letter: 'P', word: messages.frame.places.plan, stretch: 'desk' },
    { to: '/company', letter: 'C', word: messages.frame.places.company, stretch: 'desk' },
    { to: '/food', letter: 'O', word: messages.frame.places.food, stretch: 'desk' },
    { to: '/weigh-up', letter: 'W', word: messages.frame.places.weighUp, stretch: 'desk' },
    { to: '/log', letter: 'L', word: messages.frame.places.log, stretch: 'shelf' },
    { to: '/species', letter: 'K', word: messages.frame.places.species, stretch: 'shelf' },
    { to: '/rulebook', letter: 'R', word: messages.frame.places.rulebook, stretch: 'shelf' },
    { to: '/settings', letter: 'E', word: messages.frame.places.settings, stretch: 'shelf' },
]

export const isHere = (to: string, path: string): boolean => (to === '/' ? path === '/' : path.startsWith(to))
