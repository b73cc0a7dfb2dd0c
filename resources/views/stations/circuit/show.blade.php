@php($S = BenchGlow\Quantity\Shown::class)
@php($show = $page->show)
@php($levels = $show->levels())
@if ($levels !== [])
    <section
        class="levels"
        aria-label="Two levels side by side"
    >
        <h2>Low and high side by side</h2>
        @foreach ($levels as $row)
            <div class="level-row">
                <h3>{{ $row['name'] }}</h3>
                @foreach (['low', 'high'] as $level)
                    <p><b>{{ $level === 'low' ? 'low' : 'bright' }}</b> <svg
                            class="mini"
                            viewBox="0 0 220 34"
                            width="220"
                            height="34"
                            role="img"
                            aria-label="{{ $level }}: {{ $S::percent($row[$level]) }} of the light"
                        >{!! BenchGlow\Drawing\Svg::shapes($row["{$level}_shapes"]) !!}</svg> <span class="figure">{{ $S::percent($row[$level]) }}</span> of the
                        light, looks like <span
                            class="figure">{{ $S::percent(BenchGlow\Light\Seen::share($row[$level])) }}</span></p>
                @endforeach
                <p>Bright gives <b class="figure">{{ $S::plain($row['ratio'], 1) }} ×</b> the light of low;
                    {{ $show->apart($row['ratio']) }}
                </p>
            </div>
        @endforeach
    </section>
@endif
<details class="trial">
    <summary>A resistor found by trial</summary>
    <p>Turn a potentiometer in line, with a small fixed resistor beside it, until the light looks right by day and by
        night. Power off, one leg free, read it.</p>
    @foreach ($show->resistors() as $row)
        <p><b>{{ $row['id'] }}</b>: fitted <span class="figure">{{ $S::ohms($row['trial']->ohm) }}</span>, carries
            <span class="figure">{{ $S::amps($row['trial']->amps) }}</span> and makes <span
                class="figure">{{ $S::watts($row['trial']->watts) }}</span> at most:
            {{ $show->trialWords($row['trial']) }}
        </p>
    @endforeach
    <x-form
        op="trial"
        echo="trial-echo"
        render="all"
        class="adder-form"
    ><x-select
            id="trial-id"
            label="For"
            name="id"
            :options="$show->places()"
        /><x-field
            id="trial-pot"
            label="reading"
            name="pot"
            size="8"
            placeholder="330R"
        /><x-field
            id="trial-fixed"
            label="fixed beside it"
            name="fixed"
            size="8"
            placeholder="47R"
        /><button class="button">Fit the next value</button><span
            class="echo"
            id="trial-echo"
        ></span></x-form>
</details>
<section
    class="tolerance"
    aria-label="Tolerance run"
    data-tolerance="{{ route('circuit.tolerance', $frame->build, false) }}?{{ http_build_query(['c' => $frame->circuit->id]) }}"
>
    <h2>Will it hold with real parts?</h2>
    <p class="muted">A thousand builds of this circuit with resistors, forward volts, wire and supply anywhere in their
        tolerance.</p>
    <div class="row"><x-field
            id="tol-n"
            label="builds"
            size="6"
            value="1000"
        /><x-field
            id="tol-seed"
            label="seed"
            size="8"
            value="20261125"
        /><button
            type="button"
            class="button"
            data-run
        >Run it</button><button
            type="button"
            class="button"
            data-halt
            disabled
        >Stop</button></div>
    <p
        id="tol-says"
        aria-live="polite"
    ></p>
</section>
