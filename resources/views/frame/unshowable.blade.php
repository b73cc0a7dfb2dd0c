@include('frame.head', ['title' => $build->title, 'preference' => $preference])

<body>
    <main class="wall">
        <div
            class="conflict"
            role="alert"
        >
            <h1>{{ $build->title }} can't be shown</h1>
            <p>{{ $trouble->sentence }} Nothing that was kept is lost. Number {{ $trouble->number }} in the log.</p>
            <div class="row">
                @if ($parent !== null)
                    <form
                        method="post"
                        action="{{ route('undo', $build, false) }}"
                    >@csrf<input
                            type="hidden"
                            name="base0"
                            value="{{ $base }}"
                        ><button class="button is-primary">Take back the newest change</button></form>
                @endif
                <a
                    class="button"
                    href="{{ route('handover.export', $build, false) }}"
                >Save the build file</a>
                <form
                    method="post"
                    action="{{ route('take-down', $build, false) }}"
                >@csrf<button class="button">Take it down</button></form>
                <a
                    class="button"
                    href="{{ route('wall', [], false) }}"
                >To the builds wall</a>
            </div>
            <h2>Its history</h2>
            <ul class="history">
                @foreach ($revisions as $revision)
                    <li>
                        {{ $revision->what }} <span
                            class="muted">{{ App\Support\WallClock::day($revision->at) }}</span>
                        @if ($revision->no !== $base)
                            <form
                                method="post"
                                action="{{ route('restore', [$build, $revision->no], false) }}"
                            >@csrf<input
                                    type="hidden"
                                    name="base0"
                                    value="{{ $base }}"
                                ><button class="button is-small">Bring back</button></form>
                        @endif
                    </li>
                @endforeach
            </ul>
        </div>
    </main>
</body>

</html>
