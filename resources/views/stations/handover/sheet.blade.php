@include('frame.head', [
    'title' => $frame->document->title() . ', sheet',
    'preference' => $frame->preference,
])

<body class="print-page">
    <link
        rel="stylesheet"
        href="{{ route('handover.head', $frame->build, false) }}"
    >
    <nav
        class="no-print row"
        aria-label="The sheet"
    ><button
            class="button is-primary"
            type="button"
            data-print
        >Print</button> <a
            class="button"
            href="{{ $frame->url(['station' => 'handover']) }}"
        >Back to the bench</a></nav>
    <main class="sheet">
        <header>
            <h1>{{ $frame->document->title() }}</h1>
            <p class="muted">As kept {{ App\Support\WallClock::day($frame->build->changed_at) }} · revision
                {{ $frame->base }} · {{ str_replace('_', ' ', $frame->document->fields()->text('place')) }}</p>
        </header>
        @include('stations.handover.sections', ['sheet' => $page->sheet()->sheet])
    </main>
</body>

</html>
