{{-- Five shapes that stay apart in grayscale at 12 px: open ring, ring with a dot, half-filled disc, filled square, filled triangle. --}}
<svg width="0" height="0" aria-hidden="true" focusable="false" class="position-absolute">
    <symbol id="band-0" viewBox="0 0 16 16"><circle cx="8" cy="8" r="6" fill="none" stroke="currentColor" stroke-width="2"/></symbol>
    <symbol id="band-1" viewBox="0 0 16 16"><circle cx="8" cy="8" r="6" fill="none" stroke="currentColor" stroke-width="2"/><circle cx="8"
        cy="8" r="2.4" fill="currentColor"/></symbol>
    <symbol id="band-2" viewBox="0 0 16 16"><circle cx="8" cy="8" r="6" fill="none" stroke="currentColor" stroke-width="2"/><path
        d="M8 2a6 6 0 0 1 0 12z" fill="currentColor"/></symbol>
    <symbol id="band-3" viewBox="0 0 16 16"><rect x="2.5" y="2.5" width="11" height="11" fill="currentColor"/></symbol>
    <symbol id="band-4" viewBox="0 0 16 16"><path d="M8 1 15.5 15H.5z" fill="currentColor"/></symbol>
</svg>
