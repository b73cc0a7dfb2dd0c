@php($donors = $page?->host()->donors() ?? [])
<ul
    class="ways-bar"
    aria-label="Ways of the host"
>
    @foreach ($page?->host()->ways() ?? [] as $way)
        @php($url = $frame->url(['way' => $frame->own('way') === $way->way->id ? null : $way->way->id]))
        @php($w = 9 * min(14, $way->way->fuseA ?? 6))
        <li><a
                href="{{ $url }}"
                hx-get="{{ $url }}"
                hx-swap="none"
                hx-push-url="true"
                @if ($frame->own('way') === $way->way->id) aria-current="true" @endif
            ><svg
                    viewBox="-18 0 150 24"
                    width="150"
                    height="24"
                    aria-hidden="true"
                >
                    <path
                        class="stem"
                        d="M-18 12H4"
                    />
                    <rect
                        class="holder"
                        x="4"
                        y="3"
                        width="{{ $w }}"
                        height="18"
                    />
                    <rect
                        class="load"
                        x="4"
                        y="3"
                        width="{{ $way->way->fuseA ? min($w, ($w * (float) $way->loadA) / $way->way->fuseA) : 0 }}"
                        height="18"
                    />
                </svg><b>{{ $way->way->label }}</b>
                {{ $way->sizeWords() }}</a>
            @if (($donors[0]->suits ?? false) && $donors[0]->id === $way->way->id)
                <p>{{ $donors[0]->why }}: <b>take the feed here</b></p>
            @endif
        </li>
    @endforeach
</ul>
