@include('frame.head', ['title' => $page->document->title().', sheet', 'preference' => $page->preference])
<body class="print-page"><nav class="no-print row" aria-label="The sheet"><button class="button is-primary" type="button" data-print>Print</button> <a class="button" href="{{ $page->url(['station' => 'handover']) }}">Back to the bench</a></nav>
<main class="sheet">@include('print.body')</main></body></html>
