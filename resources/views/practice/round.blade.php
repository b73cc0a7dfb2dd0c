@include('frame.head', ['title' => 'A round of practice'])
@php($ended = $round->ended_at !== null)

<body
    class="probe practice"
    @if ($preference->keys_on) data-keys @endif
>
    @include('frame.bar')
    <div class="bench practice-bench">
        <main
            id="plate"
            class="plate"
            tabindex="-1"
        >
            @if (session('refused'))
                <p
                    class="wrong"
                    role="alert"
                >{{ session('refused') }}</p>
            @endif
            @if ($ended)
                <h1 class="sentence">The cloth is off. <b>{{ $round->score['wrong'] }} of {{ $round->score['named'] }}
                        names wrong</b>, {{ $round->score['readings'] }} readings in
                    {{ round($round->score['seconds']) }} s, {{ $round->score['unsafe'] }} unsafe acts.</h1>
                <p class="why">The program would have found what this build needs with
                    {{ $round->score['program_readings'] }} readings in {{ round($round->score['program_seconds']) }} s.
                    <a href="{{ route('practice', [], false) }}">Another round</a>
                </p>
            @else
                <section class="probe-next">
                    <div class="probe-say">
                        <h1 class="sentence">{{ $page->asked->hand() }} <b
                                class="tip">{{ $page->tips() }}</b>{{ $page->tail() }}</h1>
                        <p class="why">{{ $page->asked->why() }} {{ $page->other() }}</p>
                    </div>
                    <form
                        method="post"
                        action="{{ $page->at->keeps([]) }}"
                        class="probe-keep"
                    >
                        @csrf
                        <button
                            class="button is-primary keep"
                            autofocus
                        >Touch</button>
                    </form>
                    <p class="probe-other">
                        @if ($page->asked->byHand())
                            <a href="{{ $page->at->url(['ask' => '1', 'hand' => null]) }}">What would the program read
                                next?</a>
                        @else
                            <a href="{{ $page->at->url(['ask' => null, 'hand' => '1']) }}">By hand again</a>
                        @endif
                    </p>
                </section>
            @endif
            @include('stations.probe.bundle')
            @if ($ended)
                <h2>What they are</h2>
                <ul class="truth-list">
                    @foreach ($page->wires() as $judged)
                        @php($truth = $played->host->truth($judged->wire->id))
                        @php($said = $round->names[$judged->wire->id] ?? null)
                        <li><b>{{ BenchGlow\Quantity\Words::first($judged->wire->words()) }}</b>
                            {{ $words($truth->name()) }}@if ($truth->faults !== [])
                                ({{ $truth->faultWords() }})
                            @endif
                            @if ($said !== null)
                                · you said {{ $words($said) }}
                            @endif
                        </li>
                    @endforeach
                </ul>
            @else
                <form
                    method="post"
                    action="{{ $played->namesTo($page->judged?->wire->id) }}"
                    class="says"
                >
                    @csrf
                    <input
                        type="hidden"
                        name="wire"
                        value="{{ $page->judged?->wire->id }}"
                    >
                    <x-select
                        id="practice-name"
                        :label="BenchGlow\Quantity\Words::first((string) $page->judged?->wire->words()) . ' is'"
                        name="function"
                        :options="['' => 'not named'] + $page->functions()"
                        :value="$round->names[$page->judged?->wire->id] ?? ''"
                    />
                    <button class="button is-small">Name it</button>
                </form>
                <p class="needs"><b>This build needs</b> {{ $page->asked->needs() }}</p>
                <form
                    method="post"
                    action="{{ route('practice.end', $round->id, false) }}"
                >@csrf<button class="button">End the round, take the cloth off</button></form>
            @endif
        </main>
        <section
            id="meter"
            class="meter"
            aria-label="Meter and switches"
        >
            <div class="face probe-face">
                @if ($last = $page->probing->last())
                    <p class="big figure teal">
                        {{ App\Stations\Probe\ProbePage::figure($last) }}<small>{{ $last->word === null && $last->kind === 'volts' ? ' V' : '' }}</small>
                    </p>
                    <p class="at">{{ mb_strtolower($page->at->name((string) $last->wire)) }},
                        {{ $page->conditionWords($last) }}</p>
                @else
                    <p class="big figure">—</p>
                    <p class="at">nothing touched yet</p>
                @endif
                @include('stations.probe.set_up')
                <p class="at">{{ count($round->readings) }} readings, {{ round($round->seconds) }} s</p>
            </div>
            <ul
                class="triggers"
                aria-label="Throw-switches"
            >
                @foreach ($page->probing->build->inputs as $id => $input)
                    @php($stands = $page->asked->condition()->with[$id] ?? $input->rest())
                    @php($next = $input->positions[((int) array_search($stands, $input->positions, true) + 1) % count($input->positions)])
                    <li><a
                            href="{{ $played->throws($id, $next) }}"
                            aria-label="{{ $input->label }}: {{ $stands }}. Throw it"
                        ><x-blade :made="$stands !== $input->rest()" /><span>{{ $input->label }}</span> <b>{{ $stands }}</b></a>
                    </li>
                @endforeach
            </ul>
        </section>
    </div>
    @include('frame.foot')
</body>

</html>
