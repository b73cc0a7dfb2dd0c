@include('phone.hand', ['to' => $frame->url(), 'what' => 'this gate'])
<p class="reach">
    @if ($frame->document->fields()->objects('gates') === [])
        <b>Prove it twice:</b> before the fuse goes in, and again before the panel closes.
    @else
        <b>{{ $page->reach() }}</b>, {{ $page->tally() }}.
    @endif
</p>
<button
    class="chain-line"
    type="button"
    data-opens-chain
    aria-expanded="false"
    aria-controls="chain"
><b>{{ $page->short() }}</b>
    · {{ mb_strtolower(App\Stations\Prove\ChainRow::POWER[$page->now->gate->power ?? 'live'][0]) }} ▴</button>
@foreach (['before' => $page->beside(-1), 'after' => $page->beside(1)] as $where => $url)
    @if ($url)
        <a
            class="is-sr-only"
            href="{{ $url }}"
            hx-get="{{ $url }}"
            hx-swap="none"
            hx-push-url="true"
            data-gate-{{ $where }}
        >The gate {{ $where }}</a>
    @endif
@endforeach
