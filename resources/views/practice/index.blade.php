@include('frame.head', ['title' => 'Practice'])

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
        <h1 class="sentence">Practise on a host nobody has named: it is drawn anew, solved like a real one, and never
            harmed.</h1>
        @if (session('refused'))
            <p
                class="wrong"
                role="alert"
            >{{ session('refused') }}</p>
        @endif
        <form
            method="post"
            action="{{ route('practice.begin', [], false) }}"
            class="says"
        >
            @csrf
            <x-select
                id="place"
                label="A bundle on a"
                name="place"
                :options="$places"
                :value="old('place', 'boat')"
            /><x-select
                id="spot"
                label="found"
                name="spot"
                :options="$spots"
                :value="old('spot', 'lamp')"
            /><x-select
                id="difficulty"
                label="as"
                name="difficulty"
                :options="[
                    'plain' => 'good as new',
                    'worn' => 'worn, as most are',
                    'mean' => 'mean: claims are wrong too',
                ]"
                :value="old('difficulty', 'plain')"
            /><x-field
                id="seed"
                label="number"
                name="seed"
                size="6"
                :value="old('seed', $seed)"
            />
            <button class="button is-primary">Begin the round</button>
        </form>
        <p class="muted">The same number draws the same host. At the end your readings and seconds stand beside the
            program's own, with the truth drawn in. <a href="{{ route('practice.faults', [], false) }}">Or practise
                finding a fault</a></p>
        @if ($rounds->isNotEmpty())
            <h2>Rounds</h2>
            <ul class="rounds">
                @foreach ($rounds as $round)
                    <li><a href="{{ route('practice.round', $round->id, false) }}">A
                            {{ str_replace('_', ' ', $round->place) }}, {{ $spots[$round->spot] ?? $round->spot }},
                            {{ $round->difficulty }}, {{ $round->seed }}</a>
                        @if ($round->score)
                            {{ $round->score['readings'] }} readings, {{ $round->score['wrong'] }} wrong names, the
                            program {{ $round->score['program_readings'] }} readings
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
