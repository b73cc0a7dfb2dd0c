@unless ($keepsBase ?? false)
    <input
        type="hidden"
        id="base"
        name="base"
        value="{{ $frame->base }}"
        hx-swap-oob="true"
    >
@endunless
@panel('frame.headline')
@panel('frame.run')
@panel('frame.flags')
@panel('frame.meter')
@panel('frame.line')
@unless ($keepsBase ?? false)
    <div
        id="conflict"
        hx-swap-oob="true"
    ></div>
    <p
        id="refused"
        class="refused"
        hx-swap-oob="true"
    ></p>
@endunless
@if ($whole)
    <main
        id="plate"
        class="plate"
        tabindex="-1"
        hx-swap-oob="true"
    >@include($frame->station->views() . '.plate', ['oob' => false])</main>
@else
    @foreach ($frame->station->outputs(false) as $output)
        @panel($output)
    @endforeach
@endif
@include('frame.echo')
<p
    id="live"
    class="is-sr-only"
    aria-live="polite"
    hx-swap-oob="true"
>{{ $frame->spoken() }}</p>
