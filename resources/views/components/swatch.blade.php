@props(['colour'])
@php([$base, $tracer] = [...explode('/', $colour, 2), null])
<svg
    class="swatch"
    viewBox="0 0 34 10"
    width="34"
    height="10"
    aria-hidden="true"
>
    <rect
        class="wire wire-{{ $base }}"
        width="34"
        height="10"
    />
    @if ($tracer)
        <path
            class="tracer tracer-{{ $tracer }}"
            d="M0 5h34"
        />
    @endif
</svg>
