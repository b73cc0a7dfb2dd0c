<div id="way-cards">
    <h2 class="is-sr-only">Ways of switching</h2>
    <ul class="way-list">
        @foreach ($page->ways() as $card)
            <li @class(['card-way', 'used' => $card->onTheBench])>
                <h3>{{ $card->way->name() }}</h3>
                @if ($card->drawing)
                    <svg
                        class="way-drawing"
                        viewBox="0 0 {{ $card->drawing->width }} {{ $card->drawing->height }}"
                        aria-hidden="true"
                    >{!! BenchGlow\Drawing\Svg::shapes($card->drawing->shapes) !!}</svg>
                @endif
                <p class="why">{{ $card->way->rightWhen() }}</p>
                @if ($card->edit === null)
                    <p class="cost">Does not suit: {{ $card->unsuited }}</p>
                @else
                    <p>
                        {{ $card->parts() }},
                        <span @class(['figure price' => $card->price !== ''])>{{ $card->price() }}</span>,
                        {{ $card->holes() }}
                    </p>
                    <p class="cost">Off: {{ $card->live }}. {{ $card->way->failure() }}</p>
                    @if ($card->breaks !== [])
                        <p class="against"><svg
                                class="pin-mark"
                                viewBox="0 0 12 12"
                                width="12"
                                height="12"
                                aria-hidden="true"
                            >
                                <path
                                    class="wedge"
                                    d="M6 1l5 10h-3l-2-3-2 3H1z"
                                />
                            </svg> The brief says {{ implode(' and ', $card->breaks) }}.</p>
                    @endif
                    @if ($card->way->school() !== null)
                        <p class="cost">{{ $card->way->school() }}</p>
                    @endif
                    @if ($card->onTheBench)
                        <p class="on-bench">on the bench</p>
                        <x-act
                            :edit="$card->edit->saying()"
                            class="is-small"
                        >Let the wishes say what it does</x-act>
                    @else<x-act
                            :edit="$card->edit"
                            class="is-small"
                        >Use this way<span class="is-sr-only">: {{ lcfirst($card->way->name()) }}</span></x-act>
                    @endif
                @endif
            </li>
        @endforeach
    </ul>
    <p class="caution">Before tapping: negative off, rings and tools off, fuse out until the end. Restraint, sensor and
        ignition wires are never tapped. Look behind before you drill.</p>
</div>
