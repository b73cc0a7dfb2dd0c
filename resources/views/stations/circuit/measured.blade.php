<section
    id="measured"
    class="measured"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @if ($frame->circuit)
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
