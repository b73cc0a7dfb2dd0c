<div
    id="light-figures"
    @if ($oob) hx-swap-oob="true" @endif
>
    @php($lux = $page?->tipLux())
    @php($glow = $page?->glow())
    @if ($page && $lux !== null)
        <p class="big figure">{{ BenchGlow\Quantity\Shown::plain($lux, $lux < 10 ? 1 : 0) }}<small> lx</small></p>
        <p class="at">at the light tip</p>
        @if ($glow)
            <dl class="small">
                <div>
                    <dd class="figure">{{ number_format((float) $glow->evenness, 2) }}</dd>
                    <dt>least/mean</dt>
                </div>
                <div>
                    <dd class="figure">{{ BenchGlow\Quantity\Shown::plain($glow->mean, 0) }} lx</dd>
                    <dt>mean</dt>
                </div>
                @if ($page->lit()->box)
                    <div>
                        <dd class="figure">{{ BenchGlow\Quantity\Shown::plain($glow->luminance, 0) }}</dd>
                        <dt>cd/m²</dt>
                    </div>
                @else
                    <div>
                        <dd class="figure">{{ BenchGlow\Quantity\Shown::plain($glow->least, 1) }} lx</dd>
                        <dt>least</dt>
                    </div>
                @endif
            </dl>
        @endif
        <p class="seen">{{ $page->stateWords() }}</p>
        <p class="tip-steps">
            @foreach (['←' => [-50, 0], '→' => [50, 0], '↑' => [0, -50], '↓' => [0, 50]] as $arrow => [$dx, $dy])
                <a
                    href="{{ $page->tipBy($dx, $dy) }}"
                    hx-get="{{ $page->tipBy($dx, $dy) }}"
                    hx-swap="none"
                    aria-label="The light tip 5 cm {{ ['←' => 'left', '→' => 'right', '↑' => 'up', '↓' => 'down'][$arrow] }}"
                    data-tip-by="{{ $arrow }}"
                >{{ $arrow }}</a>
            @endforeach
        </p>
    @elseif ($page?->candela())
        <p class="big figure">{{ BenchGlow\Quantity\Shown::plain($page->candela()[0], 1) }}<small> cd</small></p>
        <p class="at">straight ahead, all of them</p>
        <dl class="small">
            @foreach (array_slice($page->candela(), 1, null, true) as $deg => $cd)
                <div>
                    <dd class="figure">{{ BenchGlow\Quantity\Shown::plain($cd, 1) }}</dd>
                    <dt>cd at {{ $deg }}°</dt>
                </div>
            @endforeach
        </dl>
        <p class="seen">as solved now; no claim of any approval</p>
    @elseif ($page?->laid)
        <p class="big figure">{{ $page->isDry() ? 'dry' : '—' }}</p>
        <p class="at">{{ $page->laid->label }}</p>
    @else
        <p class="big figure">—</p>
        <p class="at">nothing laid out yet</p>
    @endif
</div>
