@php($way = $page->host()->way())
<section
    class="way-probe"
    aria-label="{{ $way->way->label }}"
>
    <h2>{{ $way->way->label }}, its fuse out</h2>
    <svg
        viewBox="0 0 300 70"
        width="300"
        height="70"
        aria-hidden="true"
    >
        <path
            class="bar-copper"
            d="M10 4V66"
        />
        @foreach (['first', 'second'] as $n => $slot)
            @php($live = $way->slots !== null && $n === 0)
            <rect
                @class(['slot', 'live' => $live])
                x="60"
                y="{{ 8 + 30 * $n }}"
                width="46"
                height="22"
            />
            <text
                x="118"
                y="{{ 24 + 30 * $n }}"
            >{{ $way->slots === null ? $slot . ' slot' : number_format($way->slots[$n], 1) . ' V, ' . ($n === 0 ? 'live: the line' : 'the load') }}</text>
        @endforeach
    </svg>
    <x-form
        op="probe_way"
        echo="way-echo"
        render="all"
        class="says"
        :with="['way' => $way->way->id, 'with' => json_encode((object) $frame->thrown())]"
    >
        <x-field
            id="way-first"
            label="First slot"
            name="first"
            size="6"
        /><x-field
            id="way-second"
            label="second slot"
            name="second"
            size="6"
        /><x-select
            id="way-leg"
            label="the tap's common leg goes into"
            name="leg"
            :options="['' => 'no tap yet', 'first' => 'the first', 'second' => 'the second']"
        /><x-field
            id="way-over"
            label="or over the fuse, in and loaded"
            name="over"
            size="7"
            placeholder="14 mV"
        />
        <button class="button is-small">Keep the way's readings</button><span
            class="echo"
            id="way-echo"
        ></span></x-form>
    <p class="muted">
        @if ($way->feeds !== [])
            It feeds
            {{ BenchGlow\Quantity\Words::join(array_map(fn($id) => BenchGlow\Quantity\Words::within($frame->names()->name($id)), $way->feeds), 'and') }}.
        @endif
        The fuse stays as large as it was; a tap brings its own.
    </p>
</section>
