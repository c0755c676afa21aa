{{-- The papers of the drawings: a star chart, lunar arcs, field lines. --}}
<svg width="0" height="0" style="position:absolute" aria-hidden="true" focusable="false">
    <defs>
        <pattern id="pattern-chart" width="26" height="26" patternUnits="userSpaceOnUse">
            <rect width="26" height="26" fill="#c3c7e2"/>
            <g fill="#20264d" opacity=".55"><circle cx="4" cy="5" r=".9"/><circle cx="15" cy="3.5" r=".55"/><circle cx="21" cy="12" r="1"/><circle cx="9" cy="16" r=".6"/><circle cx="17" cy="22" r=".8"/><circle cx="3" cy="23" r=".5"/></g>
            <path d="M4 5L15 3.5L21 12L17 22L9 16" fill="none" stroke="#20264d" stroke-width=".3" opacity=".5"/>
        </pattern>
        <pattern id="pattern-quarter" width="14" height="14" patternUnits="userSpaceOnUse">
            <rect width="14" height="14" fill="#f7eed6"/>
            <path d="M3.5 3.5a2.4 2.4 0 1 0 0 4.4a3.2 3.2 0 0 1 0-4.4M10.5 9a2.4 2.4 0 1 0 0 4.4a3.2 3.2 0 0 1 0-4.4" fill="none" stroke="#a08544" stroke-width=".4" opacity=".65"/>
        </pattern>
        <pattern id="pattern-lines" width="5" height="5" patternUnits="userSpaceOnUse">
            <rect width="5" height="5" fill="#ead9cb"/>
            <path d="M0 2.5Q1.25 1.2 2.5 2.5T5 2.5" fill="none" stroke="#8a5a44" stroke-width=".3" opacity=".5"/>
        </pattern>
    </defs>
</svg>
