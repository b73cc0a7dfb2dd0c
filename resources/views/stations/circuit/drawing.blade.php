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
        @panel('stations.circuit.fall')
        @panel('stations.circuit.tips')
        <details class="in-words">
            <summary>Every part in words</summary>
            <ul>
                @foreach ($page->live->parts() as $part)
                    <li><a
                            href="#drawing"
                            data-shows="{{ $part['part'] }}"
                        >{{ $part['says'] }}</a></li>
                @endforeach
            </ul>
        </details>
        @panel('stations.circuit.truth')
    @endif
</section>
