@if ($page->laid === null)
    @include('stations.layout.empty')
@else
    @include('stations.layout.head')
    <div id="lit-picture">
        @if ($page->isLit() && $page->glow() === null)
            <div
                class="awaits"
                hx-get="{{ $frame->to('layout.picture') }}"
                hx-trigger="load"
                hx-target="#lit-picture"
                hx-swap="innerHTML"
                hx-include="unset"
            ></div>
        @endif
        @include('stations.layout.picture')
    </div>
    @include('stations.layout.rows')
    @if (in_array($page->laid->kind, ['strip_path', 'panel', 'footprint'], true) && $page->laid->light())
        <section
            id="arrangements"
            aria-label="Arrangements"
            hx-get="{{ $frame->to('layout.cards') }}"
            hx-trigger="load"
            hx-swap="innerHTML"
            hx-include="unset"
        >
            <p class="muted">Other ways of laying it are tried …</p>
        </section>
    @endif
    @include('stations.layout.more')
@endif
