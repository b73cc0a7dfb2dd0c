@php($way = $page->live->way())
<details
    class="switching"
    id="switching"
    @if ($page->laysWaysOut) open @endif
>
    <summary data-ways>Ways of switching · on the bench:
        {{ lcfirst(BenchGlow\Ways\Ways::find($way['way'] ?? '')?->name() ?? 'a way of its own') }}</summary>
    @if ($page->laysWaysOut)
        @panel('stations.circuit.way_cards')
    @else
        <div
            id="way-cards"
            hx-get="{{ route('circuit.ways', $frame->build, false) }}?{{ http_build_query(['c' => $frame->circuit->id, 's' => $frame->supply, 'i' => $frame->thrown()]) }}"
            hx-trigger="toggle once from:closest details"
            hx-swap="outerHTML"
        >
            <p class="muted">Each is solved on this build first. <a href="{{ $frame->url(['ways' => '1']) }}">Show
                    them</a></p>
        </div>
    @endif
</details>
