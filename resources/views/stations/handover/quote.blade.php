@php($leaf = $page->price())
@include('frame.head', [
    'title' => $frame->document->title() . ', price',
    'preference' => $frame->preference,
])

<body class="print-page">
    @include('stations.handover.print_nav', [
        'of' => 'The price',
        'back' => $page->url(App\Stations\HandOver\Leaf::Price),
    ])
    <main class="sheet">
        <h1>{{ $frame->document->title() }}</h1>
        <p class="price-sentence">{{ $leaf->said($leaf->cost->said($leaf->cost->net())) }}</p>
        <p>{{ $leaf->taxed() === '' ? '' : ucfirst($leaf->taxed()) . '.' }}
            {{ $leaf->quote->text('valid_until') === '' ? '' : 'Valid until ' . $leaf->quote->text('valid_until') . '.' }}
        </p>
        @if ($leaf->options() !== [])
            <h2>What you can pick</h2>
            @foreach ($leaf->groups() as $group)
                @if (count($group) > 1)
                    <p class="muted">One of these:</p>
                @endif
                <ul @class(['options', 'bracket' => count($group) > 1])>
                    @foreach ($group as $option)
                        <li><span class="box">{{ $option->chosen ? '✓' : '' }}</span> {{ $option->label }}
                            <b
                                class="figure">{{ $option->chosen ? 'in the price' : $leaf->difference($option->amount) }}</b>
                            <span class="figure">{{ $option->code }}</span>
                            @if ($option->text !== '')
                                <p>{{ $option->text }}</p>
                            @endif
                            @foreach ($option->changes as $change)
                                <p class="muted">{{ $change }}</p>
                            @endforeach
                        </li>
                    @endforeach
                </ul>
            @endforeach
            <p>Say the codes of what you pick, by telephone or letter; each has its check letter.</p>
        @endif
    </main>
</body>

</html>
