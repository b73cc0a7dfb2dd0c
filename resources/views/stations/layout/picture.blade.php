@php($picture = $page->picture())
@php($glow = $page->glow())
@php($laid = $page->laid)
@if ($laid->kind === 'sensor')
    @include('stations.layout.sensor')
@elseif ($laid->kind === 'stray')
    @include('stations.layout.stray')
@else
    <div
        @class(['is-row' => $laid->kind === 'hole_row'])
        @if ($laid->kind === 'hole_row') tabindex="0" role="region" aria-label="The row, pushed along" @endif
    ><svg
            id="layout-picture"
            @class([
                'layout-picture',
                'is-lit' => $page->isLit(),
                'is-dry' => !$page->isLit(),
            ])
            viewBox="0 0 724 {{ $picture->height() }}"
            width="724"
            height="{{ $picture->height() }}"
            role="group"
            aria-label="{{ $laid->label }}, seen from the {{ $page->isBack() ? 'back' : 'front' }}"
            data-scale="{{ $picture->scale() }}"
            data-pitch="{{ 1000 * ($page->path()?->pitchM ?? 0) }}"
        >
            <clipPath id="face-clip">
                <path
                    d="{{ $picture->outline() }}"
                    clip-rule="nonzero"
                />
            </clipPath>
            <path
                class="face-edge"
                d="{{ $picture->outline() }}"
                fill-rule="nonzero"
            />
            @if ($glow)
                @php($x0 = $picture->x($page->isBack() ? $glow->box[0] + $glow->box[2] : $glow->box[0]))
                <g clip-path="url(#face-clip)">
                    <image
                        href="data:image/png;base64,{{ $glow->png }}"
                        x="{{ $x0 }}"
                        y="{{ $picture->y($glow->box[1]) }}"
                        width="{{ $picture->px($glow->box[2]) }}"
                        height="{{ $picture->px($glow->box[3]) }}"
                        preserveAspectRatio="none"
                        @if ($page->isBack()) transform="translate({{ 2 * $x0 + $picture->px($glow->box[2]) }} 0) scale(-1 1)" @endif
                    />
                </g>
                @foreach ($picture->contours() as $contour)
                    <path
                        class="contour"
                        d="{{ $contour['d'] }}"
                    />
                @endforeach
                @foreach ($picture->contours() as $contour)
                    @if ($contour['share'] !== '')
                        <circle
                            class="share"
                            cx="{{ $contour['x'] }}"
                            cy="{{ $contour['y'] }}"
                            r="14"
                        />
                        <text
                            class="share"
                            x="{{ $contour['x'] }}"
                            y="{{ $contour['y'] + 5 }}"
                            text-anchor="middle"
                        >{{ $contour['share'] }}</text>
                    @endif
                @endforeach
            @endif
            <path
                class="face-line"
                d="{{ $picture->outline() }}"
            />
            @if ($picture->margin() !== '')
                <path
                    class="margin"
                    d="{{ $picture->margin() }}"
                />
            @endif
            @foreach ($picture->inTheWay() as $shadow)
                <rect
                    class="in-the-way"
                    x="{{ $shadow['x'] }}"
                    y="{{ $picture->y(0) - 5 }}"
                    width="{{ $shadow['w'] }}"
                    height="10"
                />
            @endforeach
            @foreach ($picture->strip->limbs() as $limb)
                <g
                    class="limb"
                    transform="translate({{ $limb['x'] }} {{ $limb['y'] }}) rotate({{ $limb['turn'] }})"
                >
                    <rect
                        x="0"
                        y="-9"
                        width="{{ $limb['w'] }}"
                        height="18"
                        rx="3"
                    />
                    <circle
                        cx="0"
                        cy="0"
                        r="3.5"
                    />
                    @if ($limb['number'] !== '')
                        <text
                            x="{{ $limb['w'] - 9 }}"
                            y="5"
                            text-anchor="end"
                            @if (abs($limb['turn']) > 100) transform="rotate(180 {{ $limb['w'] - 22 }} 0)" @endif
                        >{{ $limb['number'] }}</text>
                    @endif
                </g>
            @endforeach
            @foreach ($picture->strip->bands() as $band)
                <path
                    class="band"
                    d="{{ $band['d'] }}"
                    stroke-width="{{ $band['wide'] }}"
                />
            @endforeach
            @foreach ($picture->before() as $d)
                <path
                    class="before"
                    d="{{ $d }}"
                />
            @endforeach
            @foreach ($picture->pads() as $pad)
                <rect
                    class="pad"
                    x="{{ -$pad['w'] / 2 }}"
                    y="{{ -$pad['h'] / 2 }}"
                    width="{{ $pad['w'] }}"
                    height="{{ $pad['h'] }}"
                    fill="{{ $pad['fill'] }}"
                    transform="translate({{ $pad['x'] }} {{ $pad['y'] }}) rotate({{ $pad['turn'] }})"
                />
            @endforeach
            @foreach ($picture->strip->gaps() as $gap)
                <path
                    class="gap"
                    d="{{ $gap['d'] }}"
                />
                <text
                    class="words"
                    x="{{ min(718, $gap['x'] + 8) }}"
                    y="{{ $gap['y'] + 16 }}"
                    @if ($gap['x'] > 640) text-anchor="end" @endif
                >{{ $gap['words'] }}</text>
            @endforeach
            @foreach ($picture->holes() as $hole)
                <circle
                    class="hole"
                    cx="{{ $hole['x'] }}"
                    cy="{{ $hole['y'] }}"
                    r="{{ $hole['r'] }}"
                />
                <text
                    class="words"
                    x="{{ $hole['x'] }}"
                    y="{{ $hole['y'] - $hole['r'] - 5 }}"
                    text-anchor="middle"
                >{{ $hole['n'] }}</text>
                @if ($page->isBack())
                    <path
                        class="legs"
                        d="M{{ $hole['x'] - 3 }} {{ $hole['y'] }}v12M{{ $hole['x'] + 3 }} {{ $hole['y'] }}v17"
                    />
                    <text
                        class="words small"
                        x="{{ $hole['x'] }}"
                        y="{{ $picture->under() + 18 }}"
                        text-anchor="middle"
                    >{{ $hole['legs'] }}</text>
                    <text
                        class="words small"
                        x="{{ $hole['x'] }}"
                        y="{{ $picture->under() + 36 }}"
                        text-anchor="middle"
                    >{{ $hole['words'] }}</text>
                @endif
            @endforeach
            @foreach ($picture->marks() as $mark)
                <a
                    href="{{ $mark['url'] }}"
                    data-drags="mark-{{ $mark['n'] - 1 }}"
                    data-way="{{ $mark['way'] }}"
                >
                    <circle
                        @class(['hole', 'here' => $mark['here']])
                        cx="{{ $mark['x'] }}"
                        cy="{{ $mark['y'] }}"
                        r="{{ $mark['r'] }}"
                    />
                    <path
                        class="cross"
                        d="M{{ $mark['x'] - 10 }} {{ $mark['y'] }}h20M{{ $mark['x'] }} {{ $mark['y'] - 10 }}v20"
                    />
                    <text
                        class="words"
                        x="{{ $mark['x'] + 10 }}"
                        y="{{ $mark['y'] - 8 }}"
                    >{{ $mark['n'] }}</text>
                </a>
            @endforeach
            @foreach ($page->islands() as $island)
                <text
                    class="island"
                    x="{{ $picture->x($island['x']) }}"
                    y="{{ $picture->y($island['y']) + 5 }}"
                    text-anchor="middle"
                >{{ $island['letter'] }}</text>
            @endforeach
            @foreach ($picture->strip->corners() as $corner)
                <a
                    href="{{ $corner['url'] }}"
                    hx-get="{{ $corner['url'] }}"
                    hx-swap="none"
                    hx-push-url="true"
                    aria-label="The corner: {{ App\Stations\Layout\Forms\CornerForm::KINDS[$corner['kind']] ?? '' }}. Open it"
                >
                    <rect
                        @class(['corner', 'here' => $corner['open']])
                        x="{{ $corner['x'] - 13 }}"
                        y="{{ $corner['y'] - 13 }}"
                        width="26"
                        height="26"
                    />
                </a>
            @endforeach
            @if ($page->isLit() && $page->tip())
                @php([$tx, $ty] = $page->tip())
                <g
                    class="light-tip"
                    data-tip
                >
                    <circle
                        cx="{{ $picture->x($tx) }}"
                        cy="{{ $picture->y($ty) }}"
                        r="11"
                    />
                    <circle
                        class="inner"
                        cx="{{ $picture->x($tx) }}"
                        cy="{{ $picture->y($ty) }}"
                        r="6"
                    />
                    <path d="M{{ $picture->x($tx) }} {{ $picture->y($ty) + 11 }}v30" />
                </g>
            @endif
            @if ($glow && $page->isLit())
                <g
                    class="darkest"
                    transform="translate({{ $picture->x($glow->darkest[0]) }} {{ $picture->y($glow->darkest[1]) }})"
                >
                    <path d="M0 0l-7 -13a8 8 0 1 1 14 0z" />
                    <circle
                        cy="-17"
                        r="3"
                    />
                </g>
            @endif
            @foreach ($picture->eyes() as $eye)
                <g
                    class="eye"
                    transform="translate({{ $eye['x'] }} {{ $eye['y'] }})"
                >
                    <path d="M-15 0q15 -18 30 0q-15 18 -30 0z" />
                    <circle r="5" />
                    <text
                        x="{{ $eye['x'] > 560 ? -20 : 20 }}"
                        y="5"
                        @if ($eye['x'] > 560) text-anchor="end" @endif
                    >{{ $eye['n'] }} {{ $eye['words'] }}</text>
                </g>
            @endforeach
            @foreach ($picture->strip->sizes() as $size)
                <path
                    class="dimension"
                    d="{{ $size['d'] }}"
                />
                @if ($size['room'])
                    <foreignObject
                        x="{{ $size['x'] - 52 }}"
                        y="{{ $size['y'] - 18 }}"
                        width="104"
                        height="60"
                    >
                        <div class="size-at">
                            @include('stations.layout.size', [
                                'box' => "size-{$size['n']}",
                                'field' => "segments.{$size['n']}.straight_m",
                                'heard' => 'Straight ' . ($size['n'] + 1),
                                'class' => '',
                                'value' =>
                                    $frame->preference->units === 'imperial'
                                        ? $frame->length($size['m'])
                                        : $page->short($size['m']),
                                'echo' => BenchGlow\Quantity\Shown::length(
                                    $size['m'],
                                    $frame->preference->units === 'imperial' ? 'metric' : 'imperial'),
                            ])
                        </div>
                    </foreignObject>
                @endif
            @endforeach
            @if ($laid->kind === 'panel' && $page->lit())
                <text
                    class="words"
                    x="{{ $picture->x($picture->face->bounds()[$page->isBack() ? 2 : 0]) }}"
                    y="{{ $picture->under() + 24 }}"
                >{{ $frame->length($picture->face->width()) }} wide, {{ $frame->length($picture->face->height()) }}
                    high,
                    {{ $frame->length($page->lit()->depthM) }} deep</text>
            @endif
        </svg></div>
    @if ($page->path() && $page->path()->pathM > 1.2)
        @include('stations.layout.bands')
    @endif
    @if ($page->travel())
        <p class="viewer">They move with what carries them:
            {{ BenchGlow\Quantity\Shown::plain($page->travel()['shut'], 0) }} lx on the mean with it shut,
            {{ BenchGlow\Quantity\Shown::plain($page->travel()['open'], 0) }} lx open.</p>
    @endif
    @foreach ($page->viewers() as $n => $viewer)
        <p class="viewer"><svg
                viewBox="0 0 34 20"
                width="34"
                height="20"
                aria-hidden="true"
            >
                <path d="M2 10q15 -18 30 0q-15 18 -30 0z" />
                <circle
                    cx="17"
                    cy="10"
                    r="5"
                />
            </svg>{{ $n + 1 }}, {{ $viewer->words() }}</p>
    @endforeach
    @if ($glow?->grown)
        <p class="muted">So much of it is lit that its cells were made larger: {{ $glow->cells }} of them.</p>
    @endif
@endif
