@foreach ($sheet->sections() as $n => $section)
    <section @class(['sheet-circuit' => $section->flag !== ''])>
        <h2>
            @if ($section->flag !== '')
                <span class="flag-tag">{{ $section->flag }}</span>
            @endif
            {{ $section->title }}
        </h2>
        @foreach ($section->parts as $m => $part)
            @include('stations.handover.part', ['id' => "sheet-{$n}-{$m}"])
        @endforeach
    </section>
@endforeach
