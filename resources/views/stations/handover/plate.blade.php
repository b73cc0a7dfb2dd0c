<div class="row hand-tools">
    <a
        class="button is-primary"
        href="{{ route('handover.sheet', $frame->build, false) }}"
    >Print the sheet</a>
    @if ($page->handedOver())
        <p class="handed">Revision {{ $frame->base }} is the one handed over.</p>
    @else
        <form
            method="post"
            action="{{ route('handover.hand', $frame->build, false) }}"
        >
            @csrf
            <button class="button">Hand over this revision</button>
        </form>
    @endif
    <a
        class="button"
        href="{{ route('handover.export', $frame->build, false) }}"
    >Save the build file</a>
</div>
<details class="hand-tools">
    <summary>Lists, states, netlist and drawings to save</summary>
    <ul class="saves">
        <li>Parts list as CSV: <a href="{{ route('handover.parts', $frame->build, false) }}">plain</a>, <a
                href="{{ route('handover.parts', $frame->build, false) }}?mark=1"
            >with a mark for spreadsheets</a></li>
        <li>Every state as CSV: <a href="{{ route('handover.states', $frame->build, false) }}">plain</a>, <a
                href="{{ route('handover.states', $frame->build, false) }}?mark=1"
            >with a mark for spreadsheets</a></li>
        <li><a href="{{ route('handover.lists', $frame->build, false) }}">Which wire is which, spare amps, distances, as
                JSON</a></li>
        @php($phases = $page->phases())
        @foreach ($phases as $n => $phase)
            <li><a href="{{ $page->netlistUrl($n + 1) }}">Netlist of the situation on the
                    bench{{ count($phases) > 1 ? ', ' . $phase : '' }}</a></li>
        @endforeach
        @foreach ($frame->analysis->build->circuits as $circuit)
            <li><a
                    href="{{ route('handover.drawing', $frame->build, false) }}?c={{ $circuit->id }}&amp;s={{ $frame->supply }}">Drawing
                    of {{ $circuit->label }} as SVG</a></li>
        @endforeach
    </ul>
</details>
<article class="sheet">@panel('stations.handover.body')</article>
