@php($plan = $page->plan)
@php($pins = $page->loom->pins())
@php($focus = $page->focus())
<svg
    id="loom"
    class="loom"
    viewBox="0 0 724 {{ $page->loom->height() + ($page->list->loom->unlaid() === [] ? 0 : 34) }}"
    width="724"
    height="{{ $page->loom->height() + ($page->list->loom->unlaid() === [] ? 0 : 34) }}"
    role="group"
    aria-label="The loom, metres from the source"
>
    <defs>
        <pattern
            id="hatch"
            width="10"
            height="10"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
        >
            <path
                class="hatch"
                d="M0 0v10"
            />
        </pattern>
    </defs>
    <g class="tape">
        <path d="M20 6V44" />
        <rect
            x="26"
            y="10"
            width="658"
            height="30"
        />
        <rect
            class="box"
            x="684"
            y="6"
            width="36"
            height="38"
            rx="8"
        />
        <circle
            class="eye"
            cx="702"
            cy="25"
            r="9"
        />
        @foreach ($plan->tape as $mark)
            @if ($mark['zigzag'])
                <path
                    class="zigzag"
                    d="M{{ $mark['x'] - 17 }} 10l5 7l-6 8l6 8l-5 7"
                />
            @endif
        @endforeach
        @foreach ($plan->tape as $n => $mark)
            <path d="M{{ $mark['x'] }} 40v-10" />
            @if ($mark['said'])
                <text
                    x="{{ $mark['x'] }}"
                    y="25"
                    text-anchor="middle"
                >{{ $n === 0 ? '0 m' : number_format($mark['m'], 2) }}</text>
            @endif
        @endforeach
    </g>
    @foreach ($page->loom->bands() as $band)
        <rect
            class="band"
            x="{{ $band['x'] }}"
            y="{{ $band['y'] }}"
            width="{{ $band['w'] }}"
            height="{{ $band['h'] }}"
        />
        <text
            class="band-words"
            x="{{ $band['x'] + $band['w'] - 4 }}"
            y="{{ $band['y'] + ($band['w'] > 260 ? 12 : $band['h'] - 5) }}"
            text-anchor="end"
        >{{ $band['words'] }}</text>
    @endforeach
    <g class="source">
        <path d="M24 {{ $plan->laneY(0) - 16 }}v32M32 {{ $plan->laneY(0) - 8 }}v16" />
        @if ($plan->tape !== [])
            <path
                class="to-source"
                d="M34 {{ $plan->laneY(0) }}H{{ $plan->tape[0]['x'] }}"
            />
        @endif
    </g>
    @foreach (array_keys($plan->drawn) as $id)
        @continue(!$page->loom->isShown($id))
        <a
            href="{{ $page->look($id) }}"
            hx-get="{{ $page->look($id) }}"
            hx-swap="none"
            hx-push-url="true"
            aria-label="{{ $page->name($id) }}: {{ $page->caption($id) }}"
            @if ($id === $focus) aria-current="true" @endif
            @class(['stretch', $page->loom->state($id), 'here' => $id === $focus])
        >
            @php($thick = $plan->thick($id))
            @if ($id === $focus)
                <path
                    class="lift"
                    d="{{ $plan->path($id) }}"
                    stroke-width="{{ $thick + 12 }}"
                />
                <path
                    class="inner"
                    d="{{ $plan->path($id) }}"
                    stroke-width="{{ $thick + 5 }}"
                />
            @endif
            <path
                class="reach"
                d="{{ $plan->path($id) }}"
                stroke-width="{{ max(24, $thick) }}"
            />
            <path
                class="bundle"
                d="{{ $plan->path($id) }}"
                stroke-width="{{ $thick }}"
            />
            @if ($page->loom->state($id) !== 'carrying')
                <path
                    class="hollow"
                    d="{{ $plan->path($id) }}"
                    stroke-width="{{ max(1.5, $thick - 4) }}"
                />
            @else
                <path
                    class="ticks"
                    d="{{ $plan->path($id) }}"
                />
            @endif
        </a>
    @endforeach
    @foreach ($plan->ties as $id)
        @php([$a, $b] = [$page->list->build->routes[$id]->from, $page->list->build->routes[$id]->to])
        @if (isset($plan->x[$a], $plan->x[$b]) && $page->loom->isPlaceShown($a) && $page->loom->isPlaceShown($b))
            <path
                class="tie"
                d="{{ $plan->loop($a, $b) }}"
            />
        @endif
    @endforeach
    @foreach ($plan->brackets() as $id => $box)
        @php($carrier = $page->list->build->carriers[$id])
        <path
            class="bracket"
            d="M{{ $box['x0'] + 12 }} {{ $box['y0'] }}H{{ $box['x0'] }}V{{ $box['y1'] }}h12M{{ $box['x1'] - 12 }} {{ $box['y0'] }}H{{ $box['x1'] }}V{{ $box['y1'] }}h-12"
        />
        <text
            class="carrier"
            x="{{ min($box['x0'] + 16, 560) }}"
            y="{{ $box['y0'] + 4 }}"
        >{{ $carrier->label }} {{ $carrier->words() }}</text>
    @endforeach
    @foreach ($page->loom->captions() as $id => $caption)
        @continue(!$page->loom->isShown($id))
        @if ($caption['words'] !== '')
            <text
                class="caption"
                x="{{ $caption['x'] }}"
                y="{{ $caption['y'] }}"
                text-anchor="middle"
            >{{ $caption['words'] }}</text>
        @else
            <text
                class="number"
                x="{{ $caption['x'] }}"
                y="{{ $caption['y'] }}"
                text-anchor="middle"
            >{{ $caption['number'] }}</text>
        @endif
    @endforeach
    @foreach ($page->places() as $place => $label)
        @continue(!isset($plan->x[$place]) || !$page->loom->isPlaceShown($place))
        @php($tag = $plan->tag($place, $label))
        <g
            class="place"
            transform="translate({{ $tag['x'] }} {{ $tag['y'] }})"
        >
            <path d="M0 0h{{ $tag['w'] - 9 }}l9 10l-9 10h-{{ $tag['w'] - 9 }}z" />
            <circle
                cx="8"
                cy="10"
                r="2.6"
            />
            <text
                x="15"
                y="14.5"
            >{{ $tag['words'] }}</text>
        </g>
    @endforeach
    @foreach ($page->loom->jointsAt() as $place => $joints)
        @if (isset($plan->x[$place]) && $page->loom->isPlaceShown($place))
            <g
                class="joint"
                transform="translate({{ $plan->x[$place] }} {{ $plan->y($place) }})"
            >
                <circle r="11" />
                <text
                    y="4.5"
                    text-anchor="middle"
                >{{ $page->loom->letter($joints[0]) }}{{ count($joints) > 1 ? count($joints) : '' }}</text>
            </g>
        @endif
    @endforeach
    @foreach ($page->list->build->holes as $hole)
        @if (isset($plan->drawn[$hole->for]) && $page->loom->isShown($hole->for))
            <ellipse
                @class(['grommet', 'bare' => !$hole->isGuarded()])
                cx="{{ $plan->x[$plan->drawn[$hole->for][0]] + 20 }}"
                cy="{{ $plan->y($plan->drawn[$hole->for][1]) }}"
                rx="5"
                ry="{{ $plan->thick($hole->for) / 2 + 6 }}"
            />
        @endif
    @endforeach
    @foreach ($page->loom->inLine() as $thing)
        @if ($thing['kind'] === 'plug')
            <g
                class="plug"
                transform="translate({{ $thing['x'] }} {{ $thing['y'] }})"
            >
                <path d="M-22 -13h18v26h-18zM-8 -13v26M6 -8h16v16h-16z" />
                <text
                    y="30"
                    text-anchor="middle"
                >{{ Illuminate\Support\Str::limit($thing['words'], 22, '…') }}</text>
            </g>
        @else
            <g
                class="fuse"
                transform="translate({{ $thing['x'] }} {{ $thing['y'] }})"
            >
                <path d="M-2 -9h28v18h-28zM-2 0h28" />
                <text
                    x="12"
                    y="24"
                    text-anchor="middle"
                >{{ $thing['words'] }}</text>
            </g>
        @endif
    @endforeach
    @foreach ($pins as $id => $numbers)
        @if (isset($plan->drawn[$id]) && $page->loom->isShown($id))
            @php([$px, $py] = $plan->middle($id))
            <g
                class="pin"
                transform="translate({{ $px }} {{ $py }})"
            >
                <circle r="12" />
                <text
                    y="5"
                    text-anchor="middle"
                >{{ $numbers[0] }}</text>
            </g>
        @endif
    @endforeach
    @if ($page->list->loom->unlaid() !== [])
        <path
            class="unlaid"
            d="M0 {{ $page->loom->height() }}h70q24 0 34 16"
        />
        <text
            class="unlaid-words"
            x="0"
            y="{{ $page->loom->height() + 28 }}"
        >{{ $page->loom->unlaidWords() }}</text>
    @endif
