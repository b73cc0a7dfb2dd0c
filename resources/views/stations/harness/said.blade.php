@php([$what, $rest, $metres, $buy] = $page->said())
<h1
    class="sentence"
    id="loom-said"
>The loom: <b>{{ $what }}</b>{{ $rest }}<b>{{ $metres }}</b>{{ $buy }}</h1>
@if ($page->unstrung() !== [] || $page->list->loom->unlaid() !== [])
    <p class="acts loom-acts">
        @if ($page->list->loom->unlaid() !== [])
            <x-act
                :edit="$page->lay()"
                class="is-primary"
            >Lay out the rest</x-act>
        @endif
        @if ($page->unstrung() !== [])
            <a
                href="{{ $page->stringing($page->unstrung()[0]) }}"
                hx-get="{{ $page->stringing($page->unstrung()[0]) }}"
                hx-swap="none"
                hx-push-url="true"
                data-loom-key="k"
                @class([
                    'button',
                    'is-primary' => $page->list->loom->unlaid() === [] && $frame->pins() === [],
                ])
            >String the next wire</a>
        @endif
    </p>
@endif
