@php($first = $frame->analysis->build->mainSupply())
<fieldset class="positions">
    <legend class="is-sr-only">Supply</legend>
    @foreach (App\Frame\Address::SUPPLY as $name => $state)
        <label @class(['here' => $frame->supply === $name])><input
                type="radio"
                name="s"
                value="{{ $name }}"
                @checked($frame->supply === $name)
                data-key="{{ $name[0] }}"
                hx-get="{{ $frame->url(['s' => $name === 'normal' ? '' : $name]) }}"
                hx-trigger="change"
                hx-swap="none"
                hx-push-url="false"
            ><span>{{ $name }}</span><span
                class="figure">{{ $first ? BenchGlow\Quantity\Shown::plain($first->volts($state), 1) : '—' }}</span></label>
    @endforeach
</fieldset>
<noscript>
    <p class="by-hand">Supply:
        @foreach (App\Frame\Address::SUPPLY as $name => $state)
            <a href="{{ $frame->url(['s' => $name === 'normal' ? '' : $name]) }}">{{ $name }}</a>
        @endforeach
    </p>
</noscript>