</svg>
@if ($page->loom->folded() > 0)
    <p class="loom-key"><a
            href="{{ $frame->url(['all' => '1']) }}"
            hx-get="{{ $frame->url(['all' => '1']) }}"
            hx-swap="none"
            hx-push-url="true"
        >{{ $page->loom->folded() === 1 ? 'One branch more' : $page->loom->folded() . ' branches more' }}</a></p>
@endif
@if ($page->loom->keyed() !== [])
    <p class="loom-key">
        @foreach ($page->loom->keyed() as $n => $words)
            <b>{{ $n }}</b> {{ $words }}{{ $loop->last ? '' : ' · ' }}
        @endforeach
    </p>
@endif
<ol class="is-sr-only">
    @foreach ($page->list->loom->stretches as $id => $stretch)
        <li>{{ $page->name($id) }}: {{ $page->caption($id) }}, {{ $page->loom->stateWords($id) }}</li>
    @endforeach
</ol>
<nav
    class="is-sr-only"
    aria-label="Along the loom"
>
    @foreach ($page->loom->around() as $arrow => $url)
        <a
            href="{{ $url }}"
            hx-get="{{ $url }}"
            hx-swap="none"
            data-loom-by="{{ $arrow }}"
        >{{ ['←' => 'toward the source', '→' => 'away from the source', '↑' => 'up a lane', '↓' => 'down a lane'][$arrow] }}</a>
    @endforeach
</nav>
