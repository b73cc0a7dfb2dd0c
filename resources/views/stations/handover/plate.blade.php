<div class="row hand-tools">
    <a
        class="button is-primary"
        href="{{ route('handover.sheet', $frame->build, false) }}"
    >Print the sheet</a> <a
        class="button"
        href="{{ route('handover.export', $frame->build, false) }}"
    >Save the build file</a> <a
        class="button"
        href="{{ route('handover.parts', $frame->build, false) }}"
    >Parts list as CSV</a>
    @if ($frame->circuit)
        <a
            class="button"
            href="{{ route('handover.drawing', $frame->build, false) }}?c={{ $frame->circuit->id }}&amp;s={{ $frame->supply }}"
        >Drawing of {{ $frame->circuit->label }} as SVG</a>
    @endif
</div>
<article class="sheet">@include('stations.handover.body')</article>
