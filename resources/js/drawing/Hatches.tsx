import { ink } from '../theme/tokens'

/** The hatches that stand for states, once on the page. Refer to them as url(#hatch-…). */
export function Hatches() {
    return (
        <svg width="0" height="0" aria-hidden="true" style={{ position: 'absolute' }}>
            <defs>
                <pattern
                    id="hatch-over"
                    width="7"
                    height="7"
                    patternUnits="userSpaceOnUse"
                    patternTransform="rotate(45)"
                >
                    <path d="M1 0V7" stroke={ink('over')} strokeWidth="2.4" />
                </pattern>
                <pattern
                    id="hatch-close"
                    width="8"
                    height="8"
                    patternUnits="userSpaceOnUse"
                    patternTransform="rotate(-45)"
                >
                    <path d="M1 0V8" stroke={ink('close')} strokeWidth="1.8" />
                </pattern>
                <pattern
                    id="hatch-ground"
                    width="5"
                    height="5"
                    patternUnits="userSpaceOnUse"
                    patternTransform="rotate(45)"
                >
                    <path d="M0.5 0V5" stroke={ink('ink')} strokeWidth="0.9" opacity="0.55" />
                </pattern>
                <pattern id="hatch-unc" width="6" height="6" patternUnits="userSpaceOnUse">
                    <circle cx="1.5" cy="1.5" r="1" fill={ink('unc')} />
                    <circle cx="4.5" cy="4.5" r="1" fill={ink('unc')} />
                </pattern>
            </defs>
        </svg>
    )
}
