/**
 * Body forms in units of the total length (rays: of the disc width): snout at
 * 0, tail tip at 1. A profile is the half height of the body between snout
 * and the root of the tail.
 */
export interface Profile {
    /** Greatest half height. */
    height: number
    /** Where it is, 0 to 1 of the body. */
    peak: number
    /** Bluntness of the snout: small is blunt. */
    blunt: number
    /** Half height of the root of the tail. */
    root: number
}

/** From, to, height, place of the peak, lean backwards; round fins fall as they rise. */
export interface Fin {
    from: number
    to: number
    height: number
    peak: number
    lean: number
    side: 'upper' | 'lower'
    round: boolean
}

export type TailKind = 'round' | 'fan' | 'fork' | 'uneven' | 'none'

export interface Form {
    tailRoot: number
    upper: Profile
    lower: Profile
    above: Profile
    fins: Fin[]
    /** Place, length and width of the breast fin. */
    breastFin: [place: number, length: number, width: number]
    tail: { kind: TailKind; spread: number; notch: number }
    /** Place, height above the axis (negative is up), radius. */
    eye: [x: number, y: number, r: number]
    barbels: [x: number, y: number, length: number][]
    scutes: number
    spots: number
    scales: number
    /** Eels are drawn in a wave. */
    wave: number
}

const profile = (height: number, peak: number, blunt: number, root: number): Profile => ({
    height,
    peak,
    blunt,
    root,
})

const fin = (
    from: number,
    to: number,
    height: number,
    peak: number,
    lean: number,
    side: Fin['side'],
    round = true,
): Fin => ({
    from,
    to,
    height,
    peak,
    lean,
    side,
    round,
})

const plain = { barbels: [], scutes: 0, spots: 0, scales: 0, wave: 0 } satisfies Partial<Form>

const torpedo: Form = {
    ...plain,
    tailRoot: 0.86,
    upper: profile(0.072, 0.42, 0.42, 0.032),
    lower: profile(0.088, 0.4, 0.5, 0.032),
    above: profile(0.058, 0.36, 0.42, 0.012),
    fins: [
        fin(0.6, 0.83, 0.062, 0.5, 0.05, 'upper'),
        fin(0.53, 0.83, 0.075, 0.5, 0.05, 'lower'),
        fin(0.45, 0.5, 0.05, 0.6, 0.05, 'lower', false),
    ],
    breastFin: [0.23, 0.13, 0.035],
    tail: { kind: 'round', spread: 0.085, notch: 0 },
    eye: [0.075, -0.02, 0.016],
    scales: 6,
}

