<section class="loom-part">
    <details class="layout-more">
        <summary>Sheets to print</summary>
        <p>Labels, true size:
            @foreach (['a4' => 'A4', 'letter' => 'Letter'] as $paper => $label)
                <a
                    href="{{ $frame->to('harness.paper', 'labels', 'pdf') }}&paper={{ $paper }}">{{ $label }}</a>
            @endforeach
            · List of wires:
            @foreach (['a4' => 'A4', 'letter' => 'Letter'] as $paper => $label)
                <a
                    href="{{ $frame->to('harness.paper', 'wires', 'pdf') }}&paper={{ $paper }}">{{ $label }}</a>
            @endforeach
            <a href="{{ $frame->to('harness.paper', 'wires', 'csv') }}">as a table</a>
            · <a href="{{ $frame->to('harness.paper', 'loom', 'svg') }}">The loom as a drawing</a>
            · <a href="{{ $frame->to('harness.paper', 'cuts', 'csv') }}">Cuts as a table</a>
        </p>
        <p class="muted">Print at 100 % and measure the bar. Each label goes once round its wire at either end; the fuse
            stays
            out until every joint is sealed.</p>
    </details>
</section>
