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
        name="volts"
        label="at"
        size="7"
    />
    <x-sum-blank
        :sum="$sum"
        name="way"
        label="over, one way,"
        size="8"
    />
    <x-sum-choose
        :sum="$sum"
        name="where"
        label="lying"
        :options="array_map(fn($p) => $p[0] . ', ' . $p[1] . ' °C', App\View\Sum::PLACES)"
    />
    <x-sum-choose
        :sum="$sum"
        name="moves"
        label="that"
        :options="[
            'still' => 'lies still',
            'moves' => 'moves or runs under a floor',
            'boat' => 'lies on a boat',
            'housing' => 'stays inside a housing, up to 0.3 m',
        ]"
    />
@endsection
@section('answer')
    @php($both = ['awg' => $sum->wire('awg'), 'mm2' => $sum->wire('mm2')])
    @php($own = $both[$sum->preference->wire])
    <x-sum-errors :sum="$sum" />
    <p class="understood">
        {{ $S::bothLengths($sum->number('way', BenchGlow\Quantity\Unit::Length), $sum->preference->units) }} out and as much
        back.</p>
    @if ($own->gauge)
        <p class="answer"><b>{{ $own->gauge->label() }}</b> loses {{ $S::volts($own->dropV) }},
            {{ $S::plain(100 * $own->dropFraction, 1) }} %, and bears {{ $S::amps($own->allowedA) }} there. Fuse it with
            <b>{{ $own->fuse->recommendedA === null ? 'nothing that is made' : $S::amps($own->fuse->recommendedA) }}</b>.
    </p>@else<p class="answer">{{ $own->reason }}</p>
    @endif
    <svg
        class="drawing wide"
        viewBox="0 0 640 120"
        width="640"
        height="120"
        role="img"
        aria-label="Source, fuse and wire, its section to scale"
    >{!! BenchGlow\Drawing\Svg::shapes(
        $sum->wireDrawing($own->gauge, $own->gauge === null ? null : $own->fuse->recommendedA),
    ) !!}</svg>
    <dl class="results">
        @foreach ($both as $system => $choice)
            <div>
                <dt>{{ $system === 'awg' ? 'in AWG' : 'in mm²' }}</dt>
                <dd class="figure">{{ $choice->gauge?->label() ?? 'none fits' }}</dd>
            </div>
            @endforeach @if ($own->fuse)
                <div>
                    <dt>fuse from</dt>
                    <dd class="figure">{{ $S::amps($own->fuse->lowA) }}</dd>
                </div>
                <div>
                    <dt>to</dt>
                    <dd class="figure">{{ $S::amps($own->fuse->highA) }}</dd>
                </div>
            @endif
    </dl>
@endsection
