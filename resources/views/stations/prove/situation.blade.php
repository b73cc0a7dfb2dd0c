@php($of = $other->gate)
@php($picks = $other !== $page->now)
@php($figures = $row->figures($of))
<div class="situation">
    <span class="what">
        @if ($picks)
            <a
                class="pick"
                href="{{ $page->url($of->key) }}"
                hx-get="{{ $page->url($of->key) }}"
                hx-swap="none"
                hx-push-url="true"
            >@include('stations.prove.thrown')</a>
        @elseif (count($row->links) > 1 || $row->switches($of) !== [])
            @include('stations.prove.thrown')
        @endif
    </span>
    <span class="lights">
        @foreach (array_slice($page->lit($of), 0, 3) as $light)
            <span class="as-lit">
                <svg
                    viewBox="0 -8 96 40"
                    width="96"
                    height="40"
                    preserveAspectRatio="none"
                    role="img"
                    aria-label="{{ $light['words'] }}"
                >{!! BenchGlow\Drawing\Svg::shapes($light['shapes']) !!}</svg>
            </span>
        @endforeach
    </span>
    <span class="figures">
        @foreach ($figures as $n => $expected)
            @php($taken = $other->stands === 'stale' ? null : $other->reading($expected))
            <span class="pairs">
                <span class="expects">
                    @if (count($figures) > 1)
                        <small>{{ $page->where($expected) }}</small>
                    @endif
                    <b class="figure">{{ BenchGlow\Prove\Figure::value($expected) }}</b>
                    {{ BenchGlow\Prove\Figure::unit($expected) }}
                    <small>{{ BenchGlow\Prove\Figure::band($expected) }}</small>
                </span>
                @if ($picks)
                    <span class="taken figure">{{ $taken === null ? '' : BenchGlow\Prove\Figure::taken($taken) }}</span>
                @else
                    <input
                        class="typed figure measured"
                        form="prove-form"
                        name="value[]"
                        id="measured-{{ $n }}"
                        aria-label="Measured, {{ BenchGlow\Prove\Figure::value($expected) }} {{ BenchGlow\Prove\Figure::unit($expected) }} expected"
                        aria-describedby="gate-echo"
                        size="7"
                        inputmode="decimal"
                        autocomplete="off"
                        placeholder="{{ $taken === null ? '' : BenchGlow\Prove\Figure::taken($taken) }}"
                    >
                @endif
            </span>
        @endforeach
    </span>
    <span class="stands-so">{{ $page->stands($other) }}</span>
</div>
