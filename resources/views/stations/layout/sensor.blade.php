@php($trial = $page->trial())
@php($at = fn(float $v): float => round(60 + (600 * ($v - $trial->shut)) / ($trial->open - $trial->shut ?: 1), 1))
<svg
    class="layout-picture is-dry"
    viewBox="0 0 724 170"
    width="724"
    height="170"
    role="img"
    aria-label="The travel from shut to open, with every trial"
>
    <path
        class="face-line"
        d="M60 90H660"
    />
    <text
        class="words"
        x="60"
        y="130"
        text-anchor="middle"
    >shut {{ $trial->said($trial->shut) }}</text>
    <text
        class="words"
        x="660"
        y="130"
        text-anchor="middle"
    >open {{ $trial->said($trial->open) }}</text>
    @if ($trial->point !== null)
        <rect
            class="span"
            x="{{ min($at($trial->point - $trial->known), $at($trial->point + $trial->known)) }}"
            y="70"
            width="{{ max(4, abs($at($trial->point + $trial->known) - $at($trial->point - $trial->known))) }}"
            height="40"
        />
        <text
            class="island"
            x="{{ $at($trial->point) }}"
            y="56"
            text-anchor="middle"
        >throws {{ $trial->said($trial->point) }} ± {{ $trial->said((float) $trial->known) }}</text>
    @endif
    @foreach ($trial->trials as $one)
        <circle
            @class([
                'trial',
                'made' => $one['made'],
                'fixed' => $one['held'] === 'fixed',
            ])
            cx="{{ $at($one['at']) }}"
            cy="90"
            r="9"
        />
    @endforeach
</svg>
<p class="muted">Filled: made. Hollow: not made.
    @if ($trial->again)
        It did not throw at one place only: the magnet sticks, or it was read wrong.
    @endif
    @if (!$trial->isFixed())
        Once it is fixed, try it once more each way.
    @endif
</p>
