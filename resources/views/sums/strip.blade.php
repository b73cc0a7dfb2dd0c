@extends('sums.frame')
@php($U = BenchGlow\Quantity\Unit::class)
@php($S = BenchGlow\Quantity\Shown::class)
@php($strips = collect(BenchGlow\Parts\Catalogue::shelf('strips'))->mapWithKeys(fn($e) => [$e->object('part')->text('id') => $e->object('part')->text('label')])->all())
@php($supplies = collect(BenchGlow\Parts\Catalogue::shelf('supplies'))->mapWithKeys(fn($e) => [$e->text('key') => $e->text('label')])->all())
@section('sentence')
    <x-sum-blank
        :sum="$sum"
        name="length"
        label="is"
        size="8"
    />
    <x-sum-choose
        :sum="$sum"
        name="part"
        label="of"
        :options="$strips"
    />
    <x-sum-choose
        :sum="$sum"
        name="supply"
        label="on a"
        :options="$supplies"
    />
    <x-sum-choose
        :sum="$sum"
        name="feed"
        label="fed at"
        :options="['start' => 'its start', 'end' => 'its end', 'both' => 'both ends', 'middle' => 'its middle']"
    />
    <x-sum-blank
        :sum="$sum"
        name="way"
        label="over a lead of"
        size="8"
    />
@endsection
@section('answer')
    @php($review = $sum->review())
    @php($a = $review->analysis)
    @php($c = array_key_first($a->build->circuits))
    @php($light = array_values($a->build->lights)[0])
    @php($lead = $a->leads[array_key_first($a->leads)])
    @php($fuse = array_values($a->fuses)[0] ?? null)
    @php($w = $a->weakest($c, 'nominal'))
    <x-sum-errors :sum="$sum" />
    <p class="understood">{{ $S::bothLengths($light->wantedM(), $sum->preference->units) }}, cut to
        {{ $S::bothLengths($light->fit()->cutM, $sum->preference->units) }}: {{ $light->fit()->units }} units.</p>
    <x-svg
        :drawing="BenchGlow\Drawing\CircuitDrawing::wide(
            $a,
            $c,
            'nominal',
            units: $sum->preference->units,
            findings: $review->open($c),
        )"
        id="sum-d"
        class="wide"
    /><x-svg
        :drawing="BenchGlow\Drawing\CircuitDrawing::narrow(
            $a,
            $c,
            'nominal',
            units: $sum->preference->units,
            findings: $review->open($c),
        )"
        id="sum-n"
        class="slim"
    />
    <dl class="results">
        @if ($w)
            <div>
                <dt>at the weakest lamp</dt>
                <dd class="figure">{{ $S::volts($w['emitter']->volts[$w['unit']]) }}</dd>
            </div>
            <div>
                <dt>of the label's light</dt>
                <dd class="figure">{{ $S::percent($w['emitter']->least()) }}</dd>
            </div>
            <div>
                <dt>dimmest to brightest</dt>
                <dd class="figure">{{ $S::percent($w['emitter']->uniformity()) }}</dd>
            </div>
        @endif
        <div>
            <dt>runs</dt>
            <dd class="figure">{{ $S::amps($a->circuitA($c, 'nominal')) }}</dd>
        </div>
        <div>
            <dt>wire</dt>
            <dd class="figure">{{ $lead->recommended?->label() ?? 'none fits' }}</dd>
        </div>
        <div>
            <dt>fuse</dt>
            <dd class="figure">{{ $fuse && $fuse->fittedA() !== null ? $S::amps($fuse->fittedA()) : 'none fits' }}</dd>
        </div>
    </dl>
    <ul class="other">
        @foreach ($review->open() as $finding)
            <li><x-severity :of="$finding->severity->value" /> {{ $finding->message }}</li>
        @endforeach
    </ul>
    <h2>Fed elsewhere</h2>
    <ul class="other">
        @foreach (['start' => 'its start', 'end' => 'its end', 'middle' => 'its middle', 'both' => 'both ends'] as $feed => $words)
            @php($run = $light->fit()->units > 0 ? BenchGlow\Sizing\StripRun::solve($light->strip(), $light->fit()->units, $light->strip()->nominalV, $feed) : null)@if ($run)
                <li><a
                        href="/sums/strip?{{ http_build_query([...$sum->query(), 'feed' => $feed]) }}">{{ ucfirst($words) }}</a>:
                    <b class="figure">{{ $S::percent($run->uniformity()) }}</b> of the brightest at the dimmest, on exactly
                    {{ $S::volts($light->strip()->nominalV) }}{{ $sum->typed['feed'] === $feed ? ' (this one)' : '' }}
                </li>
            @endif
        @endforeach
    </ul>
@endsection
@section('keep', 'Strip')
