<li class="hangs">
    <a href="{{ $card->url() }}">
        <span
            class="string"
            aria-hidden="true"
        ></span>
        <svg
            class="picture"
            viewBox="0 0 300 {{ $card->summary->height }}"
            role="img"
            aria-label="Its circuits, lit"
        >{!! $card->summary->picture !!}</svg>
        <h2>{{ $card->summary->title }}</h2>
        <p class="muted">{{ $card->summary->place }} · {{ $card->summary->circuits }} circuits · <span
                class="figure">{{ BenchGlow\Quantity\Shown::amps($card->summary->amps) }}</span></p>
        <p
            class="beads"
            role="img"
            aria-label="{{ $card->beadWords() }}"
        >
            @foreach ($card->run() as $station)
                <i></i>
                @if ($station)
                    <svg
                        class="{{ $card->bead($station) }}"
                        viewBox="0 0 14 14"
                        width="14"
                        height="14"
                        aria-hidden="true"
                    >
                        <circle
                            cx="7"
                            cy="7"
                            r="5"
                        />
                        @if ($card->bead($station) === 'danger')
                            <path d="M1 13L13 1" />
                        @endif
                    </svg>
                @endif
            @endforeach
            <i></i>
        </p>
        <p class="worst">
            @if ($card->summary->worst)
                <x-severity :of="$card->summary->worst['severity']" /> {{ mb_strimwidth($card->summary->worst['message'], 0, 110, '…') }}
            @else
                Nothing stands out.
            @endif
        </p>
    </a>
</li>
