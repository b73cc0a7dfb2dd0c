@php($down = $page->loom->down())
<svg
    class="loom-narrow"
    viewBox="0 0 362 {{ $down['height'] }}"
    width="362"
    height="{{ $down['height'] }}"
    aria-hidden="true"
>
    <g class="tape">
        <rect
            x="4"
            y="0"
            width="34"
            height="{{ $down['height'] }}"
        />
        @foreach ($down['tape'] as $mark)
            <path d="M38 {{ $mark['y'] }}h-10" />
            @if ($mark['said'])
                <text
                    x="6"
                    y="{{ $mark['y'] - 3 }}"
                >{{ BenchGlow\Quantity\Shown::plain($mark['m'], 2) }}</text>
            @endif
        @endforeach
    </g>
    @foreach ($down['lines'] as $line)
        <path
            @class(['bundle', $line['state'], 'here' => $line['here']])
            d="{{ $line['d'] }}"
            stroke-width="{{ $line['thick'] }}"
        />
        <text
            class="number"
            x="{{ $line['x'] + 10 }}"
            y="{{ $line['y'] + 5 }}"
        >{{ $line['n'] }}</text>
    @endforeach
    @foreach ($down['places'] as $place)
        <circle
            class="place"
            cx="{{ $place['x'] }}"
            cy="{{ $place['y'] }}"
            r="5"
        />
    @endforeach
    @if ($down['folded'] > 0)
        <text
            class="folded"
            x="60"
            y="{{ $down['height'] - 6 }}"
        >{{ BenchGlow\Quantity\Words::count($down['folded'], 'more branch') }}{{ $down['folded'] > 1 ? 'es' : '' }}</text>
    @endif
</svg>
<ol class="stretch-rows">
    @foreach ($down['rows'] as $row)
        <li @class(['here' => $row['here']])>
            <a
                href="{{ $row['url'] }}"
                hx-get="{{ $row['url'] }}"
                hx-swap="none"
                hx-push-url="true"
            ><b>{{ $row['n'] }} {{ $row['name'] }}</b> {{ $row['caption'] }}</a>
        </li>
    @endforeach
</ol>
