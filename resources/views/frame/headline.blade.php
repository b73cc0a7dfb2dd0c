<div
    id="headline"
    class="headline"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    <a
        class="build-name"
        href="{{ $frame->url(['station' => $frame->stations->home()->key()]) }}"
    >{{ $frame->document->title() }}</a>
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
