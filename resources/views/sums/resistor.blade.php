@extends('sums.frame')
@php($U = BenchGlow\Quantity\Unit::class)
@php($S = BenchGlow\Quantity\Shown::class)
@php($leds = collect(BenchGlow\Parts\Catalogue::shelf('leds'))->mapWithKeys(fn($e) => [$e->object('part')->text('id') => $e->object('part')->text('label')])->all())
@php($supplies = collect(BenchGlow\Parts\Catalogue::shelf('supplies'))->mapWithKeys(fn($e) => [$e->text('key') => $e->text('label')])->all())
@section('sentence')
    <x-sum-blank
        :sum="$sum"
        name="count"
        label="for"
        size="4"
    />
    <x-sum-choose
        :sum="$sum"
        name="part"
        label="LEDs,"
        :options="$leds"
    />
    <x-sum-choose
        :sum="$sum"
        name="supply"
        label="on a"
        :options="$supplies"
    />
    <x-sum-blank
        :sum="$sum"
        name="target"
        label="at"
        size="8"
    />
@endsection
@section('answer')
    @php($series = App\View\SeriesSum::of($sum))
    <x-sum-errors :sum="$sum" />
    @if ($series->best === null)
        <p class="answer">No string length works:
            {{ $series->options[0]->reasons[0] ?? 'the LEDs need more volts than the supply gives' }}.</p>
    @else
        @php($o = $series->options[$series->best])
        <p class="answer"><b>{{ $o->strings }} × {{ $o->ledsPerString }} in series, each with <span
                    class="figure">{{ $S::ohms($o->resistorOhm) }}</span></b>{{ $series->lastString($o) }},
            rated {{ $S::plain($o->ratingW, 3) }} W.</p>
        @if ($series->drawing)
            <x-svg
                :drawing="$series->drawing"
                id="sum-d"
                class="wide"
            />
        @endif
        <dl class="results">
            <div>
                <dt>at low</dt>
                <dd class="figure">{{ $S::amps($o->currentA['min']) }}</dd>
            </div>
            <div>
                <dt>at normal</dt>
                <dd class="figure">{{ $S::amps($o->currentA['nominal']) }}</dd>
            </div>
            <div>
                <dt>at high</dt>
                <dd class="figure">{{ $S::amps($o->currentA['max']) }}</dd>
            </div>
            <div>
                <dt>at worst</dt>
                <dd class="figure">{{ $S::amps($o->currentA['worst']) }}</dd>
            </div>
            <div>
                <dt>heat in each resistor</dt>
                <dd class="figure">{{ $S::watts($o->resistorW) }}</dd>
            </div>
        </dl>
    @endif
    <h2>Every string length</h2>
    <div
        class="scroll"
        tabindex="0"
        role="region"
        aria-label="Every string length"
    >
        <table class="table is-narrow">
            <thead>
                <tr>
                    <th>In series</th>
                    <th>Strings</th>
                    <th>Resistor</th>
                    <th>Last</th>
                    <th>Normal</th>
                    <th>Swing</th>
                    <th>Becomes light</th>
                    <th>Why</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($series->options as $i => $o)
                    <tr @class(['first' => $i === $series->best])>
                        <td class="figure">{{ $o->ledsPerString }}</td>
                        <td class="figure">{{ $o->strings }}</td>
                        <td class="figure">{{ $o->resistorOhm === null ? '—' : $S::ohms($o->resistorOhm) }}</td>
                        <td class="figure">{{ $o->lastResistorOhm === null ? '—' : $S::ohms($o->lastResistorOhm) }}</td>
                        <td class="figure">{{ $o->currentA === null ? '—' : $S::amps($o->currentA['nominal']) }}</td>
                        <td class="figure">
                            {{ $o->swingLow === null ? '—' : $S::percent($o->swingLow) . ' to ' . $S::percent($o->swingHigh) }}
                        </td>
                        <td class="figure">{{ $o->efficiency === null ? '—' : $S::percent($o->efficiency) }}</td>
                        <td>{{ implode(' ', [...$o->reasons, ...$o->warnings]) ?: ($i === $series->best ? 'first: fewest parts for the steadiest light' : 'works') }}
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <p class="muted">One resistor for several strings side by side is refused: strings do not share current, and one open
        string overloads the others.</p>
@endsection
@section('keep', 'LED row')
