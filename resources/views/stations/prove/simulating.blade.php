@php($all = count($page->proof->table->faults))
<h1 class="sentence">Every fault this circuit can have is tried: {{ $page->proof->done() }} of {{ $all }}.</h1>
<p class="muted">What each would show tells which situations matter, and what explains a dark lamp later.
    @if ($page->stopped)
        <a
            href="{{ $frame->to('prove.simulated') }}"
            hx-get="{{ $frame->to('prove.simulated') }}"
            hx-target="#proof"
            hx-swap="outerHTML"
        >Go on</a>
    @else
        <a
            href="{{ $frame->to('prove.simulated') }}&stop=1"
            hx-get="{{ $frame->to('prove.simulated') }}&stop=1"
            hx-target="#proof"
            hx-swap="outerHTML"
        >Stop</a>
        <span
            hx-get="{{ $frame->to('prove.simulated') }}"
            hx-trigger="load delay:20ms, every 8s"
            hx-target="#proof"
            hx-swap="outerHTML"
        ></span>
    @endif
</p>
