<section
    id="flags"
    class="flags"
    aria-label="Supplies and circuits"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @foreach ($frame->analysis->build->supplies as $supply)
        <div
            class="supply-head"
            data-part="{{ $supply->id }}"
        ><b>{{ $supply->label }}</b><span
                class="figure">{{ BenchGlow\Quantity\Shown::volts($supply->volts($frame->state())) }}</span><span
                class="muted"
            >{{ App\Frame\Flags::about($supply) }}</span>
        </div>
    @endforeach
    @if ($frame->station->bar() !== '')
        @include($frame->station->bar())
    @endif
    <ul>
        @foreach (array_values($frame->analysis->build->circuits) as $n => $circuit)
            @php($here = $frame->circuit?->id === $circuit->id)
            <li><a
                    @class([
                        'flag',
                        'here' => $here,
                        'lit' => $frame->flags->lit($circuit->id),
                    ])
                    href="{{ $frame->url(['c' => $circuit->id]) }}"
                    data-flag="{{ $circuit->flag }}"
                    @if ($here) aria-current="true" @endif
                >
                    <svg
                        class="stripes"
                        viewBox="0 0 22 44"
                        width="22"
                        height="44"
                        aria-hidden="true"
                    >
                        @for ($s = 0; $s <= $n % 4; $s++)
                            <rect
                                x="{{ 2 + $s * 5 }}"
                                y="2"
                                width="{{ $n >= 4 ? 2 : 3 }}"
                                height="40"
                            />
                        @endfor
                    </svg>
                    <span class="flag-tag">{{ $circuit->flag }}</span>
                    <span class="name">{{ $circuit->label }}<small
                            class="figure">{{ $frame->station->flagWords($page ?? null, $circuit->id) ?? $frame->flags->words($circuit->id) }}</small></span>
                    <svg
                        class="lamp"
                        viewBox="0 0 20 20"
                        width="20"
                        height="20"
                        aria-hidden="true"
                    >
                        <circle
                            cx="10"
                            cy="10"
                            r="6"
                        />
                    </svg></a></li>
        @endforeach
    </ul>
    @can('send', 'add_circuit')
        <a
            class="more"
            href="#new-circuit"
        >+ a circuit</a>
    @endcan
    <p class="foot">{{ $frame->flags->litCount() }} lit · <span
            class="figure">{{ BenchGlow\Quantity\Shown::amps($frame->analysis->states[$frame->state()]->totalA()) }}</span>
        @foreach ($frame->analysis->build->supplies as $supply)
            @if ($flat = $frame->flatBy($supply->id))
                <br>{{ $flat }}
            @endif
        @endforeach
    </p>
</section>
