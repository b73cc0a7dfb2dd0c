{{ $page?->short() }}
