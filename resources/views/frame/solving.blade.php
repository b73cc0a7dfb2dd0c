@include('frame.head', ['title' => 'Being solved', 'preference' => $preference])

<body>
    <main class="wall">
        <div
            class="conflict"
            role="status"
        >
            @if ($tooMuch)
                <h1>Too much for one build</h1>
                <p>Every state of this build would take about {{ BenchGlow\Quantity\Shown::plain($expected / 60, 0) }}
                    minutes
                    to solve. Take the newest change back, or share its circuits over several builds; inputs that never
                    come together can be ruled out in the brief.</p>
            @elseif ($stopped)
                <h1>Stopped</h1>
                <p>It was not solved. Everything that was kept is there.</p>
            @else
                <h1>This build is being solved</h1>
                <p>{{ $failure ?? ($progress === null ? 'It waits for its turn.' : BenchGlow\Quantity\Shown::percent($progress) . ' of its states are done.') }}
                    The page follows by itself.</p>
                <progress
                    max="1"
                    value="{{ $progress ?? 0 }}"
                ></progress>
            @endif
            <div class="row">
                @if ($stopped)
                    <form
                        method="post"
                        action="{{ route('solving.again', [], false) }}"
                    >@csrf<input
                            type="hidden"
                            name="key"
                            value="{{ $key }}"
                        ><button class="button is-primary">Solve it</button></form>
                @elseif (!$tooMuch)
                    <form
                        method="post"
                        action="{{ route('solving.stop', [], false) }}"
                    >@csrf<input
                            type="hidden"
                            name="key"
                            value="{{ $key }}"
                        ><button class="button">Stop</button></form>
                @endif
                @if ($build instanceof App\Models\Build)
                    <form
                        method="post"
                        action="{{ route('undo', $build, false) }}"
                    >@csrf<input
                            type="hidden"
                            name="base0"
                            value="{{ $build->head }}"
                        ><button class="button">Take back the newest change</button></form>
                    <a
                        class="button"
                        href="{{ route('handover.export', $build, false) }}"
                    >Save the build file</a>
                @endif
                <a
                    class="button"
                    href="{{ route('wall', [], false) }}"
                >To the builds wall</a>
            </div>
        </div>
    </main>
</body>

</html>
