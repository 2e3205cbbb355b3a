export declare const BROWSER: {
    /** Undefined: none is installed. */
    executablePath: string | undefined
    args: string[]
}
