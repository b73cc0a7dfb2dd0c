@php($wire = $page->wire())
<section
    class="job-wire"
    id="job-wire"
    aria-label="The job as one wire"
>
    <h2>The job, one wire: {{ BenchGlow\Quantity\Words::count(count($wire->bands), 'sitting') }},
        {{ BenchGlow\Quantity\Words::count(max(0, count($wire->bands) - 1), 'wait') }}</h2>
    <svg
        viewBox="0 0 724 {{ $wire->height() }}"
        width="724"
        height="{{ $wire->height() }}"
        role="group"
        aria-label="Acts in their order"
    >
        @if ($wire->behind !== [])
            <path
                class="run done"
                d="M86 {{ $wire->bands[0]['y'] }}H{{ $wire->bands[0]['runs'][0]['x'] }}"
            />
            {{-- One link for all of them: singly they would be too small for a thumb. --}}
            <a
                href="#behind"
                class="act-tick is-done"
                aria-label="{{ BenchGlow\Quantity\Words::count($page->doneCount(), 'step') }} behind you, the last: {{ $wire->behind[count($wire->behind) - 1]['title'] }}"
            >
                <rect
                    class="reach"
                    x="86"
                    y="{{ $wire->bands[0]['y'] - 14 }}"
                    width="{{ $wire->bands[0]['runs'][0]['x'] - 98 }}"
                    height="28"
                />
                @foreach ($wire->behind as $tick)
                    <g>
                        <title>{{ $tick['title'] }}</title>
                        <rect
                            x="{{ $tick['x'] - 2 }}"
                            y="{{ $wire->bands[0]['y'] - 10 }}"
                            width="4"
                            height="20"
                        />
                    </g>
                @endforeach
            </a>
        @endif
        @foreach ($wire->bands as $n => $band)
            <text
                class="begins"
                x="0"
                y="{{ $band['y'] + 2 }}"
            >{{ $band['words'] === '' ? 'sitting ' . ($n + 1) : $band['words'] }}</text>
            <text
                class="muted"
                x="0"
                y="{{ $band['y'] + 20 }}"
            >{{ $band['hands'] }}</text>
            @foreach ($band['runs'] as $run)
                <path
                    class="run {{ $run['state'] }}"
                    d="M{{ $run['x'] }} {{ $band['y'] }}H{{ $run['to'] }}"
                />
                @if ($run['state'] !== 'dead')
                    <path
                        class="run-in {{ $run['state'] }}"
                        d="M{{ $run['x'] }} {{ $band['y'] }}H{{ $run['to'] }}"
                    />
                @endif
                @if ($run['words'] && !($n === 0 && $loop->first && $band['ticks'][0]['now']))
                    <text
                        class="muted"
                        x="{{ $run['x'] }}"
                        y="{{ $band['y'] - 25 }}"
                    >{{ $run['words'] }}</text>
                @endif
            @endforeach
            @foreach ($band['brackets'] as $bracket)
                <path
                    class="is-off"
                    d="{{ $wire::path($bracket, $band['y']) }}"
                />
                @if ($bracket['to'] - $bracket['x'] > 7 * mb_strlen($bracket['words']) + 20)
                    <text
                        class="bracket-words"
                        x="{{ ($bracket['x'] + $bracket['to']) / 2 }}"
                        y="{{ $bracket['y'] + 4 }}"
                        text-anchor="middle"
                    >{{ $bracket['words'] }}</text>
                @endif
            @endforeach
            @foreach ($band['ticks'] as $tick)
                @php($planned = $page->plan->acts[$tick['first']])
                <a
                    href="{{ $page->url($tick['keys'][0]) }}"
                    hx-get="{{ $page->url($tick['keys'][0]) }}"
                    hx-swap="none"
                    hx-push-url="true"
                    class="act-tick{{ $tick['critical'] ? ' critical' : '' }}"
                    aria-label="{{ $planned->act->title() }}{{ $tick['n'] > 1 ? ', and ' . ($tick['n'] - 1) . ' more' : '' }}"
                >
                    <title>{{ $planned->act->title() }}</title>
                    <rect
                        class="reach"
                        x="{{ $tick['x'] - 11 }}"
                        y="{{ $band['y'] - 14 }}"
                        width="22"
                        height="28"
                    />
                    @if ($tick['now'])
                        <circle
                            class="bead-now"
                            cx="{{ $tick['x'] }}"
                            cy="{{ $band['y'] }}"
                            r="11"
                        />
                    @else
                        <rect
                            x="{{ $tick['x'] - ($tick['critical'] ? 4 : 2) }}"
                            y="{{ $band['y'] - 10 }}"
                            width="{{ $tick['critical'] ? 8 : 4 }}"
                            height="20"
                        />
                    @endif
                </a>
                @if ($tick['now'])
                    <text
                        class="now-word"
                        aria-hidden="true"
                        x="{{ $tick['x'] }}"
                        y="{{ $band['y'] - 25 }}"
                        text-anchor="middle"
                    >now</text>
                @elseif ($tick['n'] > 1)
                    <text
                        class="how-many"
                        aria-hidden="true"
                        x="{{ $tick['x'] }}"
                        y="{{ $band['y'] - 13 }}"
                        text-anchor="middle"
                    >{{ $tick['n'] }}</text>
                @endif
            @endforeach
            @if ($band['wait'] !== null)
                <path
                    class="rest-way"
                    d="M{{ $band['x1'] }} {{ $band['y'] }}H700V{{ $band['y'] + 50 }}H76V{{ $band['y'] + 84 }}H86"
                />
                <text
                    class="wait-words"
                    x="690"
                    y="{{ $band['y'] + 46 }}"
                    text-anchor="end"
                >{{ $band['wait'] }}</text>
            @elseif ($n === count($wire->bands) - 1)
                <text
                    class="glow-word"
                    x="{{ min(600, $band['x1'] + 10) }}"
                    y="{{ $band['y'] + ($band['x1'] > 600 ? 28 : 4) }}"
                >glow{{ !$page->plan->calendar->hasHours() ? '' : ', ' . $page->plan->calendar->words($page->plan->end) }}</text>
            @endif
        @endforeach
    </svg>
</section>
