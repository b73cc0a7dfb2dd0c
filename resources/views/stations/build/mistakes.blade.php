@php($slips = array_filter($frame->document->fields()->objects('log'), fn($e) => $e->isA('mistake')))
<details
    class="folded"
    id="mistakes"
>
    <summary>Mistakes ({{ count($slips) }})</summary>
    <ul>
        @foreach ($slips as $slip)
            <li><b>{{ ucfirst(str_replace('_', ' ', $slip->text('cause'))) }}</b>{{ $slip->text('text') === '' ? '' : ': ' . $slip->text('text') }}{{ $slip->numberOrNull('minutes') === null ? '' : ', ' . BenchGlow\Quantity\Shown::plain($slip->number('minutes'), 0) . ' min' }}
            </li>
        @endforeach
    </ul>
    @if ($slips === [])
        <p class="muted">None yet. What goes wrong is written down where it happens, and reminds the next time.</p>
    @endif
</details>
