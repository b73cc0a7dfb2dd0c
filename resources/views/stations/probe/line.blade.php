{{ $page?->keptWords() }}
