@php($fall = $page->fall())
@if ($fall)
    <div class="fall">
        <svg
            class="drawing"
            viewBox="0 0 720 {{ $fall->height }}"
            width="720"
            height="{{ $fall->height }}"
            role="img"
            aria-label="Volts left along the way, from {{ BenchGlow\Quantity\Shown::volts($fall->from) }} to {{ BenchGlow\Quantity\Shown::volts($fall->to) }}"
        >
            <path
                class="rule"
                d="M0 {{ $fall->top }}H720M0 {{ $fall->bottom }}H720"
            />
            @if ($fall->was !== '')
                <path
                    class="was-line"
                    d="{{ $fall->was }}"
                />
            @endif
            <path
                class="fall-line"
                d="{{ $fall->path }}"
            />
            @foreach ($fall->ticks as [$x, $y, $label, $anchor])
                <circle
                    cx="{{ $x }}"
                    cy="{{ $y }}"
                    r="3"
                /><text
                    class="figure"
                    x="{{ $x }}"
                    y="{{ $fall->bottom + 20 }}"
                    text-anchor="{{ $anchor }}"
                >{{ $label }}</text>
            @endforeach
            <text
                x="0"
                y="{{ $fall->top - 7 }}"
            >volts left along the way</text><text
                class="figure"
                x="720"
                y="{{ $fall->top - 7 }}"
                text-anchor="end"
            >{{ BenchGlow\Quantity\Shown::figure($fall->from) }} −
                {{ BenchGlow\Quantity\Shown::figure($fall->from - $fall->to) }} =
                {{ BenchGlow\Quantity\Shown::figure($fall->to) }} V</text>
        </svg>
        <ol
            class="path-words"
            aria-label="The way in words"
        >
            @foreach ($fall->rows as $n => $row)
                <li><a
                        href="#drawing"
                        data-shows="{{ $row['part'] }}"
                    ><span class="n">{{ $n + 1 }}</span> {{ $row['label'] }} <span
                            class="figure">−{{ BenchGlow\Quantity\Shown::figure(max(0, $row['drop'])) }} V</span></a>
                </li>
            @endforeach
        </ol>
    </div>
@endif
