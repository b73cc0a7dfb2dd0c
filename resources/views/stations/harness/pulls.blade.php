@php($pulls = $page->pulls())
@if ($pulls !== [])
    <details class="layout-more">
        <summary>Pull tests, {{ count(array_filter($pulls, fn($p) => $p['held'])) }} of {{ count($pulls) }} held
        </summary>
        <ul class="pulls">
            @foreach ($pulls as $pull)
                <li>{{ $pull['words'] }}: {{ $pull['n'] }} N,
                    {{ BenchGlow\Quantity\Shown::plain($pull['n'] / 10, 1) }} kg on a
                    hand scale.
                    @if ($pull['held'])
                        <b>held</b>
                    @else
                        <x-act :edit="$pull['edit']">Held</x-act>
                    @endif
                </li>
            @endforeach
        </ul>
    </details>
@endif
