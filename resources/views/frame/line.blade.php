@php($w = $frame->meter->weakest())
@php($open = $frame->pins())
<span
    id="line-words"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @if ($w)
        <b class="figure">{{ $w['lit'] ? BenchGlow\Quantity\Shown::figure($w['volts']) . ' V' : 'dark' }}</b> · <span
            class="figure"
        >{{ BenchGlow\Quantity\Shown::amps($frame->flags->amps($frame->circuit->id)) }}</span>
    @else
        nothing to measure
        @endif · @if ($open === []) no pins
        @else
            @if ($open[0]->severity->value === 'danger')
                <b class="danger-word">danger</b> ·
            @endif {{ count($open) }} pin{{ count($open) === 1 ? '' : 's' }}
        @endif ▴
</span>
