@php($w = $frame->meter->weakest())
@if ($w)
    <b class="figure">{{ $w['lit'] ? BenchGlow\Quantity\Shown::figure($w['volts']) . ' V' : 'dark' }}</b> · <span
        class="figure"
    >{{ BenchGlow\Quantity\Shown::amps($frame->flags->amps($frame->circuit->id)) }}</span>
@else
    nothing to measure
@endif
