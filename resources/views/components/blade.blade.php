{{-- A switch as it stands: two posts, and a blade that lands or stands off. --}}
@props(['made'])
<svg
    viewBox="0 0 44 22"
    width="44"
    height="22"
    aria-hidden="true"
>
    <circle
        cx="6"
        cy="16"
        r="4"
    />
    <circle
        cx="38"
        cy="16"
        r="4"
    />
    <path d="M6 16L{{ $made ? '37 13' : '33 3' }}" />
</svg>
