@php($wishes = $page->wishes())
<div id="wish-cards">
    @if ($wishes === null || $wishes->cards === [])
        <p class="none">{{ $wishes->whyNone ?? 'There is no circuit to make yet.' }}</p>
        @foreach ($wishes->untold ?? [] as $input)
            <x-act
                :edit="new BenchGlow\Edit\SetField($input->id, 'kind', 'hand')"
                class="is-small"
            >Put a switch at {{ BenchGlow\Quantity\Words::within($input->label) }}</x-act>
        @endforeach
        @if (($wishes->untold ?? []) !== [])
            <p class="muted">Or name a wire of the host under <i>What acts on it</i>, live when it is so.</p>
        @endif
    @else
        <p class="muted">{{ $wishes->fit }} fit it, {{ $wishes->tried }} solved, {{ count($wishes->cards) }} proven.
        </p>
        <ul class="wish-list">
            @foreach ($wishes->cards as $n => $card)
                <li @class(['card-way', 'used' => $card->onTheBench])>
                    <h3>{{ $card->name }}</h3>
                    <svg
                        class="way-drawing"
                        viewBox="0 0 {{ $card->drawing->width }} {{ $card->drawing->height }}"
                        aria-hidden="true"
                    >{!! BenchGlow\Drawing\Svg::shapes($card->drawing->shapes) !!}</svg>
                    <p class="figure facts">{{ implode(' · ', $card->facts) }}</p>
                    <p class="cost">{{ $card->changes }}</p>
                    <p class="proven">{{ $card->proven }}</p>
                    @if ($card->onTheBench)
                        <p class="on-bench">on the bench</p>
                    @else
                        <x-act
                            :edit="$card->edit"
                            :to="$frame->toEditClosing('wish')"
                            class="is-small"
                            :aria-label="'Take it: ' . $card->name"
                        >Take it</x-act>
                    @endif
                </li>
            @endforeach
        </ul>
    @endif
    <p><a href="{{ $frame->url(['ways' => '1']) }}#switching">{{ count(BenchGlow\Ways\Ways::ALL) }} ready ways, that
            do
            something else</a></p>
</div>
