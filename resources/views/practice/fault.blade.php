@include('frame.head', ['title' => 'A round at a fault'])
@php($round = $played->round)
@php($ended = $round->ended_at !== null)

<body
    class="prove practice"
    @if ($preference->keys_on) data-keys @endif
>
    @include('frame.bar')
    <main
        id="plate"
        class="plate practice-plate"
        tabindex="-1"
    >
        @if ($ended)
            <h1 class="sentence">It was this: <b>{{ lcfirst($played->hidden->truth->says()) }}</b>.</h1>
            <p class="why">{{ BenchGlow\Quantity\Words::count($round->score['answers'], 'answer') }} in
                {{ $round->score['seconds'] }} s,
                {{ BenchGlow\Quantity\Words::count($round->score['wrong'], 'wrong repair') }}.
                The program would have asked {{ $round->score['program'] }}.
                <a href="{{ route('practice.faults', [], false) }}">Another round</a>
            </p>
        @else
            <h1 class="sentence">{{ $played->symptom() }} <b>What is wrong?</b></h1>
            @if (session('refused'))
                <p
                    class="wrong"
                    role="alert"
                >{{ session('refused') }}</p>
            @endif
            <ul class="practice-switches">
                @foreach ($played->switches() as $switch)
                    <li><a
                            class="button"
                            href="{{ route('practice.fault', $round->id, false) }}?{{ $switch['query'] }}"
                        >{{ $switch['label'] }}&nbsp;<b>{{ $switch['position'] }}</b></a></li>
                @endforeach
            </ul>
        @endif
        <div class="practice-fault">
            <div class="hunt-drawing">
                <p class="muted">
                    {{ $ended ? 'The circuit, with the place' : 'The circuit as it was meant, thrown so' }}</p>
                <x-svg
                    :drawing="$played->drawing(false)"
                    id="practice-wide"
                    class="wide"
                />
                <div class="slim-drawing">
                    <x-svg
                        :drawing="$played->drawing(true)"
                        id="practice-slim"
                        class="slim"
                    />
                </div>
            </div>
            <div>
                @unless ($ended)
                    <div class="row practice-asks">
                        <form
                            method="post"
                            action="{{ route('practice.fault.ask', $round->id, false) }}?{{ $played->query() }}"
                            class="says"
                        >
                            @csrf
                            <input
                                type="hidden"
                                name="kind"
                                value="volts"
                            >
                            <x-select
                                id="tip"
                                label="Red tip on"
                                name="at"
                                :options="$played->pins()"
                            />
                            <button class="button is-primary">Touch</button>
                        </form>
                        <form
                            method="post"
                            action="{{ route('practice.fault.ask', $round->id, false) }}?{{ $played->query() }}"
                            class="says"
                        >
                            @csrf
                            <input
                                type="hidden"
                                name="kind"
                                value="look"
                            >
                            <x-select
                                id="look"
                                label="Look at"
                                name="at"
                                :options="$played->lights()"
                            />
                            <button class="button">Look</button>
                        </form>
                        <form
                            method="post"
                            action="{{ route('practice.fault.mend', $round->id, false) }}?{{ $played->query() }}"
                            class="says"
                        >
                            @csrf
                            <x-select
                                id="fault"
                                label="It is this:"
                                name="fault"
                                :options="['' => 'choose …'] + $played->mends()"
                            />
                            <button class="button">Mend it</button>
                        </form>
                    </div>
                @endunless
                <h2>{{ BenchGlow\Quantity\Words::count(count($round->answers), 'answer') }}</h2>
                <ul>
                    @foreach (array_reverse($round->answers) as $answer)
                        <li>{{ $answer['kind'] === 'look' ? $played->lights()[$answer['at']] ?? '' : $played->pins()[$answer['at']] ?? '' }}:
                            <b class="figure">{{ $answer['said'] }}</b>
                        </li>
                    @endforeach
                    @foreach ($round->mends as $mend)
                        <li>Mended, and it was whole: {{ lcfirst($mend) }}</li>
                    @endforeach
                </ul>
            </div>
        </div>
    </main>
    @include('frame.foot')
</body>

</html>
