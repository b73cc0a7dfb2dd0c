@php($cards = $page->cards)
<div
    id="cards"
    class="ways"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @foreach ($frame->lights() as $light)
        @if ($light->kind === 'strip' && $light->fit()->units > 0)
            <section class="way">
                <h2>Where to feed {{ BenchGlow\Quantity\Words::within($light->label) }}</h2>
                <ul>
                    @foreach ($cards->feeds($light) as $card)
                        <x-card :card="$card" />
                    @endforeach
                </ul>
            </section>
        @elseif($light->kind === 'leds')
            <section class="way">
                <h2>How to string {{ BenchGlow\Quantity\Words::within($light->label) }}</h2>
                <ul>
                    @foreach ($cards->strings($light) as $card)
                        <x-card :card="$card" />
                    @endforeach
                </ul>
            </section>
        @endif
    @endforeach
    @php($own = array_filter($frame->analysis->build->leads, fn($l) => $l->circuit === $frame->circuit?->id))
    @if ($own !== [])
        <details
            class="lead-cards"
            @if (count($own) <= 2) open @endif
        >
            <summary>Wires and fuses of {{ count($own) }} lead{{ count($own) === 1 ? '' : 's' }}</summary>
            @foreach ($own as $lead)
                <section class="way">
                    <h2>Wire for {{ BenchGlow\Quantity\Words::within($lead->label) }}</h2>
                    <ul>
                        @foreach ($cards->gauges($lead->id) as $card)
                            <x-card :card="$card" />
                        @endforeach
                    </ul>
                </section>
                @foreach ($lead->inline as $thing)
                    @if ($thing->kind === 'fuse')
                        <section class="way">
                            <h2>Fuse {{ $thing->id }}</h2>
                            <ul>
                                @foreach ($cards->fuses($thing->id) as $card)
                                    <x-card :card="$card" />
                                @endforeach
                            </ul>
                        </section>
                    @endif
                @endforeach
            @endforeach
        </details>
    @endif
</div>
