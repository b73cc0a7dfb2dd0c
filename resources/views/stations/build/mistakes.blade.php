@php($slips = $page->slips())
<details
    class="folded"
    id="mistakes"
>
    <summary>Mistakes ({{ count($slips) }})</summary>
    <ul>
        @foreach ($slips as [$cause, $told])
            <li><b>{{ $cause }}</b>{{ $told === '' ? '' : ": {$told}" }}</li>
        @endforeach
    </ul>
    @if ($slips === [])
        <p class="muted">None yet. What goes wrong is written down where it happens, and is said again where it could
            happen again.</p>
    @endif
</details>
