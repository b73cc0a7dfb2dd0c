@php($wide = $day->width)
@php($rows = count($shown))
@php($below = 66 + 44 * $rows + ($over === null ? 0 : 44))
<svg
    class="drawing day-picture"
    viewBox="0 0 {{ $wide }} {{ $below + 76 }}"
    width="{{ $wide }}"
    height="{{ $below + 76 }}"
    role="img"
    aria-labelledby="{{ $id }}-t"
    data-lasts="{{ $day->story->lasts }}"
>
    <title id="{{ $id }}-t">{{ $day->story->label }}: when light is wanted, and what each way does</title>
    <defs>
        <pattern
            id="{{ $id }}-dark"
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
        >
            <path
                class="hatch-ink"
                d="M0 0V7"
            />
        </pattern>
        <pattern
            id="{{ $id }}-waste"
            width="8"
            height="8"
            patternUnits="userSpaceOnUse"
        >
            <circle
                class="hatch-dot"
                cx="4"
                cy="4"
                r="1.8"
            />
        </pattern>
    </defs>
    <rect
        class="sky"
        x="0"
        y="0"
        width="{{ $wide }}"
        height="22"
    />
    @foreach ($day->nights() as [$x, $w])
        <rect
            class="night"
            x="{{ $x }}"
            y="0"
            width="{{ $w }}"
            height="22"
        />
    @endforeach
    @foreach ($day->hours() as [$x, $words])
        <path
            class="hour"
            d="M{{ min($wide - 0.5, $x) }} 0V26"
        /><text
            class="figure"
            x="{{ max(2, min($wide - 2, $x)) }}"
            y="40"
            text-anchor="{{ $x < 20 ? 'start' : ($x > $wide - 34 ? 'end' : 'middle') }}"
        >{{ $words }}</text>
    @endforeach
    @foreach ($day->wanted() as [$x, $w])
        <rect
            class="wanted"
            x="{{ $x }}"
            y="47"
            width="{{ max(1, $w) }}"
            height="11"
        />
    @endforeach
    @foreach (array_values($shown) as $n => $idea)
        @php($y = 78 + 44 * $n)
        <text
            x="0"
            y="{{ $y - 4 }}"
        >{{ BenchGlow\Drawing\Shape::cut(BenchGlow\Quantity\Words::first($idea->name), $wide - 24) }}</text>
        <rect
            class="trail"
            x="0"
            y="{{ $y + 2 }}"
            width="{{ $wide }}"
            height="18"
        />
        @foreach ($day->spans($idea->day) as [$x, $w, $kind])
            @if ($kind !== 'dark')
                <rect
                    class="glow-span"
                    x="{{ $x }}"
                    y="{{ $y + 2 }}"
                    width="{{ $w }}"
                    height="18"
                />
                @endif @if ($kind !== 'lit')
                    <rect
                        x="{{ $x }}"
                        y="{{ $y + 2 }}"
                        width="{{ $w }}"
                        height="18"
                        fill="url(#{{ $id }}-{{ $kind === 'dark' ? 'dark' : 'waste' }})"
                    />
                @endif
            @endforeach
        @endforeach
        @if ($over !== null)
            @php($y = 78 + 44 * $rows)
            <text
                x="0"
                y="{{ $y - 4 }}"
            >{{ BenchGlow\Drawing\Shape::cut($k + 1 . ' filled, ' . ($over + 1) . ' framed over it', $wide - 24) }}</text>
            <rect
                class="trail"
                x="0"
                y="{{ $y + 2 }}"
                width="{{ $wide }}"
                height="18"
            />
            @foreach ($day->spans($trails[$k]->day) as [$x, $w, $kind])
                @if ($kind !== 'dark')
                    <rect
                        class="glow-span"
                        x="{{ $x }}"
                        y="{{ $y + 2 }}"
                        width="{{ $w }}"
                        height="18"
                    />
                @endif
            @endforeach
            @foreach ($day->spans($trails[$over]->day) as [$x, $w, $kind])
                @if ($kind !== 'dark')
                    <rect
                        class="over-span"
                        x="{{ $x }}"
                        y="{{ $y + 1 }}"
                        width="{{ $w }}"
                        height="20"
                    />
                @endif
            @endforeach
        @endif
        @if ($trails !== [] && $trails[$k]->day->battery !== [])
            <text
                x="0"
                y="{{ $below + 14 }}"
            >{{ BenchGlow\Drawing\Shape::cut('Battery, this circuit alone: ' . BenchGlow\Quantity\Words::within($trails[$k]->name), $wide - 24) }}</text>
            <path
                class="rule"
                d="M0 {{ $below + 20 }}H{{ $wide }}M0 {{ $below + 68 }}H{{ $wide }}"
            />
            <polyline
                class="battery"
                points="{{ $day->course($trails[$k]->day, $below + 20, 48) }}"
            />
        @endif
        @if ($day->hangs())
            @php($hung = max(5, min($wide - 5, $day->x($day->moment()))))
            <path
                class="moment"
                d="M{{ $day->x($day->moment()) }} 22V{{ $below - 10 }}"
            />
            <path
                class="bob"
                d="M{{ $hung }} {{ $below }}l-5 -9h10z"
            />
        @endif
        @foreach ($day->events() as $event)
            <circle
                class="event-dot"
                cx="{{ max(7, min($wide - 7, $event['x'])) }}"
                cy="11"
                r="6"
                data-event="{{ $event['n'] }}"
            >
                <title>{{ BenchGlow\Quantity\Clock::show($event['at']) }} {{ $event['words'] }}</title>
            </circle>
        @endforeach
</svg>
