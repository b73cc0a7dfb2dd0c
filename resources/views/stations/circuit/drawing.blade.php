<section
    id="drawing"
    class="drawn"
    aria-label="The circuit"
    tabindex="-1"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @if ($frame->circuit)
        @if ($wide = $page->wide())
            <x-svg
                :drawing="$wide"
                id="wide"
                class="wide"
            />
        @endif
        @if ($slim = $page->narrow())
            <x-svg
                :drawing="$slim"
                id="slim"
                class="slim"
            />
        @endif
        @unless ($page->opened)
            @panel('stations.circuit.fall')
        @endunless
    @endif
</section>
