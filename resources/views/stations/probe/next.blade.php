<section
    class="probe-next"
    aria-label="The next reading"
>
    @include('phone.hand', ['to' => $frame->url(), 'what' => 'this reading'])
    <div class="probe-say">
        <h1 class="sentence">{{ $page->asked->hand() }} <b class="tip">{{ $page->tips() }}</b>{{ $page->tail() }}</h1>
        <p class="why">{{ $page->asked->why() }} {{ $page->other() }} {{ $page->asked->caution() }}</p>
    </div>
    <p class="probe-other">
        @if ($page->asked->test)
            <a
                href="{{ $frame->url(['skip' => (string) (1 + (int) $frame->own('skip')), 'wire' => null]) }}"
                hx-get="{{ $frame->url(['skip' => (string) (1 + (int) $frame->own('skip')), 'wire' => null]) }}"
                hx-swap="none"
                hx-push-url="true"
            >Another test</a>
            @if ($page->asked->cant() !== [])
                <span class="cant">
                    @foreach ($page->asked->cant() as $what => $words)
                        <a
                            href="{{ $page->asked->without($what) }}"
                            hx-get="{{ $page->asked->without($what) }}"
                            hx-swap="none"
                            hx-push-url="true"
                        >Can't do this: {{ $words }}</a>
                    @endforeach
                </span>
            @endif
        @elseif ($page->asked->byHand())
            <a
                href="{{ $frame->url(['hand' => null, 'wire' => null, 'inst' => null, 'to' => null, 'off' => null]) }}"
                hx-get="{{ $frame->url(['hand' => null, 'wire' => null, 'inst' => null, 'to' => null, 'off' => null]) }}"
                hx-swap="none"
                hx-push-url="true"
            >Back to the next test</a>
        @endif
        @if ($frame->own('cant') !== '')
            <a href="{{ $frame->url(['cant' => null]) }}">All tests again</a>
        @endif
    </p>
    <x-form
        op="keep_reading"
        echo="keep-echo"
        render="all"
        class="probe-keep"
        :to="$page->keepTo()"
        :with="[
            'wire' => $page->judged?->wire->id,
            'to' => $page->asked->to(),
            'instrument' => $page->asked->instrument(),
            'powered' => $page->asked->powered() ? '1' : '0',
            'with' => json_encode((object) $page->asked->condition()->with),
        ]"
    >
        <label
            class="is-sr-only"
            for="reading"
        >The reading</label>
        <input
            class="typed"
            id="reading"
            name="text"
            autocomplete="off"
            autofocus
            data-bank="{{ BenchGlow\Quantity\Shown::plain($page->probing->bankV(), 2) }}"
            aria-describedby="keep-echo"
        >
        <span
            class="reading-unit">{{ $page->asked->powered() ? ($page->asked->instrument() === 'meter' ? 'V' : '') : 'Ω' }}</span>
        <button class="button is-primary keep">Keep</button>
        <div
            class="quick"
            aria-label="One key readings"
        >
            @foreach ($page->asked->quickKeys() as [$value, $words])
                <button
                    class="button quick-key"
                    name="quick"
                    value="{{ $value }}"
                >{{ $words }}</button>
            @endforeach
        </div>
        <details class="later">
            <summary>Read some time after</summary>
            <label for="after">seconds after it came on</label>
            <input
                class="typed"
                id="after"
                name="after"
                size="5"
                inputmode="decimal"
                autocomplete="off"
            >
        </details>
        <span
            class="echo"
            id="keep-echo"
        ></span>
    </x-form>
    <div
        class="probe-hand"
        aria-label="The wire in hand"
    >
        @php($judged = $page->judged)
        <a
            class="beside"
            href="{{ $page->choose((string) $page->beside(-1)) }}"
            aria-label="The wire before"
        >‹</a>
        <svg
            viewBox="0 0 220 44"
            width="220"
            height="44"
            aria-hidden="true"
        >
            <path
                class="insulation"
                stroke="{{ App\Stations\Probe\Bundled::colour($judged?->wire->colour) }}"
                d="M0 22H178"
            />
            @if ($judged?->wire->tracer)
                <path
                    class="tracer"
                    stroke="{{ App\Stations\Probe\Bundled::colour($judged->wire->tracer) }}"
                    d="M0 22H178"
                />
            @endif
            @if ($judged)
                <g transform="translate(178 22)">@include('stations.probe.end', ['end' => App\Stations\Probe\Bundled::end($judged)])</g>
            @endif
        </svg>
        <a
            class="beside"
            href="{{ $page->choose((string) $page->beside(1)) }}"
            aria-label="The wire after"
        >›</a>
        @if ($judged)
            <p class="hand-words"><b>{{ BenchGlow\Quantity\Words::first($judged->wire->words()) }}</b>
                {{ $judged->wire->colours() }} · <b>{{ App\Stations\Probe\Bundled::certainty($judged) }}</b>:
                {{ App\Stations\Probe\Bundled::name($judged) }}</p>
        @endif
    </div>
    <button
        class="conditions"
        type="button"
        data-opens-meter
    ><span>{{ ucfirst($page->asked->conditionNow()) }}</span> {{ count($frame->triggers()) }} switches ▴</button>
    <x-keypad :types="App\Stations\Probe\ProbePage::KEYS" />
    <div
        class="stubs"
        aria-label="All wires"
    >
        @foreach ($page->wires() as $other)
            <a
                @class([
                    'stub',
                    'here' => $other->wire->id === $page->judged?->wire->id,
                ])
                href="{{ $page->choose($other->wire->id) }}"
                aria-label="{{ BenchGlow\Quantity\Words::first($other->wire->words()) }}"
            >
                <svg
                    viewBox="0 0 54 20"
                    width="54"
                    height="20"
                    aria-hidden="true"
                >
                    <path
                        class="insulation thin"
                        stroke="{{ App\Stations\Probe\Bundled::colour($other->wire->colour) }}"
                        d="M0 10H24"
                    />
                    <g transform="translate(24 10) scale(0.75)">@include('stations.probe.end', ['end' => App\Stations\Probe\Bundled::end($other)])</g>
                </svg>{{ $other->wire->way ?? '·' }}
            </a>
        @endforeach
    </div>
</section>
