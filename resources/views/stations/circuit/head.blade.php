<div
    id="head-sentence"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @if ($frame->circuit)
        <h1 class="sentence"><b>{{ $frame->circuit->label }}</b>: {{ $page->live->sentence() }}</h1>
    @endif
</div>
