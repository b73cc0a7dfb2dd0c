<nav
    id="run"
    class="run"
    aria-label="The run: stations of this build"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    <svg
        class="source"
        viewBox="0 0 16 32"
        width="16"
        height="32"
        aria-hidden="true"
    >
        <path d="M2 0V32M14 9V23" />
    </svg>
    <ol>
        @foreach ($frame->stations->run() as $number => $station)
            @if ($station === null)
                <li
                    class="wire"
                    aria-hidden="true"
                ></li>
            @else
                @php($bead = $frame->bead($station))
                @php($here = $station->key() === $frame->station->key())
                <li @class(['bead-at', $bead->value, 'here' => $here])>
                    <a
                        href="{{ $frame->url(['station' => $station->key()]) }}"
                        data-station="{{ $number }}"
                        @if ($here) aria-current="page" @endif
                    >
                        <x-bead :of="$bead" />
                        <span>{{ $station->label() }}</span><span class="is-sr-only">: {{ $bead->words() }}</span>
                    </a>
                </li>
            @endif
        @endforeach
    </ol>
    <span
        class="glow-word"
        aria-hidden="true"
    >glow</span>
</nav>