/** The outlines that species name. A ray is drawn by itself: see Ray. */
export const forms: Record<string, Form> = {
    torpedo,
    deep: {
        ...plain,
        tailRoot: 0.8,
        upper: profile(0.205, 0.44, 0.62, 0.055),
        lower: profile(0.205, 0.46, 0.6, 0.055),
        above: profile(0.072, 0.36, 0.5, 0.014),
        fins: [
            fin(0.34, 0.76, 0.085, 0.72, 0.05, 'upper'),
            fin(0.36, 0.76, 0.1, 0.78, 0.05, 'lower'),
            fin(0.24, 0.3, 0.11, 0.9, 0.16, 'lower', false),
        ],
        breastFin: [0.25, 0.12, 0.05],
        tail: { kind: 'fan', spread: 0.13, notch: 0.03 },
        eye: [0.095, -0.035, 0.021],
        scales: 7,
    },
    eel: {
        ...plain,
        tailRoot: 1,
        upper: profile(0.036, 0.2, 0.3, 0.004),
        lower: profile(0.034, 0.22, 0.3, 0.004),
        above: profile(0.03, 0.2, 0.3, 0.003),
        fins: [fin(0.3, 0.995, 0.022, 0.7, 0, 'upper'), fin(0.45, 0.995, 0.022, 0.6, 0, 'lower')],
        breastFin: [0.14, 0.035, 0.02],
        tail: { kind: 'none', spread: 0, notch: 0 },
        eye: [0.045, -0.012, 0.008],
        wave: 0.045,
    },
    catfish: {
        ...plain,
        tailRoot: 0.8,
        upper: profile(0.105, 0.3, 0.48, 0.035),
        lower: profile(0.085, 0.34, 0.42, 0.033),
        above: profile(0.1, 0.21, 0.42, 0.014),
        fins: [
            fin(0.29, 0.37, 0.12, 0.35, 0.07, 'upper', false),
            fin(0.64, 0.7, 0.032, 0.7, 0.04, 'upper'),
            fin(0.5, 0.73, 0.075, 0.22, 0.06, 'lower'),
            fin(0.43, 0.48, 0.06, 0.7, 0.06, 'lower', false),
        ],
        breastFin: [0.2, 0.15, 0.035],
        tail: { kind: 'fork', spread: 0.125, notch: 0.11 },
        eye: [0.07, -0.01, 0.014],
        barbels: [
            [0.02, 0.03, 0.2],
            [0.03, 0.05, 0.13],
        ],
    },
    sturgeon: {
        ...plain,
        tailRoot: 0.82,
        upper: profile(0.066, 0.34, 0.75, 0.022),
        lower: profile(0.05, 0.36, 0.62, 0.022),
        above: profile(0.066, 0.28, 0.72, 0.01),
        fins: [
            fin(0.68, 0.79, 0.062, 0.3, 0.05, 'upper', false),
            fin(0.71, 0.79, 0.05, 0.4, 0.05, 'lower', false),
            fin(0.58, 0.63, 0.045, 0.6, 0.05, 'lower', false),
        ],
        breastFin: [0.22, 0.12, 0.045],
        tail: { kind: 'uneven', spread: 0.13, notch: 0.06 },
        eye: [0.105, -0.012, 0.009],
        barbels: [
            [0.085, 0.025, 0.045],
            [0.1, 0.027, 0.045],
        ],
        scutes: 11,
    },
    knifefish: {
        ...plain,
        tailRoot: 1,
        upper: profile(0.085, 0.27, 0.55, 0.005),
        lower: profile(0.12, 0.27, 0.55, 0.006),
        above: profile(0.034, 0.2, 0.42, 0.004),
        fins: [fin(0.22, 0.995, 0.05, 0.35, 0, 'lower'), fin(0.44, 0.48, 0.075, 0.5, 0.05, 'upper')],
        breastFin: [0.18, 0.09, 0.035],
        tail: { kind: 'none', spread: 0, notch: 0 },
        eye: [0.06, -0.02, 0.012],
        spots: 6,
    },
    barb: {
        ...plain,
        tailRoot: 0.77,
        upper: profile(0.155, 0.42, 0.62, 0.05),
        lower: profile(0.15, 0.42, 0.62, 0.05),
        above: profile(0.07, 0.34, 0.52, 0.014),
        fins: [
            fin(0.36, 0.54, 0.13, 0.2, 0.09, 'upper', false),
            fin(0.55, 0.69, 0.1, 0.25, 0.08, 'lower', false),
            fin(0.38, 0.44, 0.09, 0.7, 0.07, 'lower', false),
        ],
        breastFin: [0.23, 0.1, 0.035],
        tail: { kind: 'fork', spread: 0.15, notch: 0.13 },
        eye: [0.09, -0.03, 0.024],
        scales: 6,
    },
    puffer: {
        ...plain,
        tailRoot: 0.82,
        upper: profile(0.17, 0.34, 0.38, 0.045),
        lower: profile(0.2, 0.4, 0.42, 0.045),
        above: profile(0.15, 0.32, 0.36, 0.02),
        fins: [fin(0.63, 0.72, 0.08, 0.5, 0.06, 'upper'), fin(0.65, 0.73, 0.075, 0.5, 0.06, 'lower')],
        breastFin: [0.33, 0.09, 0.05],
        tail: { kind: 'round', spread: 0.08, notch: 0 },
        eye: [0.13, -0.06, 0.028],
        spots: 5,
    },
    newt: {
        ...plain,
        tailRoot: 1,
        upper: profile(0.055, 0.22, 0.3, 0.012),
        lower: profile(0.055, 0.24, 0.3, 0.012),
        above: profile(0.055, 0.2, 0.3, 0.006),
        fins: [
            fin(0.55, 0.995, 0.04, 0.5, 0, 'upper'),
            fin(0.58, 0.995, 0.035, 0.5, 0, 'lower'),
            fin(0.2, 0.245, 0.1, 0.8, 0.1, 'lower', false),
            fin(0.47, 0.515, 0.1, 0.8, 0.1, 'lower', false),
        ],
        breastFin: [0.22, 0.08, 0.03],
        tail: { kind: 'none', spread: 0, notch: 0 },
        eye: [0.045, -0.025, 0.01],
        wave: 0.02,
    },
    shrimp: {
        ...plain,
        tailRoot: 0.86,
        upper: profile(0.085, 0.36, 0.5, 0.028),
        lower: profile(0.05, 0.34, 0.5, 0.024),
        above: profile(0.06, 0.34, 0.5, 0.02),
        fins: [
            fin(0.3, 0.34, 0.09, 0.8, -0.12, 'lower', false),
            fin(0.37, 0.41, 0.09, 0.8, -0.06, 'lower', false),
            fin(0.5, 0.56, 0.055, 0.6, 0.1, 'lower'),
            fin(0.6, 0.66, 0.05, 0.6, 0.1, 'lower'),
            fin(0.7, 0.75, 0.045, 0.6, 0.1, 'lower'),
        ],
        breastFin: [0.25, 0.05, 0.02],
        tail: { kind: 'fan', spread: 0.07, notch: 0.02 },
        eye: [0.07, -0.03, 0.012],
        barbels: [
            [0.02, -0.01, 0.3],
            [0.03, 0.01, 0.2],
        ],
    },
    crayfish: {
        ...plain,
        tailRoot: 0.84,
        upper: profile(0.07, 0.34, 0.35, 0.045),
        lower: profile(0.055, 0.34, 0.4, 0.04),
        above: profile(0.085, 0.32, 0.4, 0.045),
        fins: [
            fin(0.14, 0.24, 0.12, 0.15, -0.9, 'lower'),
            fin(0.32, 0.36, 0.09, 0.8, -0.05, 'lower', false),
            fin(0.39, 0.43, 0.09, 0.8, 0.02, 'lower', false),
            fin(0.46, 0.5, 0.085, 0.8, 0.08, 'lower', false),
        ],
        breastFin: [0.15, 0.22, 0.07],
        tail: { kind: 'fan', spread: 0.11, notch: 0.02 },
        eye: [0.06, -0.035, 0.012],
        barbels: [
            [0.02, -0.015, 0.34],
            [0.03, 0.0, 0.16],
        ],
        scutes: 6,
    },
    snail: {
        ...plain,
        tailRoot: 1,
        upper: profile(0.4, 0.5, 0.6, 0.02),
        lower: profile(0.09, 0.35, 0.25, 0.02),
        above: profile(0.3, 0.45, 0.5, 0.02),
        fins: [],
        breastFin: [0.2, 0.02, 0.01],
        tail: { kind: 'none', spread: 0, notch: 0 },
        eye: [0.09, 0.02, 0.012],
        barbels: [[0.06, 0.02, 0.12]],
        scales: 4,
    },
    turtle: {
        ...plain,
        tailRoot: 0.94,
        upper: profile(0.23, 0.5, 0.55, 0.02),
        lower: profile(0.1, 0.5, 0.4, 0.02),
        above: profile(0.33, 0.5, 0.45, 0.02),
        fins: [
            fin(0.24, 0.34, 0.11, 0.7, -0.1, 'lower', false),
            fin(0.66, 0.76, 0.1, 0.7, 0.15, 'lower', false),
        ],
        breastFin: [0.3, 0.14, 0.08],
        tail: { kind: 'round', spread: 0.02, notch: 0 },
        eye: [0.06, -0.03, 0.014],
        scales: 5,
    },
}

/** Unknown names are drawn as the plainest fish. */
export const formNamed = (name: string): Form => forms[name] ?? torpedo

const smoothStep = (from: number, to: number, x: number): number => {
    const t = Math.max(0, Math.min(1, (x - from) / (to - from)))
    return t * t * (3 - 2 * t)
}

/** Half height of the body at u, 0 at the snout to 1 at the root of the tail. */
export function halfHeight({ height, peak, blunt, root }: Profile, u: number): number {
    if (u <= 0) {
        return 0
    }
    const hump =
        u >= 1 ? 0 : Math.pow(u / peak, blunt) * Math.pow((1 - u) / (1 - peak), (blunt * (1 - peak)) / peak)
    const stalk = root * smoothStep(peak, 1, u)
    return stalk + (height - stalk) * Math.min(1, hump)
}
