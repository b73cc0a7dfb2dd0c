@include('frame.head', ['title' => $frame->document->title(), 'preference' => $frame->preference])

<body
    class="{{ $frame->station->key() }}"
    data-build="{{ $frame->build->key }}"
    data-rights="{{ App\LocalNet\Visitor::now()->rights ?? '' }}"
    @if ($frame->preference->keys_on) data-keys @endif
    hx-swap="none"
    hx-include="#base"
    hx-sync="#bench:queue all"
>
    <a
        class="skip"
        href="#plate"
    >To the plate</a>
    <input
        type="hidden"
        id="base"
        name="base"
        value="{{ $frame->base }}"
    >
    @include('frame.bar', ['preference' => $frame->preference])
    @panel('frame.run')
    <div
        id="elsewhere"
        role="status"
    ></div>
    <div id="conflict"></div>
    <p
        id="refused"
        class="refused"
    >
        @if (session('refused'))
            <span
                class="wrong"
                role="alert"
            >{{ session('refused') }}</span>
        @endif
    </p>
    <div
        id="bench"
        class="bench"
    >
        @panel('frame.flags')
        <main
            id="plate"
            class="plate"
            tabindex="-1"
        >
            @hasSection('plate')
                @yield('plate')
            @else
                @panel($frame->station->views() . '.plate')
            @endif
        </main>
        @panel('frame.meter')
    </div>
    <button
        id="meter-line"
        class="meter-line"
        type="button"
        aria-expanded="false"
        aria-controls="meter"
    >@panel('frame.line')</button>
    <p
        id="live"
        class="is-sr-only"
        aria-live="polite"
    ></p>
    @include('frame.foot')
</body>

</html>
