@extends('sums.frame')
@php($S = BenchGlow\Quantity\Shown::class)
@section('sentence')
    <x-sum-blank
        :sum="$sum"
        name="amps"
        label="for"
        size="7"
    />
    <x-sum-blank
        :sum="$sum"
        name="wire"
        label="through wire no thinner than"
        size="9"
    />
    <x-sum-choose
        :sum="$sum"
        name="where"
        label="lying"
        :options="array_map(fn($p) => $p[0] . ', ' . $p[1] . ' °C', App\View\Sum::PLACES)"
    />
    <x-sum-choose
        :sum="$sum"
        name="form"
        label="in a"
        :options="['inline_blade' => 'blade holder', 'inline_glass' => 'glass holder']"
    />
@endsection
@section('answer')
    @php($fuse = $sum->fuse())
    @php($gauge = $sum->gauge('wire'))
    <x-sum-errors :sum="$sum" />
    @if ($fuse->recommendedA !== null)
        <p class="answer"><b>{{ $S::amps($fuse->recommendedA) }}</b>: the smallest that stays closed with this load.
            Anything up to <span class="figure">{{ $S::amps($fuse->highA) }}</span> still guards the wire.</p>
    @else<p class="answer">No fuse fits: this load wants {{ $S::amps($fuse->lowA) }} or more, and {{ $gauge->label() }}
            bears {{ $S::amps($fuse->highA) }}. Take thicker wire.</p>
    @endif
    <svg
        class="drawing wide"
        viewBox="0 0 640 120"
        width="640"
        height="120"
        role="img"
        aria-label="Source, fuse and wire, its section to scale"
    >{!! BenchGlow\Drawing\Svg::shapes($sum->wireDrawing($gauge, $fuse->recommendedA)) !!}</svg>
    <ul class="other">
        @foreach (BenchGlow\Sizing\FuseWindow::values($sum->typed['form']) as $amps)
            <li><b class="figure">{{ $S::amps($amps) }}</b>
                {{ $fuse->verdict($amps) }}
            </li>
        @endforeach
    </ul>
@endsection
