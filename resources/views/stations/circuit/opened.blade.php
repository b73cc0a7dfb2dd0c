@php($opened = $page->opened)
<div
    id="opened"
    @if ($oob ?? false) hx-swap-oob="true" @endif
>
    @if ($opened)
        @php($chosen = $opened->chosen())
        <section
            class="slip-row"
            aria-label="The opened wire"
        >
            <div class="slip">
                <div class="slip-head">
                    <h2>{{ $opened->title() }}</h2>
                    <form
                        class="slip-place"
                        method="get"
                        action="{{ $opened->close() }}"
                    >
                        @foreach (['c' => $frame->circuit?->id, 's' => $frame->supply, 'w' => $frame->own('w')] as $name => $value)
                            <input
                                type="hidden"
                                name="{{ $name }}"
                                value="{{ $value }}"
                            >
                        @endforeach
                        @foreach ($frame->thrown() as $input => $position)
                            <input
                                type="hidden"
                                name="i[{{ $input }}]"
                                value="{{ $position }}"
                            >
                        @endforeach
                        @if ($nearer = $opened->step(-1))
                            <a
                                class="stepper"
                                href="{{ $nearer }}"
                                hx-get="{{ $nearer }}"
                                hx-swap="none"
                                hx-replace-url="true"
                                aria-label="0.1 m nearer the source"
                            >−</a>
                        @endif
                        <label
                            class="is-sr-only"
                            for="slip-place"
                        >Place</label>
                        <input
                            class="typed"
                            id="slip-place"
                            name="wm"
                            size="7"
                            value="{{ $opened->placeText() }}"
                            autocomplete="off"
                            aria-describedby="slip-place-echo"
                            hx-get="{{ $frame->url(['wm' => null, 'wo' => null]) }}"
                            hx-trigger="change"
                            hx-swap="none"
                            hx-include="this"
                        >
                        @if ($farther = $opened->step(1))
                            <a
                                class="stepper"
                                href="{{ $farther }}"
                                hx-get="{{ $farther }}"
                                hx-swap="none"
                                hx-replace-url="true"
                                aria-label="0.1 m farther from the source"
                            >+</a>
                        @endif
                        <span
                            class="slip-of"
                            id="slip-place-echo"
                        >{{ $opened->wrong !== '' ? $opened->wrong : $opened->ofLength() }}</span>
                    </form>
                </div>
                @if ($opened->offers() === [])
                    <p class="muted">Nothing of the shelf can go in here.</p>
                @endif
                <ul class="offers">
                    @foreach ($opened->offers() as $n => $offer)
                        @if ($n === $opened->firstCount())
                </ul>
                <details class="more-offers">
                    <summary>{{ count($opened->offers()) - $n }} more</summary>
                    <ul class="offers">
    @endif
    <li @class(['offer', 'here' => $opened->isChosen($offer)])>
        <svg
            viewBox="0 0 56 34"
            width="56"
            height="34"
            aria-hidden="true"
        >
            <path
                class="w live"
                d="M0 17H8M48 17H56"
            />{!! BenchGlow\Drawing\Svg::shapes([
                BenchGlow\Drawing\Shape::box($offer->symbol === 'relay' ? 'contact' : $offer->symbol, 6.0, 6.0, 44.0, 22.0, ''),
            ]) !!}
        </svg>
        <a
            class="offer-name"
            id="offer-{{ $n + 1 }}"
            href="{{ $frame->url(['wo' => (string) ($n + 1)]) }}"
            hx-get="{{ $frame->url(['wo' => (string) ($n + 1)]) }}"
            hx-swap="none"
            hx-replace-url="true"
            @if ($opened->isChosen($offer)) aria-current="true" @endif
        ><b>{{ $offer->name }}</b><span>{{ $offer->line }}</span></a>
        @if ($opened->isChosen($offer))
            <x-act
                :edit="$offer->edit"
                :to="$opened->act()"
                class="is-primary"
                key="i"
                :aria-label="'Put it in: ' . $offer->name"
            >Put it in</x-act>
        @endif
    </li>
    @if ($n >= $opened->firstCount() && $n === count($opened->offers()) - 1)
        </ul>
        </details>
        <ul class="offers">
    @endif
    @endforeach
    </ul>
    @php($at = $opened->at()->data)
    <div class="slip-acts">
        <details>
            <summary data-key-summary="j">Join a wire here</summary>
            <x-form
                op="connect"
                echo="join-echo"
                render="all"
                :with="$at"
                :to="$opened->act()"
            ><label for="join-to">with</label> <select
                    id="join-to"
                    name="to"
                    class="select"
                >
                    <option value="">choose …</option>
                    @foreach ($page->live->places() as $thing => $pins)
                        <optgroup label="{{ $thing }}">
                            @foreach ($pins as $pin => $words)
                                <option value="{{ $pin }}">{{ $words }}</option>
                            @endforeach
                        </optgroup>
                    @endforeach
                </select>
                <x-field
                    id="join-length"
                    label="its length"
                    name="length"
                    size="7"
                    placeholder="1.2 m"
                />
                <label><input
                        type="checkbox"
                        name="short"
                        value="1"
                    > even if it shorts</label>
                <button class="button is-small">Join them</button><span
                    class="echo"
                    id="join-echo"
                ></span></x-form>
        </details>
        <details>
            <summary>A second source</summary>
            <x-form
                op="add_source"
                echo="source-echo"
                render="all"
                :with="$at"
                :to="$opened->act()"
            ><label for="source-from">fed from</label> <select
                    id="source-from"
                    name="from"
                    class="select"
                >
                    <option value="">choose …</option>
                    @foreach ($page->sources() as $from => $words)
                        <option value="{{ $from }}">{{ $words }}</option>
                    @endforeach
                </select>
                <button class="button is-small">Feed it too</button><span
                    class="echo"
                    id="source-echo"
                ></span>
                <p class="muted">With its own fuse, and a diode in each of the two.</p>
            </x-form>
        </details>
        <x-act
            :edit="$opened->takeOff()"
            :to="$opened->act()"
            class="is-small"
        >Take this wire off</x-act>
        <a
            class="button is-small"
            href="{{ $opened->close() }}"
            hx-get="{{ $opened->close() }}"
            hx-swap="none"
            hx-push-url="true"
            data-key="Escape"
        >Close the wire</a>
    </div>
</div>
@if ($chosen)
    <div class="slip-says">
        <p><b>With {{ lcfirst($chosen->name) }}</b>, tried on this circuit: <span
                class="figure">{{ $chosen->would }}</span> at the weakest lamp.</p>
        <ul class="situations">
            @foreach ($chosen->situations as [$when, $does, $right])
                <li @class(['wrong-row' => !$right])><b>{{ $when }}:</b> {{ $does }}</li>
            @endforeach
        </ul>
        <p class="muted">{{ $chosen->changes }}</p>
        @panel('stations.circuit.fall')
        @foreach ($chosen->new as $sentence)
            <p class="against"><x-severity of="warning" /> {{ $sentence }}</p>
        @endforeach
    </div>
@endif
</section>
@endif
</div>
