@php($of = $other->gate)
@php($picks = $other !== $page->now)
@php($form = $picks ? '' : 'prove-form')
<div class="situation">
    @if ($picks)
        <a
            class="pick"
            href="{{ $page->url($of->key) }}"
            hx-get="{{ $page->url($of->key) }}"
            hx-swap="none"
            hx-push-url="true"
        >{{ $of->kind === 'state' ? 'Take this one' : $page->words($other) }}</a>
    @endif
    @if ($of->with !== [] && in_array($of->kind, ['state', 'closed'], true))
        <span class="thrown">
            @foreach ($of->with as $input => $position)
                <span><x-blade :made="$frame->analysis->build->restPositions()[$input] !== $position" />{{ mb_strtolower($frame->analysis->build->label($input)) }}
                    {{ str_replace('_', ' ', $position) }}</span>
            @endforeach
        </span>
    @elseif (!$picks && count($row->links) > 1)
        <span class="thrown">{{ $page->words($other) }}</span>
    @endif
    @foreach (array_slice($page->lit($of), 0, 3) as $light)
        <span class="as-lit">
            <svg
                viewBox="0 -8 96 40"
                width="96"
                height="40"
                preserveAspectRatio="none"
                role="img"
                aria-label="{{ $light['words'] }}"
            >{!! App\Support\Svg::shapes($light['shapes']) !!}</svg>
        </span>
    @endforeach
    @foreach ($row->figures($of) as $n => $expected)
        @php($taken = $other->stands === 'stale' ? null : $other->reading($expected))
        <span class="expects"><b class="figure">{{ App\Stations\Prove\Figure::value($expected) }}</b>
            {{ App\Stations\Prove\Figure::unit($expected) }}
            <small>{{ App\Stations\Prove\Figure::band($expected) }}</small></span>
        @if ($picks)
            <span class="taken figure">{{ $taken === null ? '' : App\Stations\Prove\Figure::taken($taken) }}</span>
        @else
            <input
                class="typed figure measured"
                form="{{ $form }}"
                name="value[]"
                id="measured-{{ $n }}"
                aria-label="Measured, {{ App\Stations\Prove\Figure::value($expected) }} {{ App\Stations\Prove\Figure::unit($expected) }} expected"
                aria-describedby="gate-echo"
                size="7"
                inputmode="decimal"
                autocomplete="off"
                placeholder="{{ $taken === null ? '' : App\Stations\Prove\Figure::taken($taken) }}"
                @if ($n === 0) data-first @endif
            >
        @endif
    @endforeach
    @if ($other->outcome !== null)
        <span class="stands-so">{{ $page->stands($other) }}</span>
    @endif
</div>
