@include('frame.head', ['title' => 'Practice: what is wrong'])

<body
    class="practice"
    @if ($preference->keys_on) data-keys @endif
>
    @include('frame.bar')
    <main
        id="plate"
        class="plate practice-plate"
        tabindex="-1"
    >
        <h1 class="sentence">Practise on a fault nobody sees: one is drawn into a build of the demo, and the meter reads
            what is solved.</h1>
        @if (session('refused'))
            <p
                class="wrong"
                role="alert"
            >{{ session('refused') }}</p>
        @endif
        <form
            method="post"
            action="{{ route('practice.faults.begin', [], false) }}"
            class="says"
        >
            @csrf
            <x-select
                id="build"
                label="Something in"
                name="build"
                :options="$builds"
                :value="old('build', 'wherry')"
            /><x-field
                id="seed"
                label="number"
                name="seed"
                size="6"
                :value="old('seed', $seed)"
            />
            <button class="button is-primary">Begin the round</button>
        </form>
        <p class="muted">The same number draws the same fault. At the end your answers and wrong repairs stand beside
            the
            program’s own. <a href="{{ route('practice', [], false) }}">Or practise naming wires</a></p>
        @if ($rounds->isNotEmpty())
            <h2>Rounds</h2>
            <ul class="rounds">
                @foreach ($rounds as $round)
                    <li><a href="{{ route('practice.fault', $round->id, false) }}">{{ ucfirst($builds[$round->example] ?? 'A build') }},
                            {{ $round->seed }}</a>
                        @if ($round->score)
                            {{ $round->score['answers'] }} answers, {{ $round->score['wrong'] }} wrong repairs, the
                            program {{ $round->score['program'] }} answers
                        @else
                            not ended
                        @endif
                    </li>
                @endforeach
            </ul>
        @endif
    </main>
    @include('frame.foot')
</body>

</html>
