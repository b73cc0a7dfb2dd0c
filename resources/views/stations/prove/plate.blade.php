<div
    id="proof"
    class="proof"
>
    @if ($page->proof === null)
        <h1 class="sentence">Prove it twice: before the fuse goes in, and again before the panel closes.</h1>
        <p class="muted">Nothing glows in this circuit yet, so nothing can be dark.
            <a href="{{ $frame->url(['station' => 'circuit']) }}">Give it a light</a>
        </p>
    @elseif (!$page->ready)
        @include('stations.prove.simulating')
    @else
        @include('stations.prove.head')
        @include('stations.prove.chain')
        @include('stations.prove.after')
    @endif
</div>
