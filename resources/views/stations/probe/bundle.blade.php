@php($bundle = $page->bundle())
@php($rows = $bundle->rows())
@php($top = $bundle->faceTop())
@php($edge = 4 + $bundle->faceWidth())
<section
    class="bundle"
    aria-label="The bundle"
>
    @if ($page->connectors() !== [])
        <p class="connectors">
            @foreach ($page->connectors() as [$label, $url])
                <a href="{{ $url }}">{{ $label }}</a>
            @endforeach
        </p>
    @endif
    <svg
        @class(['bundle-drawing', 'power-off' => !$page->asked->powered()])
        viewBox="0 0 724 {{ $bundle->height() }}"
        width="724"
        height="{{ $bundle->height() }}"
    >
        <title>The bundle, each wire with its readings</title>
        <a href="{{ $bundle->mirror() }}">
            <text
                class="words"
                x="4"
                y="{{ $top - 26 }}"
            >{{ $bundle->side() }}</text>
        </a>
        <path
            class="shell"
            d="M{{ 4 + $bundle->faceWidth() / 2 - 26 }} {{ $top }}V{{ $top - 12 }}H{{ 4 + $bundle->faceWidth() / 2 + 26 }}V{{ $top }}"
        />
        <rect
            class="shell"
            x="4"
            y="{{ $top }}"
            width="{{ $bundle->faceWidth() }}"
            height="{{ $bundle->faceHeight() }}"
            rx="8"
        />
        @foreach ($rows as $row)
            <a
                href="{{ $row->url }}"
                aria-label="{{ $bundle->said($row) }}"
                data-wire="{{ $row->judged->wire->id }}"
                @if ($row->here) aria-current="true" class="here" @endif
            >
                <path
                    class="edge"
                    stroke-width="{{ $row->thick() + 2 }}"
                    d="{{ $row->path($edge) }}"
                />
                <path
                    class="insulation"
                    stroke="{{ $row->colour() }}"
                    stroke-width="{{ $row->thick() }}"
                    d="{{ $row->path($edge) }}"
                />
                @if ($row->tracer() !== '')
                    <path
                        class="tracer"
                        stroke="{{ $row->tracer() }}"
                        stroke-width="{{ round($row->thick() / 3, 1) }}"
                        d="{{ $row->path($edge) }}"
                    />
                @endif
                <g transform="translate({{ App\Stations\Probe\Bundled::END }} {{ $row->y }})">
                    @include('stations.probe.end', [
                        'end' => App\Stations\Probe\Bundled::end($row->judged),
                    ])</g>
                @if ($row->judged->wire->became)
                    <path
                        class="knot"
                        d="M{{ App\Stations\Probe\Bundled::END + 34 }} {{ $row->y }}c6 -2 12 -8 7 -14s-14 0 -9 8"
                    />
                @endif
                @foreach ($lines = $bundle->nameLines($row) as $l => $line)
                    <text
                        class="name"
                        x="598"
                        y="{{ $row->y - 3 - 17 * (count($lines) - 1 - $l) }}"
                    >{{ $line }}</text>
                @endforeach
                <text
                    class="words"
                    x="598"
                    y="{{ $row->y + 15 }}"
                >{{ App\Stations\Probe\Bundled::certainty($row->judged) }}</text>
                <text
                    @class(['colour', 'here' => $row->here])
                    x="{{ $edge + 50 }}"
                    y="{{ $row->y - $row->thick() / 2 - 6 }}"
                >{{ $row->judged->wire->colours() }}</text>
            </a>
            @if ($row->pin)
                {!! BenchGlow\Drawing\Svg::shapes([$row->pin]) !!}
            @endif
            @foreach ($row->plumbs as $n => [$figure, $words, $times])
                @php($x = $edge + 170 + 104 * $n - ($edge > 100 ? 20 : 0))
                <g class="plumb">
                    <path d="M{{ $x }} {{ $row->y }}v12" />
                    <path
                        class="bob"
                        d="M{{ $x - 5 }} {{ $row->y + 12 }}h10v6l-5 9l-5 -9Z"
                    />
                    <text
                        class="figure"
                        x="{{ $x + 10 }}"
                        y="{{ $row->y + 24 }}"
                    >{{ $figure }}{{ $times > 1 ? " ×{$times}" : '' }}</text>
                    <text
                        class="words"
                        x="{{ $x + 10 }}"
                        y="{{ $row->y + 41 }}"
                    >{{ BenchGlow\Drawing\Shape::cut($words, 92) }}</text>
                </g>
            @endforeach
            @if ($row->older > 0 && $row->plumbs !== [])
                <text
                    class="words"
                    x="{{ $edge + 120 - ($edge > 100 ? 20 : 0) }}"
                    y="{{ $row->y + 24 }}"
                >+{{ $row->older }}</text>
            @endif
            @if ($row->here && $page->asked->test)
                @php($x = $edge + 170 + 104 * count($row->plumbs) - ($edge > 100 ? 20 : 0))
                <g class="plumb next">
                    <path d="M{{ $x }} {{ $row->y }}v12" />
                    <path
                        class="bob"
                        d="M{{ $x - 5 }} {{ $row->y + 12 }}h10v6l-5 9l-5 -9Z"
                    />
                    <text
                        class="words"
                        x="{{ $x + 10 }}"
                        y="{{ $row->y + 24 }}"
                    >next</text>
                    <text
                        class="words"
                        x="{{ $x + 10 }}"
                        y="{{ $row->y + 41 }}"
                    >{{ BenchGlow\Drawing\Shape::cut($bundle->nextWords(), 92) }}</text>
                </g>
            @endif
        @endforeach
        @foreach ($rows as $row)
            <g @class(['cavity', 'here' => $row->here])>
                <rect
                    x="{{ $row->cx - 12 }}"
                    y="{{ $row->cy - 12 }}"
                    width="24"
                    height="24"
                    rx="4"
                />
                <text
                    x="{{ $row->cx }}"
                    y="{{ $row->cy + 6 }}"
                    text-anchor="middle"
                >{{ $row->judged->wire->way ?? '·' }}</text>
            </g>
            @if ($row->here)
                <g class="tip-mark">
                    <path d="M{{ $row->cx - 2 }} {{ $row->cy + 12 }}l-14 22l8 4Z" />
                    <path
                        class="stick"
                        d="M{{ $row->cx - 12 }} {{ $row->cy + 36 }}v{{ max(20, $top + $bundle->faceHeight() - $row->cy - 12) }}"
                    />
                    <text
                        class="words"
                        x="{{ $row->cx - 4 }}"
                        y="{{ max($row->cy + 56, $top + $bundle->faceHeight() + 20) }}"
                    >{{ $page->asked->instrument() === 'test_lamp' ? 'lamp' : ($page->asked->to() === 'plus' ? 'black tip' : 'red tip') }}</text>
                </g>
            @endif
        @endforeach
    </svg>
    <ul
        class="bundle-list"
        aria-label="All wires, one a line"
    >
        @foreach ($rows as $row)
            <li><a
                    @class(['here' => $row->here])
                    href="{{ $row->url }}"
                ><svg
                        class="swatch"
                        viewBox="0 0 40 18"
                        width="40"
                        height="18"
                        aria-hidden="true"
                    >
                        <rect
                            width="40"
                            height="18"
                            fill="{{ $row->colour() }}"
                        />
                    </svg><b>{{ BenchGlow\Quantity\Words::first($row->judged->wire->words()) }}</b>
                    {{ $row->judged->wire->colours() }}<span>{{ App\Stations\Probe\Bundled::name($row->judged) }},
                        {{ App\Stations\Probe\Bundled::certainty($row->judged) }}</span></a></li>
        @endforeach
    </ul>
</section>
