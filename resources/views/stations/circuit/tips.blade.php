@php($meter = $page->live->meter())
<form
    class="tips"
    method="get"
    action="{{ $frame->url(['t' => null]) }}"
    aria-label="The meter's tips"
    hx-get="{{ $frame->url(['t' => null]) }}"
    hx-trigger="change"
    hx-swap="none"
>
    <input
        type="hidden"
        name="c"
        value="{{ $frame->circuit->id }}"
    ><input
        type="hidden"
        name="s"
        value="{{ $frame->supply }}"
    >
    @foreach ($frame->thrown() as $input => $position)
        <input
            type="hidden"
            name="i[{{ $input }}]"
            value="{{ $position }}"
        >
    @endforeach
    @foreach (['red' => 'Red tip on', 'black' => 'black tip on'] as $tip => $label)
        <span class="blank">
            <label for="tip-{{ $tip }}"><svg
                    class="tip-mark {{ $tip }}"
                    viewBox="0 0 12 16"
                    width="12"
                    height="16"
                    aria-hidden="true"
                >
                    <path d="M6 16L3 10V0H9V10Z" />
                </svg> {{ $label }}</label>
            <select
                class="typed"
                id="tip-{{ $tip }}"
                name="t[{{ $tip }}]"
            >
                <option value="">nothing</option>
                <x-options
                    :options="$page->live->places()"
                    :value="$frame->tips()[$tip] ?? null"
                />
            </select>
        </span>
    @endforeach
    <noscript><button class="button is-small">Measure</button></noscript>
    <p class="tip-says">
        @if ($meter)
            <b class="figure">{{ $meter->volts === null ? '—' : BenchGlow\Quantity\Shown::reading($meter->volts) }}</b>
            {{ $frame->names()->sentence($meter->says) }}@else<span class="muted">Set both tips, here or by clicking
                two wires of the drawing:
                the meter says what a real one would show.</span>
        @endif
    </p>
</form>
