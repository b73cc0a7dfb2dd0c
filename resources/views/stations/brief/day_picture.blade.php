{{-- The day hung up: rows of what happens at the left, time down the axis, a ribbon for each way, the battery last. --}}
@php($moment = $pic->moment())
@php($bottom = $pic->hanging->bottom())
<svg
    class="drawing day-picture"
    viewBox="0 0 {{ $pic->width }} {{ $pic->height() }}"
    width="{{ $pic->width }}"
    height="{{ $pic->height() }}"
    role="img"
    aria-labelledby="{{ $id }}-t"
    data-marks="{{ json_encode($pic->hanging->marks) }}"
>
    <title id="{{ $id }}-t">{{ $day->story->label }}: what happens from top to bottom, when light is wanted,
        and what
        each way does</title>
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
    @if ($moment !== null)
        <rect
            class="stand"
            x="0"
            y="{{ $moment['y'] - 11 }}"
            width="{{ $pic->width }}"
            height="22"
        />
        @if ($moment['own'])
            <text
                class="figure"
                x="4"
                y="{{ $moment['y'] + 5 }}"
            >{{ $moment['time'] }}</text>
            <text
                x="{{ $pic::CLOCK }}"
                y="{{ $moment['y'] + 5 }}"
            >the moment</text>
        @endif
    @endif
    @foreach ($pic->nights() as [$y, $h])
        <rect
            class="night"
            x="{{ $pic->axis - 5 }}"
            y="{{ $y }}"
            width="10"
            height="{{ $h }}"
        />
    @endforeach
    <path
        class="hour"
        d="M{{ $pic->axis }} {{ $pic->top }}V{{ $bottom }}"
    />
    @foreach ($pic->wanted() as [$y, $h])
        <path
            class="wanted"
            d="M{{ $pic->axis + 26 }} {{ $y }}H{{ $pic->axis + 16 }}V{{ $y + $h }}H{{ $pic->axis + 26 }}"
        />
    @endforeach
    @foreach ($trails as $n => $idea)
        @php($x = $pic->x($n))
        @php($lines = $pic->name($idea->name))
        @foreach ([(string) ($n + 1), ...$lines] as $i => $line)
            <text
                @class(['figure' => $i === 0, 'chosen-name' => $n === $k])
                x="{{ $x + $pic->ribbon / 2 }}"
                y="{{ $i === 0 ? $pic->nameY(0, count($lines) + 1) : $pic->nameY($i, count($lines) + 1) }}"
                text-anchor="middle"
            >{{ $line }}</text>
        @endforeach
        <rect
            class="trail"
            x="{{ $x }}"
            y="{{ $pic->top }}"
            width="{{ $pic->ribbon }}"
            height="{{ $bottom - $pic->top }}"
        />
        @foreach ($pic->spans($idea->day) as [$y, $h, $kind])
            @if ($kind !== 'dark')
                <rect
                    class="glow-span"
                    x="{{ $x }}"
                    y="{{ $y }}"
                    width="{{ $pic->ribbon }}"
                    height="{{ $h }}"
                />
                @endif @if ($kind !== 'lit')
                    <rect
                        x="{{ $x }}"
                        y="{{ $y }}"
                        width="{{ $pic->ribbon }}"
                        height="{{ $h }}"
                        fill="url(#{{ $id }}-{{ $kind === 'dark' ? 'dark' : 'waste' }})"
                    />
                @endif
            @endforeach
            @if ($n === $k)
                <path
                    class="chosen-ribbon"
                    d="M{{ $x }} {{ $pic->top - 4 }}h{{ $pic->ribbon }}"
                />
                @foreach ($over === null ? [] : $pic->spans($trails[$over]->day) as [$y, $h, $kind])
                    @if ($kind !== 'dark')
                        <rect
                            class="over-span"
                            x="{{ $x - 4 }}"
                            y="{{ $y }}"
                            width="{{ $pic->ribbon + 8 }}"
                            height="{{ $h }}"
                        />
                    @endif
                @endforeach
            @endif
        @endforeach
        @if ($trails !== [] && $trails[$k]->day->battery !== [])
            @php($x = $pic->x(count($trails)))
            @foreach ($pic->name('battery, this circuit alone') ?: ['bank'] as $i => $line)
                <text
                    x="{{ $x + $pic->ribbon / 2 }}"
                    y="{{ $pic->nameY($i, max(1, count($pic->name('battery, this circuit alone')))) }}"
                    text-anchor="middle"
                >{{ $line }}</text>
            @endforeach
            <rect
                class="empty-ribbon"
                x="{{ $x }}"
                y="{{ $pic->top }}"
                width="{{ $pic->ribbon }}"
                height="{{ $bottom - $pic->top }}"
            />
            <polygon
                class="battery"
                points="{{ $pic->battery($trails[$k]->day) }}"
            />
        @endif
        @foreach ($pic->folds() as [$y, $words])
            <path
                class="fold-gap"
                d="M{{ $pic->axis - 12 }} {{ $y }}H{{ $pic->width }}"
            />
            <path
                class="fold"
                d="M{{ $pic->axis }} {{ $y - 8 }}l-6 4l12 8l-6 4"
            />
            <text
                class="quiet-words"
                x="{{ $pic->axis - 14 }}"
                y="{{ $y + 5 }}"
                text-anchor="end"
            >{{ $words }}</text>
        @endforeach
        @foreach ($pic->rows() as $row)
            <text
                class="figure"
                x="4"
                y="{{ $row['y'] + 5 }}"
            >{{ $row['time'] }}</text>
            <text
                @class(['quiet-words' => $row['n'] === null])
                x="{{ $pic::CLOCK }}"
                y="{{ $row['y'] + 5 }}"
            >{{ $row['words'] }}</text>
            @if ($row['n'] !== null)
                <circle
                    class="event-dot"
                    cx="{{ $pic->axis }}"
                    cy="{{ $row['y'] }}"
                    r="6"
                    data-event="{{ $row['n'] }}"
                >
                    <title>{{ $row['time'] }} {{ $row['words'] }}</title>
                </circle>
            @endif
        @endforeach
</svg>
