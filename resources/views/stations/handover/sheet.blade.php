@include('frame.head', [
    'title' => $frame->document->title() . ', sheet',
    'preference' => $frame->preference,
])

<body class="print-page">
    <link
        rel="stylesheet"
        href="{{ route('handover.head', $frame->build, false) }}"
    >
    @include('stations.handover.print_nav', [
        'of' => 'The sheet',
        'back' => $frame->url(['station' => 'handover']),
    ])
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
