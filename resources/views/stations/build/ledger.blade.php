@php($ledger = new BenchGlow\Steps\Ledger($page->plan->build))
<details
    class="folded"
    id="ledger"
>
    <summary data-build-key="g">Ledger</summary>
    @foreach ($ledger->order as $n => $panel)
        @php([$back, $all] = $ledger->counted($panel))
        <h3>{{ $n + 1 }}. {{ BenchGlow\Quantity\Words::first($page->plan->build->panels[$panel]->label) }}
            <small class="muted">{{ $all === 0 ? 'no fastener written down' : "{$back} of {$all} back" }}</small>
        </h3>
        <ul class="fasteners">
            @foreach ($ledger->of($panel) as $fastener)
                @include('stations.build.fastener')
            @endforeach
        </ul>
        @include('stations.build.fastener-form')
        @include('stations.build.photos', ['photos' => $page->beside->of($panel)])
        <details class="layout-more">
            <summary>A picture of it</summary>
            @include('stations.build.photo', ['id' => "panel-{$n}-photo", 'with' => ['about' => $panel]])
        </details>
    @endforeach
    @if ($ledger->order === [])
        <p class="muted">Nothing of the host has to come off, as far as is said.</p>
    @endif
    @if (($buy = $page->ledger->toBuy($ledger)) !== '')
        <p>To buy, with what is to spare: {{ $buy }}.</p>
    @endif
    @include('stations.build.panels')
    <p class="papers"><a
            class="button is-small"
            href="{{ $frame->to('build.paper', 'tray', 'pdf') }}"
        >Tray sheet, true size</a></p>
</details>
