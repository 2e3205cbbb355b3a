/** Undefined: none is installed. */
export declare const BROWSER: string | undefined
