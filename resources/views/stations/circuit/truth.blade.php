@php($rows = $page->live->truth())
@php($wrong = count(array_filter($rows, fn($r) => !$r->right)))
@if ($rows !== [])
    <details
        class="truth"
        @if ($wrong > 0) open @endif
    >
        <summary>
            {{ $wrong > 0 ? $wrong . ' of ' . count($rows) . ' situations are not as they should be' : 'Every situation, as it should be and as it is (' . count($rows) . ')' }}
        </summary>
        <ol>
            @foreach (array_slice($rows, 0, 24) as $row)
                <li @class(['wrong-row' => !$row->right, 'open-row' => !$row->judged])><a
                        href="{{ $frame->url(['i' => null], array_merge($frame->analysis->build->restPositions(), $row->inputs)) }}"
                        hx-get="{{ $frame->url(['i' => null], array_merge($frame->analysis->build->restPositions(), $row->inputs)) }}"
                        hx-swap="none"
                        title="Throw it so"
                    ><b>{{ BenchGlow\Quantity\Words::first($row->when) }}:</b></a>
                    {{ $frame->names()->sentence(implode('; ', $row->says) . ($row->because === [] ? '' : ': ' . implode(', ', $row->because)) . '.') }}
                </li>
            @endforeach
        </ol>
        @if (count($rows) > 24)
            <p class="muted">And {{ count($rows) - 24 }} more, all as they should be; the whole table is in <a
                    href="{{ route('circuit.states', $frame->build, false) }}"
                >states.csv</a>.</p>
        @endif
    </details>
@endif
