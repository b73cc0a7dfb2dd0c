@props(['of'])
<svg
    viewBox="0 0 44 36"
    width="44"
    height="36"
    aria-hidden="true"
>
    @if ($of->value === 'holds')
        <path
            class="rays"
            d="M22 1v4M22 31v4M5 18h4M35 18h4M10 6l3 3M31 27l3 3M34 6l-3 3M13 27l-3 3"
        />
    @endif
    @if ($of->value === 'bridged')
        <path
            class="bridge"
            d="M4 18h6v-8q0-4 4-4h16q4 0 4 4v8h6"
        />
    @endif
    <circle
        cx="22"
        cy="18"
        r="{{ $of->value === 'bridged' ? 7 : 10 }}"
    />
    @if (in_array($of->value, ['begun', 'warned'], true))
        <path
            class="filament"
            d="M16 20q3-8 6-2t6-2"
        />
    @endif
    @if ($of->value === 'danger')
        <path
            class="barred"
            d="M10 30L34 6"
        />
    @endif
    @if ($of->value === 'warned')
        <path
            class="wedge"
            d="M36 2l7 12h-4l-3-4-3 4h-4z"
        />
    @endif
</svg>
