@php($switches = $row->switches($of))
@if ($switches === [])
    {{ $page->words($other) }}
@else
    <span class="thrown">
        @foreach ($switches as [$label, $position, $rests])
            <span><x-blade :made="!$rests" />{{ $label }} {{ $position }}</span>
        @endforeach
    </span>
@endif
