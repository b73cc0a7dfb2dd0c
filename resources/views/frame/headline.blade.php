<div
    id="headline"
    class="headline"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    <a
        class="build-name"
        href="{{ $frame->url(['station' => $frame->stations->home()->key()]) }}"
    >{{ $frame->document->title() }}</a>
    @if ($frame->moves->sealed !== '')
        <a
            class="hand-seal"
            href="{{ $frame->url(['station' => 'handover', 'leaf' => 'seal']) }}"
        ><svg
                viewBox="0 0 20 20"
                width="20"
                height="20"
                aria-hidden="true"
            >
                <circle
                    cx="10"
                    cy="10"
                    r="8"
                    fill="none"
                    stroke="currentColor"
                    stroke-width="2"
                />
                <path
                    d="M0 10H4M16 10H20"
                    stroke="currentColor"
                    stroke-width="2"
                />
            </svg> <span class="seal-words">{{ $frame->moves->sealed }}</span></a>
    @endif
    <a
        class="kept"
        href="{{ route('history', $frame->build, false) }}"
        title="Everything that was kept"
    >kept {{ $frame->moves->keptAt }}</a>
    <x-shift
        act="undo"
        key="z"
        words="Take back"
        nothing="Nothing to take back"
        :what="$frame->moves->undo"
    ><kbd>Z</kbd></x-shift>
    <x-shift
        act="redo"
        key="Z"
        words="Bring back"
        nothing="Nothing to bring back"
        :what="$frame->moves->redo"
    />
</div>
