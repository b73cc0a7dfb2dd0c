@if ($page->isEmpty())
    <h1 class="price-sentence">Nothing to hand over yet: no circuit is drawn.</h1>
    <p><a
            class="button is-primary"
            href="{{ $frame->url(['station' => 'circuit']) }}"
        >Draw the first circuit</a></p>
@else
    <nav
        class="leaves"
        aria-label="Leaves of Hand over"
    >
        @foreach (App\Stations\HandOver\Leaf::shown() as $leaf)
            <a
                href="{{ $page->url($leaf) }}"
                @if ($leaf === $page->leaf) aria-current="page" @endif
                @if ($leaf === App\Stations\HandOver\Leaf::Since) data-leaf-since @endif
            >{{ $leaf->label() }}</a>
        @endforeach
        <a
            class="is-hidden"
            data-leaf-after
            href="{{ $page->next() }}"
            tabindex="-1"
            aria-hidden="true"
        >next</a>
    </nav>
    @include('stations.handover.' . $page->leaf->value . '_leaf')
@endif
