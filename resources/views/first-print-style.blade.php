{{-- Colours and measures as in resources/js/theme, which has not come yet. --}}
<style nonce="{{ Vite::cspNonce() }}">
    html { --paper: #f4eee0; --ink: #1d2a30; --ink2: #4c575a; --rule: #d5cab4; --over: #a3241c }
    html.dark { --paper: #10243a; --ink: #e8eef0; --ink2: #adc0cc; --rule: #29465f; --over: #ff9d90 }
    body { margin: 0; background: var(--paper) }
    .first-print { padding: 0 16px; color: var(--ink); font: 17px/25px 'Atkinson Hyperlegible Next Variable', system-ui, sans-serif }
    .first-print header { display: flex; gap: 12px; padding: 8px 0; border-bottom: 1.6px solid }
    .first-print header span, .first-print p, .first-print li { color: var(--ink2) }
    .first-print h1 { margin: 12px 0 0; font-size: 24px; line-height: 30px; max-width: 1000px }
    .first-print p { margin: 6px 0 14px }
    .first-print ol { margin: 0; padding: 0; list-style: none; max-width: 640px; border-top: 1.6px solid var(--ink) }
    .first-print li { display: grid; grid-template-columns: 42px 1fr; align-items: center; min-height: 53px; padding: 6px 0; border-bottom: 1px solid var(--rule) }
    .first-print li > b, .first-print strong { color: var(--ink) }
    .first-print li.late { color: var(--over) }
</style>
