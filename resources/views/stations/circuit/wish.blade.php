<div
    id="wish"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @if ($frame->own('wish') !== '')
        <section
            class="wishes"
            aria-label="Circuits for the wish"
        >
            <h2>Circuits for it</h2>
            @if ($frame->own('wish') === 'all')
                @include('stations.circuit.wish_cards')
            @else
                <div
                    id="wish-cards"
                    hx-get="{{ route('circuit.wish', $frame->build, false) }}?{{ http_build_query(['c' => $frame->circuit?->id, 's' => $frame->supply, 'i' => $frame->thrown(), 'wish' => '1']) }}"
                    hx-trigger="load"
                    hx-swap="outerHTML"
                    hx-sync="this:drop"
                >
                    <p class="muted">Each is written into this circuit and solved in every state first …
                        <button
                            class="button is-small"
                            type="button"
                            data-stops="#wish-cards"
                        >Stop</button>
                    </p>
                    <noscript><a href="{{ $frame->url(['wish' => 'all']) }}#wish">Show them</a></noscript>
                </div>
            @endif
        </section>
    @endif
</div>
