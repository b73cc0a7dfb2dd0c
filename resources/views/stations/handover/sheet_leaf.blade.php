@php($leaf = $page->sheet())
<div class="row hand-tools">
    <a
        class="button is-primary"
        data-leaf-print
        href="{{ route('handover.sheet', $frame->build, false) }}"
    >Print the sheet</a>
    <a
        class="button"
        href="{{ route('handover.file', $frame->build, false) }}"
    >One file for any phone</a>
    <a
        class="button"
        href="{{ route('handover.paper', $frame->build, false) }}"
    >As PDF</a>
    <a
        class="button"
        href="{{ route('handover.export', $frame->build, false) }}"
    >Save the build file</a>
</div>
@if (BenchGlow\AsBuilt\Hands::words($frame->document) !== '')
    @php($named = $frame->document->fields()->object('handover')->flag('names'))
    <x-act :edit="new BenchGlow\Edit\SetField('build', 'handover.names', !$named)">
        {{ $named ? 'Leave names off the sheet' : 'Say on the sheet who did what' }}</x-act>
@endif
<details class="hand-tools">
    <summary>Lists, states, netlist, drawings and the archive to save</summary>
    <ul class="saves">
        <li>Parts list as CSV: <a href="{{ route('handover.parts', $frame->build, false) }}">plain</a>, <a
                href="{{ route('handover.parts', $frame->build, false) }}?mark=1"
            >with a mark for spreadsheets</a></li>
        <li>Every state as CSV: <a href="{{ route('handover.states', $frame->build, false) }}">plain</a>, <a
                href="{{ route('handover.states', $frame->build, false) }}?mark=1"
            >with a mark for spreadsheets</a></li>
        <li><a href="{{ route('handover.lists', $frame->build, false) }}">Which wire is which, spare amps, distances, as
                JSON</a></li>
        @php($phases = $leaf->phases())
        @foreach ($phases as $n => $phase)
            <li><a href="{{ $leaf->netlistUrl($n + 1) }}">Netlist of the situation on the
                    bench{{ count($phases) > 1 ? ', ' . $phase : '' }}</a></li>
        @endforeach
        @foreach ($frame->analysis->build->circuits as $circuit)
            <li><a
                    href="{{ route('handover.drawing', $frame->build, false) }}?c={{ $circuit->id }}&amp;s={{ $frame->supply }}">Drawing
                    of {{ $circuit->label }} as SVG</a></li>
        @endforeach
        <li><a href="{{ route('handover.archive', $frame->build, false) }}">Archive: every change, the record, all
                pictures</a></li>
    </ul>
</details>
@include('stations.handover.isolate', ['whole' => $leaf->sheet->whole, 'each' => $leaf->sheet->isolated])
<article class="sheet">@include('stations.handover.sections', ['sheet' => $leaf->sheet])</article>
