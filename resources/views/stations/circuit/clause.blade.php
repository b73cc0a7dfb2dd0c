@php($section = $frame->own('clause'))
@php($cards = $section === '' ? [] : $page->choices())
@php($suited = array_values(array_filter($cards, fn($c) => $c->unsuited === '')))
@php($first = array_filter($suited, fn($c) => $c->meets || $c->onTheBench))
@php($first = $first === [] ? $suited : $first)
@php($others = array_udiff($suited, $first, fn($a, $b) => spl_object_id($a) <=> spl_object_id($b)))
<div
    id="clause"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @if ($cards !== [])
        <section
            class="choices"
            aria-label="What could stand there"
        >
            <ul>
                @foreach ($first as $card)
                    @include('stations.circuit.choice')
                @endforeach
            </ul>
            @if ($others !== [])
                <details class="unsuited">
                    <summary>{{ count($others) }} that do something else</summary>
                    <ul>
                        @foreach ($others as $card)
                            @include('stations.circuit.choice')
                        @endforeach
                    </ul>
                </details>
            @endif
            @php($unsuited = array_filter($cards, fn($c) => $c->unsuited !== ''))
            @if ($unsuited !== [])
                <details class="unsuited">
                    <summary>{{ count($unsuited) }} that do not suit here</summary>
                    <ul class="plain">
                        @foreach ($unsuited as $card)
                            <li><b>{{ $card->words }}</b>: {{ $card->unsuited }}</li>
                        @endforeach
                    </ul>
                </details>
            @endif
        </section>
    @endif
</div>
