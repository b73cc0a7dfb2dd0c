@php($slips = $page->slips())
<details
    class="folded"
    id="mistakes"
>
    <summary>Mistakes and what they changed ({{ count($slips) }})</summary>
    <ul>
        @foreach ($slips as [$cause, $told])
            <li><b>{{ $cause }}</b>{{ $told === '' ? '' : ": {$told}" }}</li>
        @endforeach
    </ul>
    @if (($changes = $page->beside->changes()) !== [])
        <h3>What they changed</h3>
        <ul>
            @foreach ($changes as [$cause, $what, $back, $edit])
                <li>{{ $cause }}: {{ $what }}
                    @if ($back)
                        <span class="muted">(put back)</span>
                    @endif
                    <x-act
                        :edit="$edit"
                        class="is-small"
                    >{{ $back ? 'Let it change that' : 'Put it back' }}</x-act>
                </li>
            @endforeach
        </ul>
    @endif
    @foreach ($page->beside->insteadOfTape() as [$words, $edit])
        <x-act
            :edit="$edit"
            class="is-small"
        >{{ $words }}</x-act>
    @endforeach
    @if ($slips === [])
        <p class="muted">None yet. What goes wrong is written down where it happens, and is said again where it could
            happen again.</p>
    @endif
</details>
